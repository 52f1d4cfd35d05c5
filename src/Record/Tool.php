<?php

declare(strict_types=1);

namespace App\Record;

use Jurvex\Core\Clear\Machine;

enum Tool: string
{
    case Cable = 'cable';
    case Jet = 'jet';
    case Rods = 'rods';
    case Suction = 'suction';

    /** The machine whose gate stands before it; none for what neither turns nor sprays. */
    public function machine(): ?Machine
    {
        return Machine::tryFrom($this->value);
    }
}
