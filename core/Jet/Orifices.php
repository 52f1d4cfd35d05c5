<?php

declare(strict_types=1);

namespace Jurvex\Core\Jet;

use Jurvex\Core\Measure\Length;

/** Orifices of one size and angle in a nozzle. */
final readonly class Orifices
{
    /**
     * @param float $degrees of the jet: 0 straight back, 180 straight forward
     * @param float $discharge coefficient Cd
     */
    public function __construct(public float $count, public Length $diameter, public float $degrees, public float $discharge)
    {
    }

    /** Effective area of all of them, n·Cd·A, in m². */
    public function effectiveArea(): float
    {
        return $this->count * $this->discharge * \M_PI * $this->diameter->metres ** 2 / 4;
    }
}
