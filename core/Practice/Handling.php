<?php

declare(strict_types=1);

namespace Jurvex\Core\Practice;

/** What the hands do with a stand-in machine. */
enum Handling: string
{
    case Feed = 'feed';
    case Hold = 'hold';
    case Back = 'back';
}
