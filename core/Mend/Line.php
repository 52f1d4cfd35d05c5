<?php

declare(strict_types=1);

namespace Jurvex\Core\Mend;

/** A line to be mended: what lies over it, what ties in, where it can be cut. */
final class Line
{
    private const HAIR = 1e-9;

    /** @var list<float> in order, with both ends */
    private readonly array $cuts;

    /** @var \WeakMap<DiggingPrices, DigSums> what digging costs, by the prices */
    private readonly \WeakMap $sums;

    /**
     * @param list<Ground> $ground over the whole line
     * @param list<float> $tieIns in metres
     * @param list<float> $cuts in metres, without the ends
     */
    public function __construct(
        public readonly float $length, private readonly array $ground, private readonly array $tieIns, array $cuts,
    ) {
        $all = array_values(array_unique([0.0, ...$cuts, $length]));
        sort($all);
        $this->cuts = $all;
        $this->sums = new \WeakMap();
    }

    /**
     * The piece from cut to cut that a repair lies in. A point on a cut counts to the piece after it, at the end to the one before.
     *
     * @return array{float, float}
     */
    public function piece(Repair $repair): array
    {
        $isPoint = $repair->from === $repair->to;
        $isAtEnd = $isPoint && $repair->from >= $this->length - self::HAIR;
        $from = 0.0;
        $to = $this->length;
        foreach ($this->cuts as $cut) {
            $from = $isAtEnd ? ($cut < $this->length ? $cut : $from) : ($cut <= $repair->from + self::HAIR ? $cut : $from);
        }
        foreach (array_reverse($this->cuts) as $cut) {
            $isAfter = $isPoint ? $cut > $repair->from + self::HAIR : $cut >= $repair->to - self::HAIR;
            $to = $isAfter ? $cut : $to;
        }

        return [$from, $to];
    }

    public function digging(float $from, float $to, DiggingPrices $prices): Price
    {
        $sums = $this->sums[$prices] ??= new DigSums($this->ground, $prices);

        return $prices->start->plus($sums->between($from, $to));
    }

    /** How many tie-ins lie in a stretch, its ends included. */
    public function tieInsWithin(float $from, float $to): int
    {
        return \count(array_filter(
            $this->tieIns, static fn (float $at) => $at >= $from - self::HAIR && $at <= $to + self::HAIR,
        ));
    }
}
