<?php

declare(strict_types=1);

namespace App\Clear;

/** One respect in which the plans are weighed. */
final readonly class PlanRow
{
    /** @param array<string, PlanCell> $cells by machine */
    public function __construct(public string $respect, public array $cells)
    {
    }
}
