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
    /** Stuck in the ground; a mark as good as paint. */
    case Flag = 'flag';
    case None = 'none';
    /** Nobody said whether or how. */
    case NotSaid = 'not_said';
}
