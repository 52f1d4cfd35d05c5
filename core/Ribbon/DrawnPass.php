<?php

declare(strict_types=1);

namespace Jurvex\Core\Ribbon;

use Jurvex\Core\Measure\Length;

/** A pass of a tool, or a reach, as a bar under the line. */
final readonly class DrawnPass
{
    /** @param list<FeltAt> $felt */
    public function __construct(public Length $in, public Length $to, public array $felt = [])
    {
    }
}
