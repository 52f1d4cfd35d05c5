<?php

declare(strict_types=1);

namespace App\Record;

use Doctrine\ORM\Mapping as ORM;
use Jurvex\Core\Upkeep\UpkeepWork;

/** What is done at a property on a cycle. */
#[ORM\Entity(repositoryClass: UpkeepPlanRepository::class)]
#[ORM\Index(columns: ['due_on'])]
class UpkeepPlan
{
    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $endedAt = null;

    public function __construct(
        #[ORM\Id, ORM\Column(length: 36)]
        public readonly string $id,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        public readonly Property $property,
        #[ORM\Column(enumType: UpkeepWork::class)]
        private UpkeepWork $work,
        #[ORM\Column]
        private int $everyMonths,
        #[ORM\Column(type: 'date_immutable')]
        private \DateTimeImmutable $dueOn,
        #[ORM\Column(type: 'text')]
        private string $note = '',
    ) {
    }

    /** It is seen to: due again after its months. */
    public function seenTo(\DateTimeImmutable $on): void
    {
        $this->dueOn = $on->modify('+'.$this->everyMonths.' months');
    }

    public function end(?\DateTimeImmutable $at): void
    {
        $this->endedAt = $at;
    }

    public function endedAt(): ?\DateTimeImmutable
    {
        return $this->endedAt;
    }

    public function work(): UpkeepWork
    {
        return $this->work;
    }

    public function everyMonths(): int
    {
        return $this->everyMonths;
    }

    public function dueOn(): \DateTimeImmutable
    {
        return $this->dueOn;
    }

    public function note(): string
    {
        return $this->note;
    }
}
