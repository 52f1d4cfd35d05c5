<?php

declare(strict_types=1);

namespace Jurvex\Core\Mend;

/** What an estimate is made of, beside the works in the pipe. */
enum Item: string
{
    case CallOut = 'call_out';
    /** A way in where a liner needs one. */
    case NewOpening = 'new_opening';
    /** Opened and closed again. */
    case Floor = 'floor';
    /** Taken off and set again. */
    case Fixture = 'fixture';
    /** By hand under the floor, a metre. */
    case UnderFloor = 'under_floor';
    case RoadPermit = 'road_permit';
    case CodeOffice = 'code_office';
    /** Where new pipe ends at old pipe, before the hole is closed. */
    case LookBeforeClosing = 'look_before_closing';
}
