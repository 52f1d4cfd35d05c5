<?php

declare(strict_types=1);

namespace App\Support\Wording;

use Psr\Cache\CacheItemPoolInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Contracts\Translation\LocaleAwareInterface;
use Symfony\Contracts\Translation\TranslatorInterface;
use Twig\Extension\AbstractExtension;
use Twig\TwigFilter;

/** `date|when('EEEEdMMMM')`: a date in the reader's language, from the parts that are wanted (an ICU skeleton). */
final class DateExtension extends AbstractExtension
{
    /** @var array<string, \IntlDateFormatter> */
    private array $formatters = [];

    /** @var array<string, string> a page says the same day over and over */
    private array $said = [];

    /** @param TranslatorInterface&LocaleAwareInterface $translator */
    public function __construct(
        private readonly TranslatorInterface $translator,
        #[Autowire(service: 'cache.system')] private readonly CacheItemPoolInterface $patterns,
    ) {
    }

    public function getFilters(): array
    {
        return [new TwigFilter('when', [$this, 'when'])];
    }

    /** Times are UTC unless a zone is named; dates without a time are what they are. */
    public function when(\DateTimeInterface $date, string $parts, string $zone = 'UTC'): string
    {
        $as = $this->translator->getLocale().$parts.$zone;

        $formatter = $this->formatters[$as] ??= $this->formatter($parts, $zone);

        return $this->said[$as.$date->getTimestamp()] ??= (string) $formatter->format($date);
    }

    /** The locale's own order of the parts. ICU takes a millisecond and more to find it, so it is kept. */
    private function pattern(string $locale, string $parts): string
    {
        $kept = $this->patterns->getItem('date_pattern.'.$locale.'.'.$parts);
        $pattern = $kept->get();
        if (!\is_string($pattern)) {
            $pattern = (new \IntlDatePatternGenerator($locale))->getBestPattern($parts) ?: 'y-MM-dd';
            $this->patterns->save($kept->set($pattern));
        }

        return $pattern;
    }

    private function formatter(string $parts, string $zone): \IntlDateFormatter
    {
        $locale = $this->translator->getLocale();
        // English without a country would be American; the house writes the day first.
        $locale = 'en' === $locale ? 'en_GB' : $locale;

        return new \IntlDateFormatter(
            $locale, \IntlDateFormatter::NONE, \IntlDateFormatter::NONE, $zone, null, $this->pattern($locale, $parts),
        );
    }
}
