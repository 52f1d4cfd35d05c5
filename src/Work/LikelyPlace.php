<?php

declare(strict_types=1);

namespace App\Work;

use Jurvex\Core\Sketch\Apart;

/** A pipe that the stoppage may be in. */
final readonly class LikelyPlace
{
    /**
     * @param float $share from 0 to 1
     * @param ?Apart $apart from the opening that is used; none where there is none
     */
    public function __construct(public float $share, public ?Apart $apart)
    {
    }
}
