<?php

declare(strict_types=1);

namespace Jurvex\Core\Mend;

/** Prices of all methods. */
final readonly class PriceBook
{
    /** @param Price $reopen of each tie-in that a liner covers */
    public function __construct(
        public DiggingPrices $dig, public Margin $digMargin, public Price $linerStart, public Price $linerPerMetre, public Price $reopen,
        public Margin $linerMargin, public DiggingPrices $renew,
    ) {
    }
}
