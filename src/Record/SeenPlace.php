<?php

declare(strict_types=1);

namespace App\Record;

use App\Support\Database\Id;
use App\Support\Database\Withdrawable;
use Doctrine\ORM\Mapping as ORM;
use Jurvex\Core\Triage\Answer;

/** What was seen at a place of the line map; the newest answer counts. */
#[ORM\Entity]
#[ORM\UniqueConstraint(columns: ['job_id', 'node'])]
class SeenPlace implements JobEntry
{
    use OfJob;
    use Withdrawable;

    #[ORM\Id, ORM\Column(length: 36)]
    public readonly string $id;

    public function __construct(
        #[ORM\ManyToOne(inversedBy: 'seenPlaces'), ORM\JoinColumn(nullable: false)]
        public readonly Job $job,
        #[ORM\Column(length: 80)]
        public readonly string $node,
        #[ORM\Column(enumType: Answer::class)]
        private Answer $answer,
    ) {
        $this->id = Id::fresh();
    }

    public function say(Answer $answer): void
    {
        $this->restore();
        $this->answer = $answer;
    }

    public function answer(): Answer
    {
        return $this->answer;
    }
}
