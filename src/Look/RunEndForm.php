<?php

declare(strict_types=1);

namespace App\Look;

use App\Firm\DistanceType;
use App\Support\Form\PickType;
use Jurvex\Core\Run\EndReason;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\CheckboxType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

final class RunEndForm extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $builder
            ->add('reason', PickType::class, ['class' => EndReason::class, 'words' => 'end'])
            ->add('reachedM', DistanceType::class)
            ->add('sure', CheckboxType::class, ['required' => false, 'label' => 'label.endSure'])
            ->add('note', TextType::class, ['empty_data' => '', 'required' => false, 'label' => 'label.endNote']);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => RunEnd::class, 'label_format' => 'label.%name%']);
    }
}
