<?php

declare(strict_types=1);

namespace Jurvex\Core\Judge;

/** The technician judges otherwise than the rule, and says why. */
final readonly class Override
{
    public function __construct(public Need $need, public string $reason, public string $by)
    {
    }
}
