<?php

declare(strict_types=1);

namespace Jurvex\Core\Clear;

/** How a nozzle turns: the faster, the softer it hits, for a jet dragged sideways breaks up. */
enum Spin: string
{
    case None = 'none';
    case Fast = 'fast';
    case Slowed = 'slowed';
    case Slow = 'slow';
    /** Only a rotor in it does. */
    case Rotor = 'rotor';
}
