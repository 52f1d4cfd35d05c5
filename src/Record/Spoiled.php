<?php

declare(strict_types=1);

namespace App\Record;

/** Why nobody may dig by a mark. */
enum Spoiled: string
{
    case TooFew = 'too_few';
    case Spread = 'spread';
    case Water = 'water';
    case Metal = 'metal';
}
