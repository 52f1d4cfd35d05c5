<?php

declare(strict_types=1);

namespace Jurvex\Core\Upkeep;

/** How much of the bore something took on a day. */
final readonly class ShareSeen
{
    /**
     * @param float $day counted from any day
     * @param float $percent of the bore
     */
    public function __construct(public float $day, public float $percent)
    {
    }
}
