<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** A name with the place that it may be at, and all that were named before it with theirs. */
final readonly class Fit
{
    /** @param int $cost of all up to here */
    public function __construct(public Side $side, public ?Place $place, public int $cost, public ?self $previous = null)
    {
    }

    /** @return list<?Place> of each name up to here */
    public function places(): array
    {
        $places = [];
        for ($fit = $this; null !== $fit; $fit = $fit->previous) {
            array_unshift($places, $fit->place);
        }

        return $places;
    }
}
