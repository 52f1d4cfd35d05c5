<?php

declare(strict_types=1);

namespace App\Record;

enum DangerState: string
{
    case Absent = 'absent';
    case Present = 'present';
    case MadeSafe = 'made_safe';
}
