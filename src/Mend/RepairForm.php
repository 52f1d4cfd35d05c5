<?php

declare(strict_types=1);

namespace App\Mend;

use App\Firm\DistanceType;
use App\Record\Ground;
use App\Record\RepairDetails;
use App\Support\Form\PickType;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\CheckboxType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

final class RepairForm extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $yes = ['required' => false];
        $builder
            ->add('surface', PickType::class, [
                'class' => Ground::class, 'words' => 'ground', 'required' => false, 'placeholder' => 'mend.as_marked',
            ])
            ->add('depthM', DistanceType::class, ['required' => false])
            ->add('underFloorM', DistanceType::class, ['required' => false])
            ->add('fromOutside', CheckboxType::class, $yes)
            ->add('fixture', CheckboxType::class, $yes)
            ->add('neighbour', CheckboxType::class, $yes)
            ->add('leftOut', CheckboxType::class, $yes)
            ->add('note', TextType::class, ['empty_data' => '', 'required' => false]);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => RepairDetails::class, 'label_format' => 'label.repair_%name%', 'guarded' => true]);
    }
}
