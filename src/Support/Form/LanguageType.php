<?php

declare(strict_types=1);

namespace App\Support\Form;

use App\Support\Wording\Languages;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\ChoiceType;
use Symfony\Component\OptionsResolver\Options;
use Symfony\Component\OptionsResolver\OptionsResolver;
use Symfony\Contracts\Translation\TranslatorInterface;

/** One of the languages that are spoken here, each called as its speakers call it; none goes by who reads. */
final class LanguageType extends AbstractType
{
    public function __construct(private readonly Languages $languages, private readonly TranslatorInterface $translator)
    {
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults([
            'expanded' => true,
            'required' => false,
            'choices' => $this->languages->all,
            'choice_label' => fn (string $code) => $this->languages->nameOf($code),
            'choice_translation_domain' => false,
            'placeholder' => fn (Options $options) => $this->translator->trans('language.of_the_reader'),
        ]);
    }

    public function getParent(): string
    {
        return ChoiceType::class;
    }
}
