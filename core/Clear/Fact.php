<?php

declare(strict_types=1);

namespace Jurvex\Core\Clear;

/** What made a rule of the plan fire. */
enum Fact: string
{
    case Stoppage = 'stoppage';
    case Bore = 'bore';
    case Material = 'material';
    case Fragile = 'fragile';
    /** What looks or map know at places on the way. */
    case Looks = 'looks';
    case Steep = 'steep';
    /** How heavily the tool comes out again. */
    case PullOut = 'pull_out';
    case Fall = 'fall';
    case Far = 'far';
    case WeakFar = 'weak_far';
    case RoofVent = 'roof_vent';
    case Trap = 'trap';
    case Direction = 'direction';
    case Flow = 'flow';
    case NoWater = 'no_water';
    case Frost = 'frost';
    case CrossBore = 'cross_bore';
    case Gas = 'gas';
    case Chemicals = 'chemicals';
}
