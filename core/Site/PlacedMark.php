<?php

declare(strict_types=1);

namespace Jurvex\Core\Site;

use Jurvex\Core\Measure\Length;

/** A mark on the ground, and how far along the pipe it is. */
final readonly class PlacedMark
{
    public function __construct(public Length $along, public Place $place)
    {
    }
}
