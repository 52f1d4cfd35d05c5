<?php

declare(strict_types=1);

namespace App\Mark;

/** A point of the ground on its profile. */
final readonly class ProfilePoint
{
    /**
     * @param float $height metres over the first mark
     * @param ?float $pipe where the pipe is drawn below it; none where nobody located it
     * @param float $error of the depth, half of it, as it is drawn
     */
    public function __construct(
        public string $name, public float $x, public float $ground, public float $height, public ?float $pipe, public float $error,
    ) {
    }
}
