<?php

declare(strict_types=1);

namespace App\Upkeep;

use Jurvex\Core\Upkeep\UpkeepWork;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\DateType;
use Symfony\Component\Form\Extension\Core\Type\EnumType;
use Symfony\Component\Form\Extension\Core\Type\IntegerType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

/** @see PlanValues */
final class PlanForm extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $builder
            ->add('work', EnumType::class, [
                'class' => UpkeepWork::class, 'required' => false, 'invalid_message' => 'error.choose',
                'placeholder' => 'label.choose', 'choice_label' => static fn (UpkeepWork $work) => 'upkeep_work.'.$work->value,
            ])
            ->add('everyMonths', IntegerType::class, ['required' => false, 'invalid_message' => 'error.months_range'])
            ->add('dueOn', DateType::class, [
                'required' => false, 'widget' => 'single_text', 'input' => 'datetime_immutable', 'invalid_message' => 'error.date',
            ])
            ->add('note', TextType::class, ['required' => false, 'empty_data' => '']);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => PlanValues::class, 'label_format' => 'label.plan_%name%', 'guarded' => true]);
    }
}
