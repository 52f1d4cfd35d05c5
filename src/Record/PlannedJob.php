<?php

declare(strict_types=1);

namespace App\Record;

/** A job that is open, as a list names it. */
final readonly class PlannedJob
{
    public function __construct(public string $id, public string $place, public ?\DateTimeImmutable $plannedOn, public Why $why)
    {
    }
}
