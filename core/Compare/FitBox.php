<?php

declare(strict_types=1);

namespace Jurvex\Core\Compare;

/** Fits that are alike: their stretch, and where they carry the middle of the features before, lie between two bounds. */
final readonly class FitBox
{
    /** Smaller than this its middle speaks for the whole of it, mostly. */
    private const SMALL_M = 0.1;
    /** Smaller than this nothing in it is told apart. */
    private const LEAST_M = 0.005;

    /**
     * @param float $middle half of the features before lie on either side of it
     * @param float $reach how far from it they lie, on the whole
     */
    public function __construct(
        private float $middle, private float $reach, private float $leastAt, private float $mostAt, private float $leastStretch,
        private float $mostStretch,
    ) {
    }

    /**
     * Every fit that can bring any feature to another.
     *
     * @param non-empty-list<float> $before places
     * @param non-empty-list<float> $after places
     */
    public static function around(array $before, array $after): self
    {
        $middle = self::median($before);
        $away = array_map(static fn (float $at) => abs($at - $middle), $before);
        $more = Fit::MOST_STRETCH * max($away) + Pairings::WITHIN_M;

        return new self(
            $middle, self::median($away), min($after) - $more, max($after) + $more, Fit::LEAST_STRETCH, Fit::MOST_STRETCH,
        );
    }

    /** @param non-empty-list<float> $numbers */
    private static function median(array $numbers): float
    {
        sort($numbers);

        return $numbers[intdiv(\count($numbers), 2)];
    }

    /** @return list<Pairing> no fit in the box can pair more than so many; not all of these need hold under one fit */
    public function pairs(Pairings $pairings): array
    {
        $pairs = [];
        foreach ($pairings->kinds as [$before, $after]) {
            $j = 0;
            foreach ($before as $feature) {
                $far = $feature->at - $this->middle;
                $slow = $far * ($far < 0 ? $this->mostStretch : $this->leastStretch);
                $fast = $far * ($far < 0 ? $this->leastStretch : $this->mostStretch);
                while (isset($after[$j]) && $after[$j]->at < $this->leastAt + $slow - Pairings::WITHIN_M - Pairings::HAIR) {
                    ++$j;
                }
                if (isset($after[$j]) && $after[$j]->at <= $this->mostAt + $fast + Pairings::WITHIN_M + Pairings::HAIR) {
                    $pairs[] = new Pairing($feature, $after[$j++]);
                }
            }
        }

        return $pairs;
    }

    public function isSmall(): bool
    {
        return max($this->mostAt - $this->leastAt, $this->turn()) <= self::SMALL_M;
    }

    public function isLeast(): bool
    {
        return max($this->mostAt - $this->leastAt, $this->turn()) <= self::LEAST_M;
    }

    /** @return array{self, self} cut where it is widest */
    public function halves(): array
    {
        [$at, $stretch] = [($this->leastAt + $this->mostAt) / 2, ($this->leastStretch + $this->mostStretch) / 2];
        if ($this->mostAt - $this->leastAt >= $this->turn()) {
            return [
                new self($this->middle, $this->reach, $this->leastAt, $at, $this->leastStretch, $this->mostStretch),
                new self($this->middle, $this->reach, $at, $this->mostAt, $this->leastStretch, $this->mostStretch),
            ];
        }

        return [
            new self($this->middle, $this->reach, $this->leastAt, $this->mostAt, $this->leastStretch, $stretch),
            new self($this->middle, $this->reach, $this->leastAt, $this->mostAt, $stretch, $this->mostStretch),
        ];
    }

    public function centre(): Fit
    {
        $stretch = ($this->leastStretch + $this->mostStretch) / 2;

        return Fit::by(($this->leastAt + $this->mostAt) / 2 - $stretch * $this->middle, $stretch);
    }

    /** How far the stretch moves the features, in metres. */
    private function turn(): float
    {
        return ($this->mostStretch - $this->leastStretch) * $this->reach;
    }
}
