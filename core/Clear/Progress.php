<?php

declare(strict_types=1);

namespace Jurvex\Core\Clear;

/** How a tool moves: marked, waited for, measured. */
enum Progress: string
{
    case Advancing = 'advancing';
    /** Stay with it. */
    case Slow = 'slow';
    case NotMoving = 'not_moving';

    /** Over this it is moving, however slowly. */
    public const SLOW_M_PER_MIN = 0.05;
    public const ADVANCING_M_PER_MIN = 0.5;

    /** @param float $minutes over nought */
    public static function of(float $metres, float $minutes): self
    {
        return match (true) {
            $metres / $minutes >= self::ADVANCING_M_PER_MIN => self::Advancing,
            $metres / $minutes > self::SLOW_M_PER_MIN => self::Slow,
            default => self::NotMoving,
        };
    }
}
