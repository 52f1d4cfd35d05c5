<?php

declare(strict_types=1);

namespace Jurvex\Core\Mark;

/** Why a depth is not good enough to dig by; in the order of their codes. */
enum DepthDoubt: string
{
    /** Raised, the locator did not read deeper by as much. */
    case Lift = 'lift';
    case Metal = 'metal';
    case Spread = 'spread';
    case TooFew = 'too_few';
    case Water = 'water';
}
