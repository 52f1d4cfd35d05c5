<?php

declare(strict_types=1);

namespace App\Record;

use App\Support\Database\Id;
use App\Support\Database\Withdrawable;
use Doctrine\ORM\Mapping as ORM;
use Jurvex\Core\Triage\Answer;

/** One fixture was run while another place was watched; the newest answer counts. */
#[ORM\Entity]
#[ORM\UniqueConstraint(columns: ['job_id', 'run', 'watched'])]
class TestMade implements JobEntry
{
    use OfJob;
    use Withdrawable;

    #[ORM\Id, ORM\Column(length: 36)]
    public readonly string $id;

    /**
     * @param string $run node of the fixture that was run
     * @param string $watched node of the place that was watched
     */
    public function __construct(
        #[ORM\ManyToOne(inversedBy: 'testsMade'), ORM\JoinColumn(nullable: false)]
        public readonly Job $job,
        #[ORM\Column(length: 80)]
        public readonly string $run,
        #[ORM\Column(length: 80)]
        public readonly string $watched,
        #[ORM\Column(enumType: Answer::class)]
        private Answer $answer,
        #[ORM\Column(length: 120)]
        private string $by,
        #[ORM\Column]
        private \DateTimeImmutable $at,
    ) {
        $this->id = Id::fresh();
    }

    public function say(Answer $answer, string $by, \DateTimeImmutable $at): void
    {
        $this->restore();
        $this->answer = $answer;
        $this->by = $by;
        $this->at = $at;
    }

    public function answer(): Answer
    {
        return $this->answer;
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
