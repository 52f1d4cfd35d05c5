<?php

declare(strict_types=1);

namespace App\Work;

use Jurvex\Core\Upkeep\UpkeepWork;

/** When upkeep should come next, and what that rests on. */
final readonly class UpkeepProposal
{
    /**
     * @param ?PlaceHistory $grows the place that sets the date; none where the house's cycle does
     * @param ?LineFinding $for what it is against; none where only the look itself is due again
     */
    public function __construct(
        public UpkeepWork $work, public \DateTimeImmutable $from, public \DateTimeImmutable $to, public ?PlaceHistory $grows,
        public ?LineFinding $for,
    ) {
    }
}
