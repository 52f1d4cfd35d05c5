<?php

declare(strict_types=1);

namespace App\WayIn;

use App\Firm\DistanceType;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\NumberType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

final class BendForm extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $builder
            ->add('degrees', NumberType::class, ['required' => false, 'invalid_message' => 'error.number', 'label' => 'label.bendDegrees'])
            ->add('atM', DistanceType::class, ['required' => false, 'label' => 'label.bendAtM'])
            ->add('radiusMm', DistanceType::class, ['small' => true, 'required' => false, 'label' => 'label.bendRadiusMm'])
            ->add('source', SourceType::class);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => BendValues::class, 'label_format' => 'label.%name%', 'required' => false]);
    }
}
