<?php

declare(strict_types=1);

namespace Jurvex\Core\Reach;

/** A place on a path, in metres from its start, that a tool does not pass. */
final readonly class Stop
{
    public function __construct(public float $metres, public Stopped $by)
    {
    }
}
