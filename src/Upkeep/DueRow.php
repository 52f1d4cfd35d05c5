<?php

declare(strict_types=1);

namespace App\Upkeep;

use App\Record\DueAtProperty;

/** One thing that is due, with what is known from last time. */
final readonly class DueRow
{
    /**
     * @param string $kit the head of the last pass there; empty where none was logged
     * @param string $access the opening that was used last; empty where none was
     */
    public function __construct(public DueAtProperty $due, public string $kit, public string $access)
    {
    }
}
