<?php

declare(strict_types=1);

namespace App\Clear;

use App\Firm\DistanceType;
use App\Record\FlowResult;
use App\Record\FlowTestDetails;
use App\Support\Form\PickType;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\NumberType;
use Symfony\Component\Form\Extension\Core\Type\TextareaType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

final class FlowTestForm extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $builder
            ->add('minutes', NumberType::class, ['invalid_message' => 'error.number'])
            ->add('result', PickType::class, ['class' => FlowResult::class, 'words' => 'flow'])
            ->add('levelBeforeM', DistanceType::class, ['required' => false])
            ->add('levelAfterM', DistanceType::class, ['required' => false])
            ->add('note', TextareaType::class, ['empty_data' => '', 'required' => false]);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => FlowTestDetails::class, 'label_format' => 'label.%name%', 'guarded' => true]);
    }
}
