<?php

declare(strict_types=1);

namespace App\Record;

/** Which one means what, the place's own rules for marking utilities say. */
enum PaintColour: string
{
    case White = 'white';
    case Pink = 'pink';
    case Red = 'red';
    case Orange = 'orange';
    case Yellow = 'yellow';
    case Green = 'green';
    case Blue = 'blue';
}
