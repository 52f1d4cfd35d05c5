<?php

declare(strict_types=1);

namespace App\Record;

use App\Support\Database\Id;
use Doctrine\ORM\Mapping as ORM;
use Jurvex\Core\Triage\DangerSign;

/** Whether a danger sign is there, as somebody said it last. */
#[ORM\Entity]
#[ORM\UniqueConstraint(columns: ['job_id', 'sign'])]
class DangerSaid implements JobEntry
{
    use OfJob;

    #[ORM\Id, ORM\Column(length: 36)]
    public readonly string $id;

    public function __construct(
        #[ORM\ManyToOne(inversedBy: 'dangersSaid'), ORM\JoinColumn(nullable: false)]
        public readonly Job $job,
        #[ORM\Column(enumType: DangerSign::class)]
        public readonly DangerSign $sign,
        #[ORM\Column(enumType: DangerState::class)]
        private DangerState $state,
        #[ORM\Column(length: 120)]
        private string $by,
        #[ORM\Column]
        private \DateTimeImmutable $at,
    ) {
        $this->id = Id::fresh();
    }

    public function say(DangerState $state, string $by, \DateTimeImmutable $at): void
    {
        $this->state = $state;
        $this->by = $by;
        $this->at = $at;
    }

    public function state(): DangerState
    {
        return $this->state;
    }

    public function isPresent(): bool
    {
        return DangerState::Present === $this->state;
    }

    public function isMadeSafe(): bool
    {
        return DangerState::MadeSafe === $this->state;
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
