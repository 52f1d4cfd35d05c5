<?php

declare(strict_types=1);

namespace App\WayIn;

use Jurvex\Core\Judge\Need;

enum OpeningState: string
{
    case Usable = 'usable';
    case Stuck = 'stuck';
    case Buried = 'buried';
    case TooSmall = 'too_small';
    case WrongWay = 'wrong_way';
    case Missing = 'missing';

    /** An opening that is missing, too small, buried or faces the wrong way is access to be mended; a stuck one is watched. */
    public function need(): Need
    {
        return match ($this) {
            self::Usable => Need::Leave,
            self::Stuck => Need::Watch,
            self::Buried, self::TooSmall, self::WrongWay, self::Missing => Need::Mend,
        };
    }
}
