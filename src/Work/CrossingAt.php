<?php

declare(strict_types=1);

namespace App\Work;

/** Something that ties in where somebody digs. */
final readonly class CrossingAt
{
    /** @param string $name what drains through it; empty where nobody knows */
    public function __construct(public float $at, public string $name, public ?float $clock)
    {
    }
}
