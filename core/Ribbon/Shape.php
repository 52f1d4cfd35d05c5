<?php

declare(strict_types=1);

namespace Jurvex\Core\Ribbon;

/** Something drawn for a finding: its outline, and how it is to be painted (a code). */
final readonly class Shape
{
    public function __construct(public string $findingId, public string $paint, public string $outline)
    {
    }
}
