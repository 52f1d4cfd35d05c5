<?php

declare(strict_types=1);

namespace App\Judge;

use Jurvex\Core\Judge\Need;

/** A technician's own class as it was sent, without what it needs. */
final readonly class RefusedOpinion
{
    public function __construct(public string $finding, public ?Need $need, public string $reason)
    {
    }
}
