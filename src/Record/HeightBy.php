<?php

declare(strict_types=1);

namespace App\Record;

/** What a difference of ground heights was measured with. */
enum HeightBy: string
{
    case StringLevel = 'string_level';
    case Laser = 'laser';
    case SlopedTape = 'sloped_tape';

    /** In metres, over the few metres of a yard: a house value. */
    public function error(): float
    {
        return match ($this) {
            self::StringLevel => 0.01,
            self::Laser => 0.005,
            self::SlopedTape => 0.03,
        };
    }
}
