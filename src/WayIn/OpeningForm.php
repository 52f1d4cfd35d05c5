<?php

declare(strict_types=1);

namespace App\WayIn;

use App\Firm\DistanceType;
use App\Record\Leave;
use App\Record\OpeningDetails;
use App\Record\OpeningKind;
use App\Record\OpeningState;
use App\Support\Form\PickType;
use Jurvex\Core\LineMap\Faces;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\CheckboxType;
use Symfony\Component\Form\Extension\Core\Type\ChoiceType;
use Symfony\Component\Form\Extension\Core\Type\DateType;
use Symfony\Component\Form\Extension\Core\Type\NumberType;
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
            ->add('source', SourceType::class, ['label' => 'label.openingSource'])
            ->add('bendDeg', NumberType::class, ['required' => false, 'empty_data' => '0', 'invalid_message' => 'error.number'])
            ->add('trap', CheckboxType::class, ['required' => false])
            ->add('leaning', CheckboxType::class, ['required' => false])
            ->add('fragile', TextType::class, ['required' => false, 'empty_data' => ''])
            ->add('leave', PickType::class, ['class' => Leave::class, 'words' => 'leave'])
            ->add('neighbour', CheckboxType::class, ['required' => false])
            ->add('askedWhom', TextType::class, ['required' => false, 'empty_data' => ''])
            ->add('askedOn', DateType::class, [
                'required' => false,
                'widget' => 'single_text',
                'input' => 'datetime_immutable',
                'invalid_message' => 'error.date',
            ])
            ->add('faces', PickType::class, ['class' => Faces::class, 'words' => 'faces'])
            ->add('state', PickType::class, ['class' => OpeningState::class, 'words' => 'opening_state'])
            ->add('permission', TextareaType::class, ['empty_data' => '', 'required' => false]);
        if ([] !== $options['pipes']) {
            $builder->add('on', ChoiceType::class, [
                'choices' => $options['pipes'], 'mapped' => false, 'required' => false,
                'placeholder' => 'way_in.not_on_map', 'choice_translation_domain' => false,
            ]);
        }
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => OpeningDetails::class, 'pipes' => [], 'label_format' => 'label.%name%', 'guarded' => true]);
    }
}
