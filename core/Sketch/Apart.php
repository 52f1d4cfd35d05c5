<?php

declare(strict_types=1);

namespace Jurvex\Core\Sketch;

/** How far a pipe is from a place: metres along the line to its near and its far end. */
final readonly class Apart
{
    public function __construct(public float $near, public float $far, public Lies $way)
    {
    }
}
