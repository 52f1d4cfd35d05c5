<?php

declare(strict_types=1);

namespace Jurvex\Core\Reach;

use Jurvex\Core\Measure\Length;

/** A straight piece of a path. */
final readonly class Straight
{
    /** Share of a weight that presses on the invert: the cosine of the slope. */
    public float $lying;

    /** Share that draws downhill, in the direction of travel: the sine of the slope. */
    private float $sliding;

    /** @param float $downDegrees slope downward in the direction of travel; 90 is straight down */
    public function __construct(public Length $length, public Length $bore, public float $downDegrees)
    {
        $this->lying = cos(deg2rad($downDegrees));
        $this->sliding = sin(deg2rad($downDegrees));
    }

    /** Force on a tool per metre of it that lies here, going in: weight × (friction × cos − sin of the downward slope). */
    public function gripGoingIn(float $weightPerMetre, float $friction): float
    {
        return $weightPerMetre * ($friction * $this->lying - $this->sliding);
    }

    /** The same, coming out. */
    public function gripComingOut(float $weightPerMetre, float $friction): float
    {
        return $weightPerMetre * ($friction * $this->lying + $this->sliding);
    }
}
