<?php

declare(strict_types=1);

namespace Jurvex\Core\Measure;

/** What a bare number means to the person who types it. */
enum UnitSystem: string
{
    case Metric = 'metric';
    case FeetAndInches = 'feet';

    /** One where no unit is given. */
    public function one(): Length
    {
        return self::Metric === $this ? Length::metres(1) : Length::feet(1);
    }
}
