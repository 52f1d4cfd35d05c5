<?php

declare(strict_types=1);

namespace App\Record;

/** Whose opinion was taken. */
enum Decided: string
{
    case Technician = 'technician';
    case Office = 'office';
}
