<?php

declare(strict_types=1);

namespace App\Work;

/** The same kind of trouble from two openings or ways, too far apart to be one thing and too near to be surely two. */
final readonly class Doubt
{
    /** @param float $apart in metres */
    private function __construct(public LineFinding $one, public LineFinding $other, public float $apart)
    {
    }

    /** The one that was seen first, first. */
    public static function between(LineFinding $one, LineFinding $other, float $apart): self
    {
        return $one->line->run->startedAt <= $other->line->run->startedAt
            ? new self($one, $other, $apart)
            : new self($other, $one, $apart);
    }
}
