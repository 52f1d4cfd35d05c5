<?php

declare(strict_types=1);

namespace Jurvex\Core\Sketch;

/** What drains into the line. */
enum FixtureKind: string
{
    case Toilet = 'toilet';
    case Basin = 'basin';
    case Sink = 'sink';
    case Shower = 'shower';
    case Bath = 'bath';
    case Washer = 'washer';
    case FloorDrain = 'floor_drain';
    case Gully = 'gully';
    case GreaseTrap = 'grease_trap';
    case Unknown = 'unknown';

    /** Usual height of its rim over the floor on which it stands, in metres: a house value, to be corrected. */
    public function usualLevel(): float
    {
        return match ($this) {
            self::FloorDrain, self::Gully => 0.0,
            self::GreaseTrap => 0.1,
            self::Shower => 0.15,
            self::Toilet, self::Unknown => 0.4,
            self::Bath => 0.5,
            self::Washer => 0.7,
            self::Basin => 0.85,
            self::Sink => 0.9,
        };
    }

    /** Usual trade size of its drain, in inches: a house value. */
    public function usualTradeSize(): float
    {
        return match ($this) {
            self::Toilet, self::Gully, self::GreaseTrap, self::Unknown => 4.0,
            self::FloorDrain => 3.0,
            self::Shower, self::Sink, self::Washer => 2.0,
            self::Bath, self::Basin => 1.5,
        };
    }
}
