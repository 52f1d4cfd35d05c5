<?php

declare(strict_types=1);

namespace Jurvex\Core\Mark;

/** How much higher one point of the ground is than another, as it was measured. */
final readonly class HeightStep
{
    /**
     * @param float $up metres from the first point up to the second
     * @param float $error in metres, over zero
     */
    public function __construct(public string $from, public string $to, public float $up, public float $error)
    {
    }
}
