<?php

declare(strict_types=1);

namespace App\Screen;

use App\Work\MendPlan;

/** How the line from one opening one way can be mended, in words. */
final readonly class MendText
{
    /**
     * @param string $from opening and way
     * @param list<RepairText> $repairs
     * @param list<RepairText> $leftOut
     * @param list<OfferText> $offers
     * @param list<string> $rests what the prices rest on that nobody measured
     * @param string $because why the technician recommends it
     */
    public function __construct(
        public MendPlan $plan, public string $from, public array $repairs, public array $leftOut, public array $offers,
        public array $rests, public string $because,
    ) {
    }

    public function recommended(): ?OfferText
    {
        return array_values(array_filter($this->offers, static fn (OfferText $offer) => $offer->isRecommended))[0] ?? null;
    }

    /** @return array{OfferText, OfferText}|null the cheapest and the dearest that mend something */
    public function range(): ?array
    {
        $mending = array_values(array_filter($this->offers, static fn (OfferText $offer) => [] !== $offer->works));
        usort($mending, static fn (OfferText $a, OfferText $b) => $a->offer->price->weight() <=> $b->offer->price->weight());

        return [] === $mending ? null : [$mending[0], $mending[\count($mending) - 1]];
    }
}
