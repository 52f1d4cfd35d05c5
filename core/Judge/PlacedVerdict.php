<?php

declare(strict_types=1);

namespace Jurvex\Core\Judge;

use Jurvex\Core\Measure\Length;

/** What a finding lets the line be where it lies. */
final readonly class PlacedVerdict
{
    /** @param Length $to not before `from` */
    public function __construct(public string $finding, public Length $from, public Length $to, public Verdict $verdict)
    {
    }
}
