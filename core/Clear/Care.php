<?php

declare(strict_types=1);

namespace Jurvex\Core\Clear;

/** What a machine needs by its hours. */
enum Care: string
{
    case Oil = 'oil';
    case InletScreen = 'inlet_screen';
    case Filter = 'filter';
    case Bearings = 'bearings';
    case Service = 'service';

    /** @return list<self> of a machine */
    public static function of(Machine $machine): array
    {
        return Machine::Jet === $machine
            ? [self::Oil, self::InletScreen, self::Filter, self::Service] : [self::Bearings, self::Service];
    }

    /** Hours from one to the next: starting values, the maker's manual goes before them. */
    public function usualHours(): float
    {
        return match ($this) {
            self::InletScreen => 8.0,
            self::Oil, self::Bearings => 50.0,
            self::Filter => 100.0,
            self::Service => 250.0,
        };
    }
}
