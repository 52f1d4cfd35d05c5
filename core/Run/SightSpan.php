<?php

declare(strict_types=1);

namespace Jurvex\Core\Run;

use Jurvex\Core\Measure\Length;

final readonly class SightSpan
{
    public function __construct(public Length $from, public Length $to, public Sight $sight)
    {
    }

    public function lengthMetres(): float
    {
        return $this->to->metres - $this->from->metres;
    }

    /** Metres that it shares with a stretch. */
    public function sharedMetres(Length $from, Length $to): float
    {
        return max(0.0, min($this->to->metres, $to->metres) - max($this->from->metres, $from->metres));
    }
}
