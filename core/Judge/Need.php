<?php

declare(strict_types=1);

namespace Jurvex\Core\Judge;

/** The five classes, lowest first. */
enum Need: string
{
    case Leave = 'leave';
    case Watch = 'watch';
    case KeepClean = 'keep_clean';
    case Mend = 'mend';
    case Now = 'now';

    /** 0 for leave to 4 for now. */
    public function level(): int
    {
        return match ($this) {
            self::Leave => 0,
            self::Watch => 1,
            self::KeepClean => 2,
            self::Mend => 3,
            self::Now => 4,
        };
    }

    public function worse(?self $other): self
    {
        return null !== $other && $other->level() > $this->level() ? $other : $this;
    }
}
