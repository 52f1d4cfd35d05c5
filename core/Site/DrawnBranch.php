<?php

declare(strict_types=1);

namespace Jurvex\Core\Site;

/** Where something ties in, between two marks of the line. */
final readonly class DrawnBranch
{
    /** @param float $along metres along the line */
    public function __construct(public string $name, public float $along, public Place $place)
    {
    }
}
