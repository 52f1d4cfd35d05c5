<?php

declare(strict_types=1);

namespace App\Firm;

enum Theme: string
{
    case Day = 'light';
    case Basement = 'dark';
}
