<?php

declare(strict_types=1);

namespace Jurvex\Core\Site;

/** Why taped distances give no place on the plan. */
enum Unplaced: string
{
    /** Nobody taped it. */
    case NotTaped = 'not_taped';
    /** One tape is a circle. */
    case OneTape = 'one_tape';
    /** What it was taped from is not drawn. */
    case NotDrawn = 'not_drawn';
    /** The two circles do not meet. */
    case DoNotMeet = 'do_not_meet';
    /** They meet at two places, and nothing tells which. */
    case SideNotSaid = 'side_not_said';
}
