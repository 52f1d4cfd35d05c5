<?php

declare(strict_types=1);

namespace Jurvex\Core\Compare;

/** From one place of a look to another, in metres from its zero. */
final readonly class Extent
{
    /** @param float $to not before $from */
    public function __construct(public float $from, public float $to)
    {
    }

    /** Whether a place lies in it, its ends counted in. */
    public function holds(float $at): bool
    {
        return $at >= $this->from && $at <= $this->to;
    }

    /** Metres between the two; nothing where they meet. */
    public function gapTo(self $other): float
    {
        return max(0.0, $other->from - $this->to, $this->from - $other->to);
    }
}
