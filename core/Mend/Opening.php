<?php

declare(strict_types=1);

namespace Jurvex\Core\Mend;

/** A work that begins with one repair and goes to the end of another. */
final readonly class Opening
{
    /**
     * @param bool $lines whether it is a liner, and mends only what can be lined
     * @param int $reach rank of the last end that it covers
     * @param float $weight low and high of its price together
     */
    public function __construct(
        public Method $method, public int $first, public bool $lines, public int $reach, public float $weight,
    ) {
    }
}
