<?php

declare(strict_types=1);

namespace Jurvex\Core\Sketch;

/** What else would get to a place. */
enum Alternative: string
{
    case SmallerHead = 'smaller_head';
    case Leader = 'leader';
    case Steered = 'steered';
    case PulledToilet = 'pulled_toilet';
    case RoofVent = 'roof_vent';
    case NewOpening = 'new_opening';
}
