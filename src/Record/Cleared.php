<?php

declare(strict_types=1);

namespace App\Record;

enum Cleared: string
{
    case Yes = 'yes';
    case Partly = 'partly';
    case No = 'no';
    case NotOrdered = 'not_ordered';
}
