<?php

declare(strict_types=1);

namespace Jurvex\Core\Clear;

/** What a hand enters while a tool is in the line. */
enum EntryKind: string
{
    /** A hose mark or a cable section goes in at the opening. */
    case MarkIn = 'mark_in';
    case MarkOut = 'mark_out';
    /** The distance itself, read or measured. */
    case At = 'at';
    case PowerOn = 'power_on';
    case PowerOff = 'power_off';
    case TurnRight = 'turn_right';
    case TurnLeft = 'turn_left';
    case Felt = 'felt';
    case Water = 'water';
    case CameBack = 'came_back';
    /** A mark is made at the opening, to see how far it moves. */
    case Watch = 'watch';
    case Moved = 'moved';
    case PulseOn = 'pulse_on';
    case PulseOff = 'pulse_off';
    /** Degrees of hot water, in °C. */
    case Heat = 'heat';
    /** Of the water at the opening, below its rim. */
    case Level = 'level';
    /** What was said, word for word; what was read from it are entries of their own. */
    case Said = 'said';
}
