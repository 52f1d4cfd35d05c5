<?php

declare(strict_types=1);

namespace Jurvex\Core\Sketch;

/** How a pipe enters its lower node. */
enum Joins: string
{
    case Straight = 'straight';
    case Wye = 'wye';
    case Tee = 'tee';

    public function degrees(): float
    {
        return match ($this) {
            self::Straight => 0.0,
            self::Wye => 45.0,
            self::Tee => 90.0,
        };
    }
}
