<?php

declare(strict_types=1);

namespace Jurvex\Core\Camera;

use Jurvex\Core\Measure\Grade;
use Jurvex\Core\Run\Travel;

/** The fall of the line from the camera's tilt; a readout in steps leaves a range. */
final readonly class TiltFall
{
    public Grade $fall;
    public Grade $least;
    public Grade $most;

    /**
     * @param float $degrees nose up positive
     * @param float $resolution step of the readout; the true tilt lies within half a step either way
     *
     * @throws \DomainException when the range comes to the upright
     */
    public function __construct(float $degrees, float $resolution, Travel $travel)
    {
        // Nose down with the flow is a fall; nose up against it is one too.
        $down = Travel::Downstream === $travel ? -$degrees : $degrees;
        $this->fall = Grade::degrees($down);
        $this->least = Grade::degrees($down - $resolution / 2);
        $this->most = Grade::degrees($down + $resolution / 2);
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
