<?php

declare(strict_types=1);

namespace Jurvex\Core\Measure;

/** The fall of a pipe: the tangent of its slope, positive downhill. */
final readonly class Grade
{
    private function __construct(private float $tangent)
    {
        if (!is_finite($tangent)) {
            throw new \DomainException('A fall is a finite number.');
        }
    }

    /** @throws \DomainException at 90° either way and beyond, where there is no tangent */
    public static function degrees(float $degrees): self
    {
        if (abs($degrees) >= 90) {
            throw new \DomainException(\sprintf('A fall in degrees lies between -90 and 90; %s given.', $degrees));
        }

        return new self(tan(deg2rad($degrees)));
    }

    public static function percent(float $percent): self
    {
        return new self($percent / 100);
    }

    public static function inchesPerFoot(float $inches): self
    {
        return new self($inches / 12);
    }

    public static function millimetresPerMetre(float $millimetres): self
    {
        return new self($millimetres / 1000);
    }

    public function inDegrees(): float
    {
        return rad2deg(atan($this->tangent));
    }

    public function inPercent(): float
    {
        return $this->tangent * 100;
    }

    public function inInchesPerFoot(): float
    {
        return $this->tangent * 12;
    }

    public function inMillimetresPerMetre(): float
    {
        return $this->tangent * 1000;
    }
}
