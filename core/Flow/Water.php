<?php

declare(strict_types=1);

namespace Jurvex\Core\Flow;

/** Water at about 15 °C. */
final class Water
{
    /** kg/m³ */
    public const DENSITY = 1000.0;
    /** m²/s */
    public const VISCOSITY = 1.14e-6;
    /** m/s² */
    public const GRAVITY = 9.80665;

    public static function perSecond(float $litresPerMinute): float
    {
        return $litresPerMinute / 60000;
    }

    public static function perMinute(float $cubicMetresPerSecond): float
    {
        return $cubicMetresPerSecond * 60000;
    }
}
