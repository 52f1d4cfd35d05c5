<?php

declare(strict_types=1);

namespace App\Record;

use Doctrine\ORM\Mapping as ORM;

/** What a person says of a finding before and one after: one thing, or not. It belongs to the later one's job. */
#[ORM\Entity]
#[ORM\UniqueConstraint(columns: ['job_id', 'before_id', 'after_id'])]
class PairSaid implements JobEntry
{
    use OfJob;

    #[ORM\Column]
    private bool $isSame;

    public function __construct(
        #[ORM\Id, ORM\Column(length: 36)]
        public readonly string $id,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        public readonly Job $job,
        #[ORM\Column(length: 36)]
        public readonly string $beforeId,
        #[ORM\Column(length: 36)]
        public readonly string $afterId,
        bool $isSame,
    ) {
        $this->isSame = $isSame;
    }

    public function say(bool $isSame): void
    {
        $this->isSame = $isSame;
    }

    public function isSame(): bool
    {
        return $this->isSame;
    }
}
