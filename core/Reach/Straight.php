<?php

declare(strict_types=1);

namespace Jurvex\Core\Reach;

use Jurvex\Core\Measure\Length;

/** A straight piece of a path. */
final readonly class Straight
{
    /** @param float $downDegrees slope downward in the direction of travel; 90 is straight down */
    public function __construct(public Length $length, public Length $bore, public float $downDegrees)
    {
    }

    /** Force on a tool per metre of it that lies here, going in: weight × (friction × cos − sin of the downward slope). */
    public function gripGoingIn(float $weightPerMetre, float $friction): float
    {
        $slope = deg2rad($this->downDegrees);

        return $weightPerMetre * ($friction * cos($slope) - sin($slope));
    }

    /** The same, coming out. */
    public function gripComingOut(float $weightPerMetre, float $friction): float
    {
        $slope = deg2rad($this->downDegrees);

        return $weightPerMetre * ($friction * cos($slope) + sin($slope));
    }
}
