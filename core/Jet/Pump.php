<?php

declare(strict_types=1);

namespace Jurvex\Core\Jet;

/** A pump that delivers a fixed flow until its pressure reaches the setting of its relief. */
final readonly class Pump
{
    /** @param float $flow in m³/s */
    public function __construct(public float $flow, public Pressure $setting)
    {
    }
}
