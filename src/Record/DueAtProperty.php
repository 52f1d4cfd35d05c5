<?php

declare(strict_types=1);

namespace App\Record;

use Jurvex\Core\Upkeep\UpkeepWork;

/** Upkeep that is due at a property. */
final readonly class DueAtProperty
{
    /**
     * @param ?UpkeepWork $work none for what a job asked for in words
     * @param string $said the plan's note, or what the job asked for
     * @param ?string $plan none where a job asked for it
     * @param ?int $everyMonths the plan's cycle
     * @param ?\DateTimeImmutable $askedAt when the job was opened that asked for it, of which the number follows
     */
    public function __construct(
        public string $property, public string $place, public \DateTimeImmutable $dueOn, public ?UpkeepWork $work, public string $said,
        public ?string $plan = null, public ?int $everyMonths = null, public ?\DateTimeImmutable $askedAt = null,
        public string $askedBy = '',
    ) {
    }
}
