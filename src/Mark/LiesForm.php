<?php

declare(strict_types=1);

namespace App\Mark;

use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\NumberType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

final class LiesForm extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $number = ['required' => false, 'invalid_message' => 'error.number', 'scale' => 7, 'attr' => ['autocomplete' => 'off']];
        $builder
            ->add('bearing', NumberType::class, ['label' => 'label.siteBearing'] + $number)
            ->add('latitude', NumberType::class, ['label' => 'label.latitude'] + $number)
            ->add('longitude', NumberType::class, ['label' => 'label.longitude'] + $number);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => LiesValues::class, 'guarded' => true]);
    }
}
