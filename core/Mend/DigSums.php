<?php

declare(strict_types=1);

namespace Jurvex\Core\Mend;

use Jurvex\Core\Measure\Halving;

/** What it costs to dig from the line's beginning to a place, added up once, so that any stretch is one difference. */
final readonly class DigSums
{
    /** @var list<float> metres where a piece of ground ends, in order */
    private array $ends;

    /** @var list<Price> what it costs from the beginning up to each piece */
    private array $before;

    /** @var list<Price> of a metre of each piece */
    private array $metres;

    /** @var list<float> where each piece begins */
    private array $starts;

    /** @param list<Ground> $ground in order, without gaps */
    public function __construct(array $ground, DiggingPrices $prices)
    {
        $ends = $before = $metres = $starts = [];
        $sum = Price::nothing();
        foreach ($ground as $each) {
            $metre = $prices->metreUnder($each);
            [$starts[], $ends[], $before[], $metres[]] = [$each->from, $each->to, $sum, $metre];
            $sum = $sum->plus($metre->times(max(0.0, $each->to - $each->from)));
        }
        [$this->starts, $this->ends, $this->before, $this->metres] = [$starts, $ends, $before, $metres];
    }

    public function between(float $from, float $to): Price
    {
        [$start, $end] = [$this->upTo($from), $this->upTo($to)];

        return new Price(max(0.0, $end->low - $start->low), max(0.0, $end->high - $start->high));
    }

    private function upTo(float $at): Price
    {
        $count = \count($this->ends);
        if (0 === $count) {
            return Price::nothing();
        }
        $low = min($count - 1, Halving::firstFrom($this->ends, $at));
        $into = max(0.0, min($at, $this->ends[$low]) - $this->starts[$low]);

        return $this->before[$low]->plus($this->metres[$low]->times($into));
    }
}
