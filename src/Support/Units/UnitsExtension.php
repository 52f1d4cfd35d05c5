<?php

declare(strict_types=1);

namespace App\Support\Units;

use Twig\Extension\AbstractExtension;
use Twig\TwigFilter;
use Twig\TwigFunction;

final class UnitsExtension extends AbstractExtension
{
    public function getFunctions(): array
    {
        return [
            new TwigFunction('field_unit', [Formatter::class, 'unitOf']),
            new TwigFunction('in_units', [FieldValues::class, 'in']),
            new TwigFunction('field_values', [FieldValues::class, 'shown']),
        ];
    }

    public function getFilters(): array
    {
        return [
            new TwigFilter('distance', [Formatter::class, 'distance']),
            new TwigFilter('height', [Formatter::class, 'height']),
            new TwigFilter('bare_distance', [Formatter::class, 'bareDistance']),
            new TwigFilter('small', [Formatter::class, 'small']),
            new TwigFilter('bare_small', [Formatter::class, 'bareSmall']),
            new TwigFilter('quantity', [Formatter::class, 'quantity']),
            new TwigFilter('pace', [Formatter::class, 'pace']),
            new TwigFilter('fall', [Formatter::class, 'fall']),
            new TwigFilter('volume', [Formatter::class, 'volume']),
            new TwigFilter('size', [Formatter::class, 'size']),
            new TwigFilter('clock', [Formatter::class, 'clock']),
        ];
    }
}
