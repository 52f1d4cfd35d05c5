<?php

declare(strict_types=1);

namespace App\Mark;

use App\Firm\DistanceType;
use App\Support\Form\PickType;
use Jurvex\Core\Site\FixedKind;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

final class ThingForm extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $builder
            ->add('kind', PickType::class, ['class' => FixedKind::class, 'words' => 'fixed'])
            ->add('name', TextType::class, ['empty_data' => '', 'label' => 'label.thingName'])
            // A tap on the plan writes the place here.
            ->add('right', DistanceType::class, ['signed' => true, 'label' => 'label.siteRight', 'attr' => ['data-site-right' => '']])
            ->add('up', DistanceType::class, ['signed' => true, 'label' => 'label.siteUp', 'attr' => ['data-site-up' => '']]);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => ThingValues::class, 'label_format' => 'label.%name%', 'guarded' => true]);
    }
}
