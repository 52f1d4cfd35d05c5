<?php

declare(strict_types=1);

namespace App\WayIn;

/** A tool with a head as it is named. */
final readonly class RigName
{
    public function __construct(public string $tool, public string $head)
    {
    }
}
