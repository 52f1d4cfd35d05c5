<?php

declare(strict_types=1);

namespace App\Tests;

use Symfony\Component\DependencyInjection\Attribute\AsDecorator;
use Symfony\Component\DependencyInjection\Attribute\AutowireDecorated;
use Symfony\Component\Translation\MessageCatalogueInterface;
use Symfony\Component\Translation\TranslatorBagInterface;
use Symfony\Contracts\Translation\LocaleAwareInterface;
use Symfony\Contracts\Translation\TranslatorInterface;

/** Speaks with letters of its own while it is on, so that a word from elsewhere can be told from its words. */
#[AsDecorator('translator')]
final class PseudoTranslator implements TranslatorInterface, TranslatorBagInterface, LocaleAwareInterface
{
    public static bool $isOn = false;

    private const LETTERS = 'αβγδεζηθικλμνξοπρστυφχψωϡϟ';

    /** @param TranslatorInterface&TranslatorBagInterface&LocaleAwareInterface $inner */
    public function __construct(#[AutowireDecorated] private readonly object $inner)
    {
    }

    /** @param array<string, mixed> $parameters */
    public function trans(?string $id, array $parameters = [], ?string $domain = null, ?string $locale = null): string
    {
        $said = $this->inner->trans((string) $id, $parameters, $domain, $locale);

        // What is heard for is a pattern, not said to anybody.
        return self::$isOn && !str_starts_with((string) $id, 'cause_heard.')
            ? (string) preg_replace(
                array_map(static fn (string $letter) => "/$letter/i", range('a', 'z')), mb_str_split(self::LETTERS), $said,
            ) : $said;
    }

    public function getCatalogue(?string $locale = null): MessageCatalogueInterface
    {
        return $this->inner->getCatalogue($locale);
    }

    public function getCatalogues(): array
    {
        return $this->inner->getCatalogues();
    }

    public function setLocale(string $locale): void
    {
        $this->inner->setLocale($locale);
    }

    public function getLocale(): string
    {
        // Dates come in these letters too.
        return self::$isOn ? 'el' : $this->inner->getLocale();
    }
}
