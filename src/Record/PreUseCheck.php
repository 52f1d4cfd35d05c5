<?php

declare(strict_types=1);

namespace App\Record;

use App\Support\Database\Id;
use Doctrine\ORM\Mapping as ORM;
use Jurvex\Core\Clear\Machine;

/** A line of a machine's check before use, good or failed; a failed one stops the machine until somebody names a reason. */
#[ORM\Entity]
#[ORM\UniqueConstraint(columns: ['job_id', 'machine', 'line'])]
class PreUseCheck implements JobEntry
{
    use OfJob;

    #[ORM\Id, ORM\Column(length: 36)]
    public readonly string $id;

    public function __construct(
        #[ORM\ManyToOne(inversedBy: 'checks'), ORM\JoinColumn(nullable: false)]
        public readonly Job $job,
        #[ORM\Column(enumType: Machine::class)]
        public readonly Machine $machine,
        #[ORM\Column(length: 60)]
        public readonly string $line,
        #[ORM\Column]
        private bool $good,
        #[ORM\Column(length: 400)]
        private string $reason,
        #[ORM\Column(length: 120)]
        private string $by,
        #[ORM\Column]
        private \DateTimeImmutable $at,
    ) {
        $this->id = Id::fresh();
    }

    /** @param string $reason why it starts all the same; nothing stops it */
    public function say(bool $good, string $reason, string $by, \DateTimeImmutable $at): void
    {
        [$this->good, $this->reason, $this->by, $this->at] = [$good, $good ? '' : $reason, $by, $at];
    }

    public function isGood(): bool
    {
        return $this->good;
    }

    public function stops(): bool
    {
        return !$this->good && '' === $this->reason;
    }

    public function reason(): string
    {
        return $this->reason;
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
