<?php

declare(strict_types=1);

namespace App\Record;

/** How a pipe in the open is held. */
enum Supports: string
{
    case NotSaid = 'not_said';
    case Sound = 'sound';
    case FarApart = 'far_apart';
    case Loose = 'loose';
    case Missing = 'missing';
}
