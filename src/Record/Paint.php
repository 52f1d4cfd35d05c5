<?php

declare(strict_types=1);

namespace App\Record;

/** What was painted on the ground. */
enum Paint: string
{
    case Cross = 'cross';
    case Arrow = 'arrow';
    case Line = 'line';
    case Circle = 'circle';
    case Box = 'box';
    case None = 'none';
}
