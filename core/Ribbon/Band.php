<?php

declare(strict_types=1);

namespace Jurvex\Core\Ribbon;

/** A painted part of the drawing; the code says with what (a material, a kind of sight). */
final readonly class Band
{
    public function __construct(public string $paint, public string $outline)
    {
    }
}
