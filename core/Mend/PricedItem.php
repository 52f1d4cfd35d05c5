<?php

declare(strict_types=1);

namespace Jurvex\Core\Mend;

/** Something that comes with the works, with its price for all of them. */
final readonly class PricedItem
{
    /** @param float $count how many, or metres of what is priced by the metre */
    public function __construct(public Item $item, public float $count, public Price $price)
    {
    }
}
