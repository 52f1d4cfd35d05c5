<?php

declare(strict_types=1);

namespace Jurvex\Core\Sketch;

/** A stretch of one pipe, in metres from its upper end. */
final readonly class PipePart
{
    public function __construct(public Pipe $pipe, public float $from, public float $to)
    {
    }
}
