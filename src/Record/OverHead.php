<?php

declare(strict_types=1);

namespace App\Record;

/** What stands between the head and the locator and spoils the reading. */
enum OverHead: string
{
    case Nothing = 'nothing';
    case Water = 'water';
    case Metal = 'metal';
}
