<?php

declare(strict_types=1);

namespace Jurvex\Core\Sketch;

/** Where a pipe lies, seen from a place: down the line, up the line, or across a junction. */
enum Lies: string
{
    case Down = 'down';
    case Up = 'up';
    case Across = 'across';
}
