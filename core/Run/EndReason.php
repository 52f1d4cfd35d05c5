<?php

declare(strict_types=1);

namespace Jurvex\Core\Run;

enum EndReason: string
{
    case MainReached = 'main_reached';
    case EndOfLine = 'end_of_line';
    case CannotPass = 'cannot_pass';
    /** The rod itself goes no farther: it coils up, or nobody can push it on. */
    case Jammed = 'jammed';
    case RodOut = 'rod_out';
    case UnderWater = 'under_water';
    case Other = 'other';

    /** Whether there is nothing left to see beyond it. */
    public function isComplete(): bool
    {
        return self::MainReached === $this || self::EndOfLine === $this;
    }
}
