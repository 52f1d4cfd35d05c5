<?php

declare(strict_types=1);

namespace Jurvex\Core\Judge;

/** What can be said of a stretch, best first. */
enum Verdict: string
{
    case Passes = 'passes';
    case PassesWithUpkeep = 'passes_with_upkeep';
    case NotFullySeen = 'not_fully_seen';
    case DoesNotPass = 'does_not_pass';

    public function worse(self $other): self
    {
        return array_search($other, self::cases(), true) > array_search($this, self::cases(), true) ? $other : $this;
    }
}
