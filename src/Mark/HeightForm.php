<?php

declare(strict_types=1);

namespace App\Mark;

use App\Firm\DistanceType;
use App\Record\HeightBy;
use App\Record\HeightDetails;
use App\Support\Form\PickType;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

final class HeightForm extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $point = ['empty_data' => '', 'attr' => ['list' => 'height-points', 'autocomplete' => 'off']];
        $builder
            ->add('fromPoint', TextType::class, $point)
            ->add('toPoint', TextType::class, $point)
            ->add('upM', DistanceType::class, ['signed' => true])
            ->add('how', PickType::class, ['class' => HeightBy::class, 'words' => 'height_by']);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => HeightDetails::class, 'label_format' => 'label.%name%']);
    }
}
