<?php

declare(strict_types=1);

namespace Jurvex\Core\Site;

/** Where a plan of the site lies on the earth: its origin, and the bearing of its y axis. */
final readonly class OnEarth
{
    /** WGS 84: half the equator's diameter in metres, and the square of the eccentricity. */
    private const EQUATOR_M = 6378137.0;
    private const ECCENTRICITY = 0.00669437999014;

    /**
     * @param float $latitude in degrees, between the poles
     * @param float $longitude in degrees
     * @param float $bearing of the y axis, degrees clockwise from north; x is 90° clockwise from it
     */
    public function __construct(public float $latitude, public float $longitude, public float $bearing)
    {
    }

    /**
     * By the radii of curvature at the origin: M = a(1−e²)/(1−e² sin²φ)^1.5 north, N cos φ with N = a/√(1−e² sin²φ) east.
     *
     * @return array{latitude: float, longitude: float} in degrees
     */
    public function of(Place $place): array
    {
        [$sin, $cos] = [sin(deg2rad($this->bearing)), cos(deg2rad($this->bearing))];
        $north = $place->y * $cos - $place->x * $sin;
        $east = $place->y * $sin + $place->x * $cos;
        $phi = deg2rad($this->latitude);
        $curve = 1 - self::ECCENTRICITY * sin($phi) ** 2;
        $meridian = self::EQUATOR_M * (1 - self::ECCENTRICITY) / $curve ** 1.5;
        $parallel = self::EQUATOR_M / sqrt($curve) * cos($phi);

        return [
            'latitude' => $this->latitude + rad2deg($north / $meridian), 'longitude' => $this->longitude + rad2deg($east / $parallel),
        ];
    }
}
