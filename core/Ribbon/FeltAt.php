<?php

declare(strict_types=1);

namespace Jurvex\Core\Ribbon;

use Jurvex\Core\Measure\Length;

/** What was felt at a place of a pass. */
final readonly class FeltAt
{
    /** @param string $felt code of what the hands felt */
    public function __construct(public Length $at, public string $felt)
    {
    }
}
