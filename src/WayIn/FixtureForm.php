<?php

declare(strict_types=1);

namespace App\WayIn;

use App\Firm\DistanceType;
use App\Support\Form\PickType;
use Jurvex\Core\Sketch\FixtureKind;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

final class FixtureForm extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $builder
            ->add('name', TextType::class, ['required' => false, 'empty_data' => '', 'label' => 'label.fixtureName'])
            ->add('level', DistanceType::class, ['signed' => true])->add('levelSource', SourceType::class)
            ->add('what', PickType::class, [
                'class' => FixtureKind::class,
                'words' => 'fixture',
                'expanded' => false,
                'label' => 'label.fixture',
            ]);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => FixtureValues::class, 'label_format' => 'label.%name%', 'guarded' => true]);
    }
}
