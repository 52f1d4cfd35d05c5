<?php

declare(strict_types=1);

namespace Jurvex\Core\Site;

use Jurvex\Core\Measure\Length;

/** A distance taped from something that was named. */
final readonly class TapedTo
{
    public function __construct(public string $name, public Length $taped)
    {
    }
}
