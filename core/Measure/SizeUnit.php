<?php

declare(strict_types=1);

namespace Jurvex\Core\Measure;

enum SizeUnit: string
{
    case Percent = 'percent';
    case Millimetres = 'mm';
    case Degrees = 'degrees';

    /** The largest size that can be, in this unit. */
    public function most(): float
    {
        return match ($this) {
            self::Percent => 100,
            self::Millimetres => 3000,
            self::Degrees => 180,
        };
    }
}
