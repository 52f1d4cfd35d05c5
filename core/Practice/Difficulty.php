<?php

declare(strict_types=1);

namespace Jurvex\Core\Practice;

enum Difficulty: string
{
    case Easy = 'easy';
    case Usual = 'usual';
    case Hard = 'hard';

    /** @return array{int, int} shortest and longest line, in metres */
    public function metres(): array
    {
        return match ($this) {
            self::Easy => [12, 18],
            self::Usual => [20, 32],
            self::Hard => [45, 60],
        };
    }

    public function findings(): int
    {
        return match ($this) {
            self::Easy => 4,
            self::Usual => 9,
            self::Hard => 20,
        };
    }

    public function lowSpots(): int
    {
        return self::Hard === $this ? 2 : 1;
    }

    public function bends(): int
    {
        return match ($this) {
            self::Easy => 1,
            self::Usual => 2,
            self::Hard => 3,
        };
    }

    public function transitions(): int
    {
        return self::Easy === $this ? 0 : 1;
    }
}
