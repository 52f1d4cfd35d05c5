<?php

declare(strict_types=1);

namespace Jurvex\Core\Sketch;

use Jurvex\Core\Run\SightSpan;

/** A stretch of a pipe that no camera has seen well. */
final readonly class Gap
{
    public function __construct(public Pipe $pipe, public SightSpan $span)
    {
    }
}
