<?php

declare(strict_types=1);

namespace App\HandOver;

use App\Record\Job;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\DateType;
use Symfony\Component\Form\Extension\Core\Type\TextareaType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;
use Symfony\Component\Validator\Constraints as Assert;

/** What the technician tells the customer beside the findings. */
final class AdviceForm extends AbstractType
{
    /** @return array<string, mixed> */
    public static function sheetOf(Job $job): array
    {
        return [
            'advice' => $job->outcome()->advice(), 'upkeep' => $job->outcome()->upkeep(), 'upkeepDueOn' => $job->outcome()->upkeepDueOn(),
            'seenAround' => $job->outcome()->seenAround(), 'lookClosedBecause' => $job->outcome()->lookClosedBecause(),
        ];
    }

    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $words = ['empty_data' => '', 'required' => false, 'constraints' => [new Assert\Length(max: 4000, maxMessage: 'error.too_long')]];
        $builder
            ->add('advice', TextareaType::class, $words)
            ->add('upkeep', TextType::class, $words)
            ->add('upkeepDueOn', DateType::class, [
                'required' => false,
                'widget' => 'single_text',
                'input' => 'datetime_immutable',
                'invalid_message' => 'error.date',
            ])
            ->add('seenAround', TextareaType::class, $words)
            ->add('lookClosedBecause', TextType::class, $words);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['label_format' => 'label.%name%', 'guarded' => true]);
    }
}
