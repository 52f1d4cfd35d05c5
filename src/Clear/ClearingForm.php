<?php

declare(strict_types=1);

namespace App\Clear;

use App\Shared\Form\DistanceType;
use App\Shared\Form\PickType;
use Jurvex\Core\Clear\Blockage;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\CheckboxType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

final class ClearingForm extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $builder
            ->add('blockage', PickType::class, ['class' => Blockage::class, 'words' => 'blockage'])
            ->add('nearM', DistanceType::class, ['required' => false])
            ->add('farM', DistanceType::class, ['required' => false])
            ->add('noWater', CheckboxType::class, ['required' => false])
            ->add('fragile', CheckboxType::class, ['required' => false])
            ->add('weakFar', CheckboxType::class, ['required' => false])
            ->add('frost', CheckboxType::class, ['required' => false]);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => ClearingDetails::class, 'label_format' => 'clearing_label.%name%']);
    }
}
