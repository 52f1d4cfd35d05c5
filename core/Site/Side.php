<?php

declare(strict_types=1);

namespace Jurvex\Core\Site;

/** Of the line from the first fixed point to the second, looking along it. */
enum Side: string
{
    case Left = 'left';
    case Right = 'right';
}
