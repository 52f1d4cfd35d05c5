<?php

declare(strict_types=1);

namespace Jurvex\Core\Camera;

/** Standing water that an invert must hold: metres along the run, deepest in metres, volume in m³. */
final readonly class Pool
{
    public function __construct(public float $from, public float $to, public float $deepest, public float $volume)
    {
    }
}
