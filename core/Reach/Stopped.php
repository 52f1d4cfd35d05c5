<?php

declare(strict_types=1);

namespace Jurvex\Core\Reach;

/** What ends a tool's way. */
enum Stopped: string
{
    case TooNarrow = 'too_narrow';
    case BendTooTight = 'bend_too_tight';
    case LockUp = 'lock_up';
    case PushLimit = 'push_limit';
    case Thrust = 'thrust';
    case OutOfLength = 'out_of_length';
    case EndOfPath = 'end_of_path';
    case OpeningTooSmall = 'opening_too_small';
    case Trap = 'trap';
    case Steer = 'steer';
    case AgainstSweep = 'against_sweep';
    case NoWay = 'no_way';
}
