<?php

declare(strict_types=1);

namespace App\Look;

use App\Firm\DistanceType;
use App\Record\OutsidePipeDetails;
use App\Record\Supports;
use App\Support\Form\PickType;
use Jurvex\Core\Finding\Material;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\NumberType;
use Symfony\Component\Form\Extension\Core\Type\TextareaType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

final class OutsideForm extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $number = ['invalid_message' => 'error.number', 'scale' => 2];
        $builder
            ->add('place', TextType::class, ['empty_data' => ''])
            ->add('lengthM', DistanceType::class)
            ->add('material', PickType::class, [
                'class' => Material::class, 'words' => 'material', 'expanded' => false, 'label' => 'label.pipeMaterial',
            ])
            ->add('boreMm', DistanceType::class, ['small' => true, 'required' => false, 'label' => 'label.trueBoreMm'])
            ->add('fallMm', DistanceType::class, ['small' => true, 'signed' => true, 'required' => false])
            ->add('levelDeg', NumberType::class, ['required' => false, ...$number])
            ->add('levelStepDeg', NumberType::class, $number)
            ->add('supports', PickType::class, ['class' => Supports::class, 'words' => 'supports'])
            ->add('note', TextareaType::class, ['empty_data' => '', 'required' => false]);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => OutsidePipeDetails::class, 'label_format' => 'label.%name%', 'guarded' => true]);
    }
}
