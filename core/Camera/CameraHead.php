<?php

declare(strict_types=1);

namespace Jurvex\Core\Camera;

use Jurvex\Core\Measure\Length;
use Jurvex\Core\Run\Travel;

/** A camera head as it lies on the invert, and how finely its reel reads the tilt. */
final readonly class CameraHead
{
    /** House values where nobody has said otherwise. */
    private const HEAD_MM = 38.0;
    private const WINDOW_MM = 20.0;
    /** Whole degrees, unless the reel says otherwise. */
    private const TILT_STEP_DEG = 1.0;
    private const SIMULATED_STEP_DEG = 0.1;

    /**
     * @param Length $skid diameter over skid or guard; nothing without one
     * @param float $tiltStep step in which the tilt is read, in degrees
     */
    public function __construct(private Length $head, private Length $skid, private Length $window, public float $tiltStep)
    {
    }

    /** With the house value for whatever is null. */
    public static function of(?float $headMm, ?float $skidMm, ?float $windowMm, ?float $tiltStepDeg): self
    {
        $head = $headMm ?? self::HEAD_MM;

        return new self(
            Length::millimetres($head), Length::millimetres($skidMm ?? 0.0),
            Length::millimetres(min($windowMm ?? self::WINDOW_MM, $head)), $tiltStepDeg ?? self::TILT_STEP_DEG,
        );
    }

    public static function simulated(): self
    {
        return self::of(null, null, null, self::SIMULATED_STEP_DEG);
    }

    /** Diameter of what lies on the invert: the head, or the skid around it. */
    public function across(): Length
    {
        return $this->skid->metres > $this->head->metres ? $this->skid : $this->head;
    }

    /** Of the diameter that lies on the invert. */
    public function shareOfWindow(): float
    {
        return $this->window->metres / $this->across()->metres;
    }

    /** @param float $onLens −1 at the window's bottom edge, 0 in its middle, 1 at its top edge */
    public function depth(float $onLens, Length $bore): LensWater
    {
        return new LensWater($this->head, $this->skid, $this->window, $onLens, $bore);
    }

    /**
     * @param float $degrees nose up positive
     *
     * @throws \DomainException when the range comes to the upright
     */
    public function fall(float $degrees, Travel $travel): FallRange
    {
        return FallRange::byTilt($degrees, $this->tiltStep, $travel);
    }
}
