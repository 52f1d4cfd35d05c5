<?php

declare(strict_types=1);

namespace Jurvex\Core\Flow;

use Jurvex\Core\Measure\Halving;
use Jurvex\Core\Measure\Length;

/** Water running by its own weight in a part-full pipe: Q = A·R^(2/3)·√S / n. */
final readonly class Manning
{
    /** Manning's n of an old drain: a house value. */
    public const USUAL_ROUGHNESS = 0.013;
    /** From here on water takes what is loose along, in m/s. */
    public const CARRYING = 0.6;

    /** Half angle at which a round pipe carries the most: where 3θ − 5θ·cos θ + 2·sin θ is nought, θ = 2φ. */
    private const FULLEST = 2.6390535689668977;

    /**
     * @param float $slope fall as a tangent, over nought
     * @param float $roughness Manning's n
     */
    public function __construct(private Length $bore, private float $slope, private float $roughness)
    {
    }

    /** The greatest part-full flow, in m³/s. */
    public function capacity(): float
    {
        return $this->flowAt(self::FULLEST);
    }

    /**
     * The lower of the two depths that fit a flow.
     *
     * @param float $flow in m³/s, from nought to the capacity
     */
    public function depth(float $flow): Length
    {
        [, $more] = Halving::border(0.0, self::FULLEST, fn (float $angle) => $this->flowAt($angle) < $flow);

        return Length::metres($this->bore->metres / 2 * (1 - cos($more)));
    }

    /** In m/s. */
    public function velocity(Length $depth): float
    {
        return 0.0 === $depth->metres
            ? 0.0
            : $this->hydraulicRadius($this->angle($depth)) ** (2 / 3) * sqrt($this->slope) / $this->roughness;
    }

    /**
     * Whether a flow takes what is loose along; one that fills the pipe goes at what its bore makes of it.
     *
     * @param float $flow in m³/s
     */
    public function carries(float $flow, float $velocity = self::CARRYING): bool
    {
        return $velocity <= ($flow > $this->capacity()
            ? $flow / (\M_PI * $this->bore->metres ** 2 / 4)
            : $this->velocity($this->depth($flow)));
    }

    /** Pull of the water on the wall: ρ·g·R·S, in Pa. */
    public function shear(Length $depth): float
    {
        return Water::DENSITY * Water::GRAVITY * $this->hydraulicRadius($this->angle($depth)) * $this->slope;
    }

    private function angle(Length $depth): float
    {
        return acos(max(-1.0, min(1.0, 1 - 2 * $depth->metres / $this->bore->metres)));
    }

    private function flowAt(float $angle): float
    {
        $area = $this->bore->metres ** 2 / 4 * ($angle - sin($angle) * cos($angle));

        return $area * $this->hydraulicRadius($angle) ** (2 / 3) * sqrt($this->slope) / $this->roughness;
    }

    /** Area over wetted wall. */
    private function hydraulicRadius(float $angle): float
    {
        return $angle > 0 ? $this->bore->metres / 4 * (1 - sin($angle) * cos($angle) / $angle) : 0.0;
    }
}
