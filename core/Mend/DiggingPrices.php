<?php

declare(strict_types=1);

namespace Jurvex\Core\Mend;

/** What it costs to dig to the pipe, by length, depth and what lies over it. */
final readonly class DiggingPrices
{
    /** @param array<string, Price> $surfaces by metre */
    public function __construct(
        public Price $start, private Price $perMetre, private Price $perMetreOfDepth, private array $surfaces,
    ) {
    }

    public function knows(string $surface): bool
    {
        return isset($this->surfaces[$surface]);
    }

    public function metreUnder(Ground $ground): Price
    {
        return $this->perMetre->plus($this->perMetreOfDepth->times($ground->depth))->plus($this->surfaces[$ground->surface]);
    }
}
