<?php

declare(strict_types=1);

namespace Jurvex\Core\Jet;

use Jurvex\Core\Flow\Water;
use Jurvex\Core\Measure\Length;

/** A length of hose of one bore, with its fittings. */
final readonly class Hose
{
    private const LAMINAR_BELOW = 2300.0;

    /** @param float $minorLosses sum of the fittings' K */
    public function __construct(private Length $bore, private Length $length, private Length $roughness, private float $minorLosses)
    {
    }

    public function ofLength(Length $length): self
    {
        return new self($this->bore, $length, $this->roughness, $this->minorLosses);
    }

    /**
     * Pressure lost at a flow, by Darcy and Weisbach, (f·L/D + K)·ρv²/2; f is 64/Re under Re 2300, else Swamee and Jain's
     * 0.25/log₁₀²(ε/3.7D + 5.74/Re^0.9).
     *
     * @param float $flow in m³/s
     */
    public function loss(float $flow): Pressure
    {
        if (0.0 === $flow) {
            return Pressure::pascal(0);
        }
        $bore = $this->bore->metres;
        $speed = $flow / (\M_PI * $bore ** 2 / 4);
        $reynolds = $speed * $bore / Water::VISCOSITY;
        $friction = $reynolds < self::LAMINAR_BELOW
            ? 64 / $reynolds
            : 0.25 / log10($this->roughness->metres / (3.7 * $bore) + 5.74 / $reynolds ** 0.9) ** 2;

        return Pressure::pascal(($friction * $this->length->metres / $bore + $this->minorLosses) * Water::DENSITY * $speed ** 2 / 2);
    }
}
