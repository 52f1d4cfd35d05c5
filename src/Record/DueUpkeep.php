<?php

declare(strict_types=1);

namespace App\Record;

/** Upkeep that is due. */
final readonly class DueUpkeep
{
    /**
     * @param string $id of the job that asked for it
     */
    public function __construct(public string $id, public string $place, public string $upkeep, public \DateTimeImmutable $dueOn)
    {
    }
}
