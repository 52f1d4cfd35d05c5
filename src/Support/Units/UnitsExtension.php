<?php

declare(strict_types=1);

namespace App\Support\Units;

use Twig\Extension\AbstractExtension;
use Twig\TwigFilter;

final class UnitsExtension extends AbstractExtension
{
    public function __construct(private readonly Formatter $formatter)
    {
    }

    public function getFilters(): array
    {
        return [
            new TwigFilter('distance', $this->formatter->distance(...)),
            new TwigFilter('bare_distance', $this->formatter->bareDistance(...)),
            new TwigFilter('small', $this->formatter->small(...)),
            new TwigFilter('fall', $this->formatter->fall(...)),
            new TwigFilter('volume', $this->formatter->volume(...)),
            new TwigFilter('size', $this->formatter->size(...)),
            new TwigFilter('clock', $this->formatter->clock(...)),
        ];
    }
}
