<?php

declare(strict_types=1);

namespace Jurvex\Core\Ribbon;

use Jurvex\Core\Judge\Need;

/** The class of a finding on the ribbon's scale; no class where it waits for another look. */
final readonly class Sign
{
    public function __construct(public string $findingId, public float $x, public float $y, public ?Need $need)
    {
    }
}
