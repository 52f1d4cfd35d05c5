<?php

declare(strict_types=1);

namespace Jurvex\Core\Run;

enum EndReason: string
{
    case MainReached = 'main_reached';
    case EndOfLine = 'end_of_line';
    /** It came to where another look goes on. */
    case JoinsAnotherRun = 'joins_another_run';
    case CannotPass = 'cannot_pass';
    /** The rod itself goes no farther: it coils up, or nobody can push it on. */
    case Jammed = 'jammed';
    case RodOut = 'rod_out';
    case UnderWater = 'under_water';
    case Other = 'other';

    /** Whether there is nothing left to see beyond it. */
    public function isComplete(): bool
    {
        return \in_array($this, self::complete(), true);
    }

    /** @return list<self> those with nothing left to see beyond them */
    public static function complete(): array
    {
        return [self::MainReached, self::EndOfLine, self::JoinsAnotherRun];
    }
}
