<?php

declare(strict_types=1);

namespace App\Screen;

/** One thing that was read, in the screen's words. */
final readonly class SaidEntryText
{
    /**
     * @param string $at its place; empty where nobody knows
     * @param string $placeBy where the place is from
     * @param string $wants what is still missing; empty where nothing is
     * @param ?float $fromM for the ribbon
     * @param string $bench the same as the Look bench gives it in, as JSON; empty where that is none of its things
     */
    public function __construct(
        public string $what, public string $at, public string $placeBy, public string $facts, public string $wants, public ?float $fromM,
        public ?float $toM, public string $bench = '',
    ) {
    }
}
