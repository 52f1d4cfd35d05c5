<?php

declare(strict_types=1);

namespace App\Support\Form;

use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\EnumType;
use Symfony\Component\OptionsResolver\Options;
use Symfony\Component\OptionsResolver\OptionsResolver;

/** A choice among a code list's cases as big buttons; the words are found under `words`. */
final class PickType extends AbstractType
{
    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setRequired('words')->setAllowedTypes('words', 'string');
        $resolver->setDefaults([
            'expanded' => true,
            'placeholder' => false,
            'choice_label' => static fn (Options $options) => static fn (\BackedEnum $case) => (\is_string($options['words']) ? $options['words'] : '')
                .'.'.$case->value,
        ]);
    }

    public function getParent(): string
    {
        return EnumType::class;
    }
}
