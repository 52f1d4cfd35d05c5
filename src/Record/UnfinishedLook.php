<?php

declare(strict_types=1);

namespace App\Record;

use Jurvex\Core\Run\EndReason;

/** A look that ended before the line did. */
final readonly class UnfinishedLook
{
    /**
     * @param string $id of its job
     * @param ?EndReason $reason none while it runs
     */
    public function __construct(
        public string $id, public string $runId, public string $place, public string $openedAt, public ?EndReason $reason,
        public ?float $reachedM,
    ) {
    }
}
