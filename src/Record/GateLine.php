<?php

declare(strict_types=1);

namespace App\Record;

use App\Support\Database\Id;
use App\Support\Database\Withdrawable;
use Doctrine\ORM\Mapping as ORM;
use Jurvex\Core\Clear\Machine;

/** A line of a machine's gate that somebody confirmed; withdrawn, it is open again. */
#[ORM\Entity]
#[ORM\UniqueConstraint(columns: ['job_id', 'machine', 'line'])]
class GateLine implements JobEntry
{
    use OfJob;
    use Withdrawable;

    #[ORM\Id, ORM\Column(length: 36)]
    public readonly string $id;

    public function __construct(
        #[ORM\ManyToOne(inversedBy: 'gateLines'), ORM\JoinColumn(nullable: false)]
        public readonly Job $job,
        #[ORM\Column(enumType: Machine::class)]
        public readonly Machine $machine,
        #[ORM\Column(length: 60)]
        public readonly string $line,
        #[ORM\Column(length: 120)]
        private string $by,
        #[ORM\Column]
        private \DateTimeImmutable $at,
    ) {
        $this->id = Id::fresh();
    }

    public function confirm(string $by, \DateTimeImmutable $at): void
    {
        $this->restore();
        $this->by = $by;
        $this->at = $at;
    }

    public function by(): string
    {
        return $this->by;
    }

    public function at(): \DateTimeImmutable
    {
        return $this->at;
    }
}
