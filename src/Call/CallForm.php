<?php

declare(strict_types=1);

namespace App\Call;

use App\Record\CallSheet;
use App\Record\Why;
use App\Support\Form\LanguageType;
use App\Support\Form\PickType;
use Jurvex\Core\Measure\UnitSystem;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\DateType;
use Symfony\Component\Form\Extension\Core\Type\IntegerType;
use Symfony\Component\Form\Extension\Core\Type\TextareaType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

final class CallForm extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $words = ['empty_data' => '', 'required' => false];
        $builder
            ->add('why', PickType::class, ['class' => Why::class, 'words' => 'why'])
            ->add('place', TextType::class, ['empty_data' => ''])
            ->add('customer', TextType::class, ['empty_data' => ''])
            ->add('contact', TextType::class, $words)
            ->add('backsUp', TextareaType::class, $words)
            ->add('ordered', TextareaType::class, $words)
            ->add('notOrdered', TextareaType::class, $words)
            ->add('yearBuilt', IntegerType::class, ['required' => false, 'invalid_message' => 'error.whole_number'])
            ->add('plannedOn', DateType::class, [
                'required' => false,
                'widget' => 'single_text',
                'input' => 'datetime_immutable',
                'invalid_message' => 'error.date',
            ])
            ->add('turn', IntegerType::class, ['empty_data' => '1', 'invalid_message' => 'error.whole_number'])
            ->add('bring', TextareaType::class, $words)
            ->add('number', TextType::class, $words)
            ->add('customerNumber', TextType::class, $words)
            ->add('notes', TextareaType::class, $words)
            ->add('reportUnits', PickType::class, ['class' => UnitSystem::class, 'words' => 'units'])
            ->add('reportLanguage', LanguageType::class, ['invalid_message' => 'error.choose']);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => CallSheet::class, 'label_format' => 'label.%name%', 'guarded' => true]);
    }
}
