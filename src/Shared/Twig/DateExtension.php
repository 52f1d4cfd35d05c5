<?php

declare(strict_types=1);

namespace App\Shared\Twig;

use Symfony\Contracts\Translation\LocaleAwareInterface;
use Symfony\Contracts\Translation\TranslatorInterface;
use Twig\Extension\AbstractExtension;
use Twig\TwigFilter;

/** `date|when('EEEEdMMMM')`: a date in the reader's language, from the parts that are wanted (an ICU skeleton). */
final class DateExtension extends AbstractExtension
{
    /** @var array<string, \IntlDateFormatter> */
    private array $formatters = [];

    /** @param TranslatorInterface&LocaleAwareInterface $translator */
    public function __construct(private readonly TranslatorInterface $translator)
    {
    }

    public function getFilters(): array
    {
        return [new TwigFilter('when', $this->when(...))];
    }

    /** Times are UTC unless a zone is named; dates without a time are what they are. */
    private function when(\DateTimeInterface $date, string $parts, string $zone = 'UTC'): string
    {
        $formatter = $this->formatters[$parts.$zone] ??= $this->formatter($parts, $zone);

        return (string) $formatter->format($date);
    }

    private function formatter(string $parts, string $zone): \IntlDateFormatter
    {
        $locale = $this->translator->getLocale();
        // English without a country would be American; the house writes the day first.
        $locale = 'en' === $locale ? 'en_GB' : $locale;
        $pattern = (new \IntlDatePatternGenerator($locale))->getBestPattern($parts);

        return new \IntlDateFormatter($locale, \IntlDateFormatter::NONE, \IntlDateFormatter::NONE, $zone, null, false === $pattern ? 'y-MM-dd' : $pattern);
    }
}
