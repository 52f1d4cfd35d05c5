<?php

declare(strict_types=1);

namespace App\Call;

enum DangerState: string
{
    case Absent = 'absent';
    case Present = 'present';
    case MadeSafe = 'made_safe';
}
