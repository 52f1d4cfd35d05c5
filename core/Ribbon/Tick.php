<?php

declare(strict_types=1);

namespace Jurvex\Core\Ribbon;

final readonly class Tick
{
    public function __construct(public float $x, public int $label)
    {
    }
}
