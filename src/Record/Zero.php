<?php

declare(strict_types=1);

namespace App\Record;

/** Where the counter reads nothing. */
enum Zero: string
{
    case Rim = 'rim';
    case Foot = 'foot';
    case OutsideWall = 'outside_wall';
}
