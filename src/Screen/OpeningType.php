<?php

declare(strict_types=1);

namespace App\Screen;

use App\Record\Job;
use App\Record\Opening;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\ChoiceType;
use Symfony\Component\OptionsResolver\Options;
use Symfony\Component\OptionsResolver\OptionsResolver;
use Symfony\Component\Validator\Constraints as Assert;

/** One of a job's openings, as big buttons with the places as they were written. */
final class OpeningType extends AbstractType
{
    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setRequired('job')->setAllowedTypes('job', Job::class);
        $resolver->setDefaults([
            'choices' => static fn (Options $options) => $options['job'] instanceof Job ? $options['job']->openings() : [],
            'choice_value' => static fn (?Opening $opening) => $opening?->id,
            'choice_label' => static fn (Opening $opening) => $opening->details()->place,
            'choice_translation_domain' => false,
            'expanded' => true,
            'constraints' => [new Assert\NotNull(message: 'error.choose_opening')],
        ]);
    }

    public function getParent(): string
    {
        return ChoiceType::class;
    }
}
