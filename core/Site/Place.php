<?php

declare(strict_types=1);

namespace Jurvex\Core\Site;

/** A place on a plan of the site, in metres. */
final readonly class Place
{
    public function __construct(public float $x, public float $y)
    {
    }

    /** In metres. */
    public function to(self $other): float
    {
        return hypot($other->x - $this->x, $other->y - $this->y);
    }
}
