<?php

declare(strict_types=1);

namespace Jurvex\Core\Run;

/** How well a part of the line was seen. */
enum Sight: string
{
    case Seen = 'seen';
    case Dim = 'dim';
    case Submerged = 'submerged';
    case Unreached = 'unreached';
}
