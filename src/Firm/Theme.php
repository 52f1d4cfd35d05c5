<?php

declare(strict_types=1);

namespace App\Firm;

enum Theme: string
{
    case Day = 'light';
    case Basement = 'dark';
    /** Of the highest contrast. */
    case Sun = 'sun';

    /** What one press goes on to. */
    public function next(): self
    {
        return match ($this) {
            self::Day => self::Basement,
            self::Basement => self::Sun,
            self::Sun => self::Day,
        };
    }
}
