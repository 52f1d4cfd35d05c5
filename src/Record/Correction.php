<?php

declare(strict_types=1);

namespace App\Record;

use App\Support\Database\Id;
use Doctrine\ORM\Mapping as ORM;

/** What an entry of a job's record said before it was corrected. */
#[ORM\Entity]
#[ORM\Index(columns: ['job_id'])]
class Correction
{
    #[ORM\Id, ORM\Column(length: 36)]
    public readonly string $id;

    /** @param array<string, array{mixed, mixed}> $changes before and after, by field */
    public function __construct(
        #[ORM\Column(length: 36)]
        public readonly string $jobId,
        #[ORM\Column(length: 36)]
        public readonly string $entryId,
        #[ORM\Column(length: 40)]
        public readonly string $entry,
        #[ORM\Column(type: 'json')]
        public readonly array $changes,
        #[ORM\Column(length: 120)]
        public readonly string $by,
        #[ORM\Column]
        public readonly \DateTimeImmutable $at,
        ?string $id = null,
    ) {
        $this->id = $id ?? Id::fresh();
    }
}
