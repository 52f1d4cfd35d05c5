<?php

declare(strict_types=1);

namespace Jurvex\Core\Site;

use Jurvex\Core\Measure\Length;

/** A taped distance from something that stays. */
final readonly class Tie
{
    public function __construct(public Place $fixed, public Length $taped)
    {
    }
}
