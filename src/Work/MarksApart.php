<?php

declare(strict_types=1);

namespace App\Work;

/** Two marks that follow each other: how far apart along the pipe, less the slope, and how far on the ground; in metres. */
final readonly class MarksApart
{
    public function __construct(public MarkOnSite $one, public MarkOnSite $other, public float $along, public float $ground)
    {
    }
}
