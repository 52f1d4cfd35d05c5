<?php

declare(strict_types=1);

namespace Jurvex\Core\Run;

use Jurvex\Core\Finding\Kind;

/** What a stretch of the line begins or ends at. */
enum Boundary: string
{
    case Zero = 'zero';
    case TieIn = 'tie_in';
    case Transition = 'transition';
    case Opening = 'opening_seen';
    case Tap = 'tap';
    /** As far as anybody looked, though the line goes on. */
    case RunEnd = 'run_end';
    case MainReached = 'main_reached';
    case EndOfLine = 'end_of_line';
    case JoinsAnotherRun = 'joins_another_run';
    /** The end of the line as the map or the technician has it. */
    case LineEnd = 'line_end';
    case Unknown = 'unknown';

    /** None for what does not divide a line. */
    public static function at(Kind $kind): ?self
    {
        return match ($kind) {
            Kind::TieIn => self::TieIn,
            Kind::Transition => self::Transition,
            Kind::OpeningSeen => self::Opening,
            Kind::Tap => self::Tap,
            default => null,
        };
    }

    public static function ofRun(?EndReason $ended): self
    {
        return match ($ended) {
            EndReason::MainReached => self::MainReached,
            EndReason::EndOfLine => self::EndOfLine,
            EndReason::JoinsAnotherRun => self::JoinsAnotherRun,
            default => self::RunEnd,
        };
    }
}
