<?php

declare(strict_types=1);

namespace App\Record;

enum WaterAtOpening: string
{
    case Rising = 'rising';
    case Standing = 'standing';
    case Bubbling = 'bubbling';
    case Dropping = 'dropping';
    case Gone = 'gone';
}
