<?php

declare(strict_types=1);

namespace App\WayIn;

/** How far a tool gets on a way. */
final readonly class Farthest
{
    /**
     * @param float $metres its drop included
     * @param ?string $by what stopped it; none at the end of the way
     */
    public function __construct(public float $metres, public ?string $by, public string $pipe)
    {
    }
}
