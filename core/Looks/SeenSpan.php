<?php

declare(strict_types=1);

namespace Jurvex\Core\Looks;

use Jurvex\Core\Run\Sight;

/** A stretch of a pipe, and how well a look saw it; in metres from the pipe's upper end. */
final readonly class SeenSpan
{
    public function __construct(public string $pipe, public float $from, public float $to, public Sight $sight)
    {
    }

    public function lies(string $pipe): bool
    {
        return $this->pipe === $pipe;
    }
}
