<?php

declare(strict_types=1);

namespace App\Clear;

use App\Firm\DistanceType;
use App\Record\ClearingDetails;
use App\Support\Form\PickType;
use Jurvex\Core\Clear\Blockage;
use Jurvex\Core\Finding\Material;
use Jurvex\Core\Run\Travel;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\CheckboxType;
use Symfony\Component\Form\Extension\Core\Type\EnumType;
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
            ->add('material', EnumType::class, [
                'class' => Material::class,
                'choice_label' => static fn (Material $material) => 'material.'.$material->value,
                'placeholder' => 'clearing.as_mapped',
                'required' => false,
            ])
            ->add('boreMm', DistanceType::class, ['small' => true, 'required' => false])
            ->add('direction', EnumType::class, [
                'class' => Travel::class,
                'choice_label' => static fn (Travel $travel) => 'travel.'.$travel->value,
                'placeholder' => 'clearing.as_faced',
                'required' => false,
            ])
            ->add('noWater', CheckboxType::class, ['required' => false])
            ->add('fragile', CheckboxType::class, ['required' => false])
            ->add('weakFar', CheckboxType::class, ['required' => false])
            ->add('frost', CheckboxType::class, ['required' => false]);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['guarded' => true, 'data_class' => ClearingDetails::class, 'label_format' => 'clearing_label.%name%']);
    }
}
