<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** Where the place of an entry is from. */
enum PlaceBy: string
{
    case Said = 'said';
    case Reel = 'reel';
    /** The last place that was said. */
    case Carried = 'carried';
}
