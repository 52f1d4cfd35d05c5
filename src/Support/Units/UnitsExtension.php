<?php

declare(strict_types=1);

namespace App\Support\Units;

use App\Support\Wording\FactWords;
use Jurvex\Core\Finding\Fact;
use Jurvex\Core\Judge\Need;
use Jurvex\Core\Measure\UnitSystem;
use Symfony\Contracts\Translation\TranslatorInterface;
use Twig\Extension\AbstractExtension;
use Twig\TwigFilter;
use Twig\TwigFunction;

final class UnitsExtension extends AbstractExtension
{
    public function __construct(private readonly Formatter $formatter, private readonly TranslatorInterface $translator)
    {
    }

    public function getFunctions(): array
    {
        return [
            new TwigFunction('fact_words', $this->factInWords(...)),
            new TwigFunction('enum_need', Need::from(...)),
            new TwigFunction('enum_needs', Need::cases(...)),
        ];
    }

    public function getFilters(): array
    {
        return [
            new TwigFilter('distance', $this->formatter->distance(...)),
            new TwigFilter('bare_distance', $this->formatter->bareDistance(...)),
            new TwigFilter('small', $this->formatter->small(...)),
            new TwigFilter('size', $this->formatter->size(...)),
            new TwigFilter('clock', $this->formatter->clock(...)),
            new TwigFilter('named', fn (mixed $value, string $name, UnitSystem $units) => $this->named($name, $value, $units)),
        ];
    }

    private function factInWords(string $code, string|float $value): string
    {
        $fact = Fact::from($code);

        return $this->translator->trans('fact.'.$code).': '.($this->choice($fact, $value) ?? $value);
    }

    private function named(string $name, mixed $value, UnitSystem $units): string
    {
        $fact = Fact::tryFrom($name);
        if (\is_string($value) && \in_array($name, ['material', 'material_before'], true)) {
            return $this->translator->trans('material.'.$value);
        }
        if (null !== $fact && \is_string($value)) {
            return $this->choice($fact, $value) ?? $value;
        }

        return $this->formatter->named(
            $name,
            \is_int($value) ? (float) $value : (\is_float($value) || \is_string($value) ? $value : null),
            $units,
        );
    }

    private function choice(Fact $fact, string|float $value): ?string
    {
        return [] === $fact->choices() ? null : $this->translator->trans(FactWords::key($fact, (string) $value));
    }
}
