<?php

declare(strict_types=1);

namespace App\Record;

enum FlowResult: string
{
    case Holds = 'holds';
    case Slow = 'slow';
    case BacksUp = 'backs_up';
}
