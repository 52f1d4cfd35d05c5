<?php

declare(strict_types=1);

namespace Jurvex\Core\Sketch;

/** What stands at a node of the line map. */
enum NodeKind: string
{
    case Fixture = 'fixture';
    case Opening = 'opening';
    case Junction = 'junction';
    /** A trap in the line itself, such as a house trap. */
    case Trap = 'trap';
    case Outlet = 'outlet';
}
