<?php

declare(strict_types=1);

namespace Jurvex\Core\Compare;

use Jurvex\Core\Finding\Family;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Finding\Kind;

/** What stays where it is in a line, whoever looks and whenever. */
enum FeatureKind: string
{
    case Joint = 'joint';
    case TieIn = 'tie_in';
    case Transition = 'transition';
    case Bend = 'bend';
    case Tap = 'tap';
    case OpeningSeen = 'opening_seen';

    /** What a finding shows of the line itself; none where it shows only what may come and go. */
    public static function of(Finding $finding): ?self
    {
        return match ($finding->kind) {
            Kind::TieIn, Kind::WrongFitting, Kind::StubbedHose, Kind::DeadLeg => self::TieIn,
            Kind::Transition => self::Transition,
            Kind::Bend => self::Bend,
            Kind::Tap => self::Tap,
            Kind::OpeningSeen => self::OpeningSeen,
            default => Family::Joint === $finding->kind->family() || $finding->atJoint ? self::Joint : null,
        };
    }
}
