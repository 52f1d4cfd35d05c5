<?php

declare(strict_types=1);

namespace App\Record;

use App\Support\Database\Withdrawable;
use Doctrine\ORM\Mapping as ORM;
use Jurvex\Core\Judge\Need;
use Jurvex\Core\Judge\Override;

/** A technician's class for a finding against the rule's, with the reason. The newest one counts; none is deleted. */
#[ORM\Entity]
#[ORM\Index(columns: ['finding_id'])]
class OwnOpinion
{
    use Withdrawable;

    public function __construct(
        #[ORM\Id, ORM\Column(length: 36)]
        public readonly string $id,
        #[ORM\Column(length: 36)]
        public readonly string $findingId,
        #[ORM\Column(enumType: Need::class)]
        public readonly Need $need,
        #[ORM\Column(type: 'text')]
        public readonly string $reason,
        #[ORM\Column(length: 120)]
        public readonly string $by,
        #[ORM\Column]
        public readonly \DateTimeImmutable $at,
    ) {
    }

    public function asOverride(): Override
    {
        return new Override($this->need, $this->reason, $this->by);
    }
}
