<?php

declare(strict_types=1);

namespace App\Record;

use Doctrine\ORM\Mapping as ORM;
use Jurvex\Core\Mend\Approach;

/** What the technician says of a repair: what lies over it, how to get to it, or that it is left out. */
#[ORM\Entity]
#[ORM\UniqueConstraint(columns: ['job_id', 'finding_id'])]
class RepairSaid implements JobEntry
{
    use OfJob;

    #[ORM\Embedded(columnPrefix: false)]
    private RepairDetails $details;

    public function __construct(
        #[ORM\Id, ORM\Column(length: 36)]
        public readonly string $id,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        public readonly Job $job,
        #[ORM\Column(length: 36)]
        public readonly string $findingId,
        RepairDetails $details,
    ) {
        $this->details = $details;
    }

    public function describe(RepairDetails $details): void
    {
        $this->details = clone $details;
    }

    public function details(): RepairDetails
    {
        return $this->details;
    }

    public function approach(): Approach
    {
        return new Approach($this->details->underFloorM, $this->details->fromOutside, $this->details->fixture);
    }
}
