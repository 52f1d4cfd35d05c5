<?php

declare(strict_types=1);

namespace Jurvex\Core\Mend;

use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;

/** What it costs to dig to the pipe, by length, depth and what lies over it. */
final readonly class DiggingPrices
{
    /** @param array<string, Price> $surfaces by metre */
    public function __construct(
        public Price $start, private Price $perMetre, private Price $perMetreOfDepth, private array $surfaces,
    ) {
    }

    /** @throws BadInput for what is missing or cannot be, at its place */
    public static function read(Input $of): self
    {
        $surfaces = new Input($of->map('surface_per_m'), $of->at('surface_per_m'));
        $prices = [];
        foreach (array_keys($of->map('surface_per_m')) as $surface) {
            $prices[(string) $surface] = Price::read($surfaces, (string) $surface);
        }

        return new self(Price::read($of, 'start'), Price::read($of, 'per_m'), Price::read($of, 'per_m_depth'), $prices);
    }

    public function startingWith(Price $more): self
    {
        return new self($this->start->plus($more), $this->perMetre, $this->perMetreOfDepth, $this->surfaces);
    }

    public function metreUnder(Ground $ground): Price
    {
        return $this->perMetre->plus($this->perMetreOfDepth->times($ground->depth))->plus($this->surfaces[$ground->surface]);
    }
}
