<?php

declare(strict_types=1);

namespace Jurvex\Core\LineMap;

use Jurvex\Core\Measure\Length;

/** How a segment enters its lower node from the side. */
final readonly class Branch
{
    public function __construct(public float $degrees, public Length $radius)
    {
    }
}
