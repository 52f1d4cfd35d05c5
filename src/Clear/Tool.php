<?php

declare(strict_types=1);

namespace App\Clear;

enum Tool: string
{
    case Cable = 'cable';
    case Jet = 'jet';
    case Rods = 'rods';
    case Suction = 'suction';
}
