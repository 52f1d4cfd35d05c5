<?php

declare(strict_types=1);

namespace App\WayIn;

use App\Shared\Form\DistanceType;
use App\Shared\Form\PickType;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\TextareaType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

final class OpeningForm extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $builder
            ->add('kind', PickType::class, ['class' => OpeningKind::class, 'words' => 'opening'])
            ->add('place', TextType::class, ['empty_data' => ''])
            ->add('sizeMm', DistanceType::class, ['small' => true, 'required' => false])
            ->add('dropM', DistanceType::class, ['required' => false, 'empty_data' => '0'])
            ->add('faces', PickType::class, ['class' => Faces::class, 'words' => 'faces'])
            ->add('state', PickType::class, ['class' => OpeningState::class, 'words' => 'opening_state'])
            ->add('permission', TextareaType::class, ['empty_data' => '', 'required' => false]);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => OpeningDetails::class, 'label_format' => 'label.%name%']);
    }
}
