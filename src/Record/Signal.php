<?php

declare(strict_types=1);

namespace App\Record;

/** How the locator's signal stood while the depth was read. */
enum Signal: string
{
    case Steady = 'steady';
    case Wandering = 'wandering';
}
