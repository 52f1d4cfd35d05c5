<?php

declare(strict_types=1);

namespace Jurvex\Core\Compare;

/** One thing that does not move, where one look's counter had it. */
final readonly class Feature
{
    /** @param float $at metres from that look's zero */
    public function __construct(public FeatureKind $kind, public float $at)
    {
    }
}
