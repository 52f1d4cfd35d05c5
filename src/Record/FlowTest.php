<?php

declare(strict_types=1);

namespace App\Record;

use App\Support\Database\Withdrawable;
use Doctrine\ORM\Mapping as ORM;

/** Water run hard for a timed while, and what it did. */
#[ORM\Entity]
class FlowTest implements JobEntry
{
    use OfJob;
    use Withdrawable;

    #[ORM\Embedded(columnPrefix: false)]
    private FlowTestDetails $details;

    public function __construct(
        #[ORM\Id, ORM\Column(length: 36)]
        public readonly string $id,
        #[ORM\ManyToOne(inversedBy: 'flowTests'), ORM\JoinColumn(nullable: false)]
        public readonly Job $job,
        #[ORM\Column]
        public readonly \DateTimeImmutable $loggedAt,
        FlowTestDetails $details,
    ) {
        $this->details = $details;
    }

    public function describe(FlowTestDetails $details): void
    {
        $this->details = clone $details;
    }

    public function details(): FlowTestDetails
    {
        return $this->details;
    }
}
