<?php

declare(strict_types=1);

namespace App\Office;

use App\Firm\DistanceType;
use App\Firm\QuantityType;
use App\Firm\ToolHead;
use App\Support\Units\Quantity;
use Jurvex\Core\Clear\Head;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\EnumType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

final class ToolHeadForm extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $builder
            ->add('name', TextType::class, ['empty_data' => '', 'required' => false, 'label' => 'label.headName'])
            ->add('class', EnumType::class, [
                'class' => Head::class, 'choice_label' => static fn (Head $head) => 'clear_head.'.$head->value,
                'placeholder' => 'kit.no_class', 'required' => false, 'label' => 'label.headClass',
            ])
            ->add('diameterMm', DistanceType::class, ['small' => true, 'required' => false, 'label' => 'label.headDiameterMm'])
            ->add('rigidLengthMm', DistanceType::class, ['small' => true, 'required' => false])
            ->add('skidMm', DistanceType::class, ['small' => true, 'required' => false])
            ->add('windowMm', DistanceType::class, ['small' => true, 'required' => false])
            ->add('forceN', QuantityType::class, ['of' => Quantity::Force, 'required' => false]);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        // A row that stays empty is no head.
        $resolver->setDefaults(['data_class' => ToolHead::class, 'label_format' => 'label.%name%', 'required' => false]);
    }
}
