<?php

declare(strict_types=1);

namespace App\Record;

use Jurvex\Core\Judge\Need;

enum OpeningState: string
{
    case Usable = 'usable';
    case Stuck = 'stuck';
    case Buried = 'buried';
    case TooSmall = 'too_small';
    case WrongWay = 'wrong_way';
    case PaintedOver = 'painted_over';
    case BehindFixture = 'behind_fixture';
    case Missing = 'missing';

    /**
     * An opening that is missing, too small, buried or faces the wrong way is access to be mended; one that is stuck,
     * painted over or behind a fixture is watched.
     */
    public function need(): Need
    {
        return match ($this) {
            self::Usable => Need::Leave,
            self::Stuck, self::PaintedOver, self::BehindFixture => Need::Watch,
            self::Buried, self::TooSmall, self::WrongWay, self::Missing => Need::Mend,
        };
    }

    /** Whether a tool can go in today. */
    public function isReady(): bool
    {
        return \in_array($this, [self::Usable, self::TooSmall, self::WrongWay], true);
    }
}
