<?php

declare(strict_types=1);

namespace App\WayIn;

enum OpeningKind: string
{
    case Cleanout = 'cleanout';
    case RoofVent = 'roof_vent';
    case PulledToilet = 'pulled_toilet';
    case YardTrap = 'yard_trap';
    case FloorDrain = 'floor_drain';
    case Chamber = 'chamber';
}
