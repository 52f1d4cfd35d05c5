<?php

declare(strict_types=1);

namespace Jurvex\Core\Flow;

use Jurvex\Core\Measure\Length;

/** A round bore, partly filled. */
final readonly class Circle
{
    private float $radius;

    public function __construct(public Length $bore)
    {
        $this->radius = $bore->metres / 2;
    }

    /** In m²; a depth over the bore is a full one. */
    public function area(float $depth): float
    {
        $angle = $this->angle($depth);

        return $this->radius ** 2 * ($angle - sin($angle) * cos($angle));
    }

    /**
     * Water in a length over which the depth changes evenly, in m³. With the half angle φ = acos(1 − d/r), the area is
     * r²(φ − sin φ cos φ), and its integral over the depth r³(sin φ − φ cos φ − sin³φ/3).
     */
    public function volume(float $length, float $from, float $to): float
    {
        if (abs($to - $from) < 1e-12) {
            return $length * $this->area(($from + $to) / 2);
        }

        return $length * ($this->areaBelow($to) - $this->areaBelow($from)) / ($to - $from);
    }

    /** Half of the angle that the water's surface is seen under from the middle, in radians. */
    private function angle(float $depth): float
    {
        return acos(max(-1.0, min(1.0, 1 - $depth / $this->radius)));
    }

    /** Integral of the area over the depth, in m³; beyond the bore it is full. */
    private function areaBelow(float $depth): float
    {
        $angle = $this->angle(max(0.0, $depth));
        $within = $this->radius ** 3 * (sin($angle) - $angle * cos($angle) - sin($angle) ** 3 / 3);

        return $within + max(0.0, $depth - $this->bore->metres) * \M_PI * $this->radius ** 2;
    }
}
