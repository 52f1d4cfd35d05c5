<?php

declare(strict_types=1);

namespace Jurvex\Core\Camera;

use Jurvex\Core\Measure\Grade;
use Jurvex\Core\Run\Travel;

/** A fall as it was measured, and between which ones it truly lies. */
final readonly class FallRange
{
    public function __construct(public Grade $fall, public Grade $least, public Grade $most)
    {
    }

    /**
     * Of the line, from the camera's tilt.
     *
     * @param float $degrees nose up positive
     * @param float $resolution step of the readout; the true tilt lies within half a step either way
     *
     * @throws \DomainException when the range comes to the upright
     */
    public static function byTilt(float $degrees, float $resolution, Travel $travel): self
    {
        // Nose down with the flow is a fall; nose up against it is one too.
        return self::inSteps(Travel::Downstream === $travel ? -$degrees : $degrees, $resolution);
    }

    /**
     * @param float $degrees downward in the direction of flow
     * @param float $resolution step of the readout; the truth lies within half a step either way
     *
     * @throws \DomainException when the range comes to the upright
     */
    public static function inSteps(float $degrees, float $resolution): self
    {
        return new self(Grade::degrees($degrees), Grade::degrees($degrees - $resolution / 2), Grade::degrees($degrees + $resolution / 2));
    }

    /** meets, short, or cannot_tell */
    public function verdict(Grade $minimum): string
    {
        return match (true) {
            $this->least->inPercent() >= $minimum->inPercent() => 'meets',
            $this->most->inPercent() < $minimum->inPercent() => 'short',
            default => 'cannot_tell',
        };
    }
}
