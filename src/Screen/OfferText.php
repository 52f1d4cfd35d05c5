<?php

declare(strict_types=1);

namespace App\Screen;

use Jurvex\Core\Mend\Offer;

/** A way to mend a line, in words. */
final readonly class OfferText
{
    /**
     * @param list<string> $works a line each
     * @param list<string> $with what comes with the works and what that costs
     * @param string $leaves what it leaves as it is; for doing nothing, what happens then
     * @param list<string> $agree who must agree
     * @param string $like another way that comes to the same works; empty for none
     */
    public function __construct(
        public Offer $offer, public string $name, public string $price, public array $works, public array $with, public string $fixes,
        public string $leaves, public string $dug, public string $waterOff, public array $agree, public string $soon,
        public string $like, public bool $isRecommended,
    ) {
    }
}
