<?php

declare(strict_types=1);

namespace App\Work;

/** A point of the ground between two marks that stands over both. */
final readonly class Crest
{
    /** What is less nobody measures in a yard. */
    public const LEAST_M = 0.02;

    /** @param float $over metres over the higher of the two marks */
    public function __construct(public string $point, public float $over)
    {
    }
}
