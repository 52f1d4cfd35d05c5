<?php

declare(strict_types=1);

namespace Jurvex\Core\Measure;

/** What a bare number means to the person who types it. */
enum UnitSystem: string
{
    case Metric = 'metric';
    case FeetAndInches = 'feet';
}
