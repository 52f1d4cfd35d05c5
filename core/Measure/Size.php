<?php

declare(strict_types=1);

namespace Jurvex\Core\Measure;

/** How big a finding is, in the unit in which it was judged by eye or measured; from 0 up to what the unit allows. */
final readonly class Size
{
    /** @throws \DomainException outside what the unit allows */
    public function __construct(public float $value, public SizeUnit $unit)
    {
        if (!($value >= 0 && $value <= $unit->most())) {
            throw new \DomainException(\sprintf('A size in %s lies from 0 to %s; %s given.', $unit->value, $unit->most(), $value));
        }
    }
}
