<?php

declare(strict_types=1);

namespace App\Record;

enum OpeningKind: string
{
    case Cleanout = 'cleanout';
    case RoofVent = 'roof_vent';
    case PulledToilet = 'pulled_toilet';
    case YardTrap = 'yard_trap';
    case FloorDrain = 'floor_drain';
    case Chamber = 'chamber';

    public function usuallyHasTrap(): bool
    {
        return self::YardTrap === $this || self::FloorDrain === $this;
    }

    /** A house value where nobody has measured it. */
    public function usualSizeMm(): float
    {
        return match ($this) {
            self::RoofVent, self::FloorDrain => 78.0,
            self::Chamber => 225.0,
            self::Cleanout, self::PulledToilet, self::YardTrap => 102.0,
        };
    }
}
