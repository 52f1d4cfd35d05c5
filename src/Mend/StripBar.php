<?php

declare(strict_types=1);

namespace App\Mend;

/** A work on the strip of an option. */
final readonly class StripBar
{
    public function __construct(public string $method, public float $x, public float $width)
    {
    }
}
