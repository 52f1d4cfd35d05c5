<?php

declare(strict_types=1);

namespace Jurvex\Core\Mend;

/** Why something cannot be mended by a liner. */
enum LiningBar: string
{
    /** A liner keeps the sag. */
    case Sag = 'sag';
    /** The shape does not hold. */
    case Collapse = 'collapse';
    /** A step over the house value. */
    case Offset = 'offset';
    /** A connection that is wrong must be made anew. */
    case WrongConnection = 'wrong_connection';
    /** Something in the pipe that a liner cannot pass. */
    case InTheWay = 'in_the_way';
    /** The pipes stand apart by more than a liner bridges. */
    case Apart = 'apart';
}
