<?php

declare(strict_types=1);

namespace App\Clear;

use Jurvex\Core\Clear\Head;

/** A head that may go in. */
final readonly class HeadOffer
{
    /**
     * @param string $piece of the kit; nothing where it has none
     * @param bool $isPlanned whether the plan has a step for it
     * @param bool $passes whether it fits the way, as far as the map knows
     */
    public function __construct(public Head $head, public string $piece, public bool $isPlanned, public bool $passes)
    {
    }
}
