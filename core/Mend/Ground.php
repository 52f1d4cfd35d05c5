<?php

declare(strict_types=1);

namespace Jurvex\Core\Mend;

/** What lies over a stretch of the line, and how deep the pipe is there. */
final readonly class Ground
{
    public function __construct(public float $from, public float $to, public string $surface, public float $depth)
    {
    }

    /** Metres of a stretch that lie under it. */
    public function within(float $from, float $to): float
    {
        return max(0.0, min($to, $this->to) - max($from, $this->from));
    }
}
