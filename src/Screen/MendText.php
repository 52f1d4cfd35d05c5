<?php

declare(strict_types=1);

namespace App\Screen;

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
     * @param int $count how many repairs there are
     */
    public function __construct(
        public string $from, public array $repairs, public array $leftOut, public array $offers,
        public array $rests, public string $because, private int $count,
    ) {
    }

    public function recommended(): ?OfferText
    {
        return array_values(array_filter($this->offers, static fn (OfferText $offer) => $offer->isRecommended))[0] ?? null;
    }

    /** Whether anything is offered, here or on the page of its own. */
    public function isOffered(): bool
    {
        return $this->count > 0;
    }

    /** @return int how many repairs are not told here */
    public function untold(): int
    {
        return $this->count - \count($this->repairs);
    }
}
