<?php

declare(strict_types=1);

namespace Jurvex\Core\Ribbon;

use Jurvex\Core\Measure\Length;

/** A paint mark above the line. */
final readonly class Flag
{
    public function __construct(public float $x, public float $top, public float $foot, public ?Length $depth, public bool $good)
    {
    }
}
