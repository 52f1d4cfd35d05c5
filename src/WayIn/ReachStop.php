<?php

declare(strict_types=1);

namespace App\WayIn;

/** Where a tool stops, and whether it comes out again from there. */
final readonly class ReachStop
{
    /**
     * @param float $metres from the end of the pipe that it entered
     * @param ?float $pull in newtons; none where nobody knows the way
     */
    public function __construct(public string $pipe, public float $metres, public string $by, public ?float $pull, public ?bool $out)
    {
    }
}
