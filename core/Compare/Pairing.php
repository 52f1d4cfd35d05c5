<?php

declare(strict_types=1);

namespace Jurvex\Core\Compare;

/** A feature of the look before and the one of the look after that is the same thing. */
final readonly class Pairing
{
    public function __construct(public Feature $before, public Feature $after)
    {
    }
}
