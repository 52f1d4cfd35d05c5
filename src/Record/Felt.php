<?php

declare(strict_types=1);

namespace App\Record;

/** What the hand feels. */
enum Felt: string
{
    case Free = 'free';
    case Drag = 'drag';
    case Grabs = 'grabs';
    case Spins = 'spins';
    case StopsDead = 'stops_dead';
}
