<?php

declare(strict_types=1);

namespace Jurvex\Core\Compare;

/** How places of one look become places of another: place after = shift + stretch × place before. */
final readonly class Fit
{
    public const LEAST_STRETCH = 0.95;
    public const MOST_STRETCH = 1.05;

    /** @param list<Pairing> $pairs what it rests on */
    private function __construct(public float $shift, public float $stretch, public array $pairs = [])
    {
    }

    public static function none(): self
    {
        return new self(0.0, 1.0);
    }

    public static function by(float $shift, float $stretch): self
    {
        return new self($shift, $stretch);
    }

    /**
     * Least squares over the pairs, with the stretch kept within its bounds; one pair says nothing of the stretch.
     *
     * @param list<Pairing> $pairs
     */
    public static function over(array $pairs): self
    {
        $count = \count($pairs);
        if (0 === $count) {
            return self::none();
        }
        $before = $after = 0.0;
        foreach ($pairs as $pair) {
            $before += $pair->before->at / $count;
            $after += $pair->after->at / $count;
        }
        $spread = $together = 0.0;
        foreach ($pairs as $pair) {
            $spread += ($pair->before->at - $before) ** 2;
            $together += ($pair->before->at - $before) * ($pair->after->at - $after);
        }
        $stretch = $spread > 0 ? min(self::MOST_STRETCH, max(self::LEAST_STRETCH, $together / $spread)) : 1.0;

        return new self($after - $stretch * $before, $stretch, $pairs);
    }

    public function carried(float $before): float
    {
        return $this->shift + $this->stretch * $before;
    }

    public function carriedBack(float $after): float
    {
        return ($after - $this->shift) / $this->stretch;
    }

    public function squares(): float
    {
        return array_sum(array_map(fn (Pairing $pair) => ($this->carried($pair->before->at) - $pair->after->at) ** 2, $this->pairs));
    }

    /** Root of the mean square of what its pairs are off, in metres; nothing without pairs. */
    public function rms(): float
    {
        return [] === $this->pairs ? 0.0 : sqrt($this->squares() / \count($this->pairs));
    }

    /** More pairs are better; of as many, smaller squares; of the same, the smaller move. */
    public function isBetterThan(self $other): bool
    {
        return [\count($this->pairs), -round($this->squares(), 9), -round(abs($this->shift), 6)]
            > [\count($other->pairs), -round($other->squares(), 9), -round(abs($other->shift), 6)];
    }
}
