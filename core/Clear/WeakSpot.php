<?php

declare(strict_types=1);

namespace Jurvex\Core\Clear;

use Jurvex\Core\Measure\Length;

/** Where looks or map know the pipe to be weak. */
final readonly class WeakSpot
{
    /**
     * @param Length $from near end, from the foot of the drop
     * @param Length $to far end; the near one of a point
     * @param bool $isSeen by a camera; else the map says so
     */
    public function __construct(public Weakness $what, public Length $from, public Length $to, public bool $isSeen = true)
    {
    }
}
