<?php

declare(strict_types=1);

namespace App\Support\Units;

use Jurvex\Core\Measure\UnitSystem;
use Twig\Extension\AbstractExtension;
use Twig\TwigFilter;
use Twig\TwigFunction;

final class UnitsExtension extends AbstractExtension
{
    public function __construct(private readonly Formatter $formatter)
    {
    }

    public function getFunctions(): array
    {
        return [
            new TwigFunction(
                'field_unit', static fn (string $name, UnitSystem $units) => Quantity::ofField('_'.$name)?->unit($units) ?? '',
            ),
            new TwigFunction(
                'in_units',
                static fn (float $value, string $of, UnitSystem $units) => FieldValues::one($value, Quantity::from($of), $units),
            ),
            new TwigFunction('field_values', FieldValues::shown(...)),
        ];
    }

    public function getFilters(): array
    {
        return [
            new TwigFilter('distance', $this->formatter->distance(...)),
            new TwigFilter('bare_distance', $this->formatter->bareDistance(...)),
            new TwigFilter('small', $this->formatter->small(...)),
            new TwigFilter('bare_small', $this->formatter->bareSmall(...)),
            new TwigFilter('quantity', $this->formatter->quantity(...)),
            new TwigFilter('fall', $this->formatter->fall(...)),
            new TwigFilter('volume', $this->formatter->volume(...)),
            new TwigFilter('size', $this->formatter->size(...)),
            new TwigFilter('clock', $this->formatter->clock(...)),
        ];
    }
}
