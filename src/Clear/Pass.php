<?php

declare(strict_types=1);

namespace App\Clear;

use App\Call\Job;
use App\Shared\Record\Withdrawable;
use App\WayIn\Opening;
use Doctrine\ORM\Mapping as ORM;
use Jurvex\Core\Measure\Length;

/** A logged pass of a clearing tool. */
#[ORM\Entity]
class Pass
{
    use Withdrawable;

    #[ORM\Embedded(columnPrefix: false)]
    private PassDetails $details;

    public function __construct(
        #[ORM\Id, ORM\Column(length: 36)]
        public readonly string $id,
        #[ORM\ManyToOne(inversedBy: 'passes'), ORM\JoinColumn(nullable: false)]
        public readonly Job $job,
        #[ORM\ManyToOne]
        public readonly ?Opening $opening,
        #[ORM\Column]
        public readonly \DateTimeImmutable $loggedAt,
        PassDetails $details,
    ) {
        $this->details = $details;
    }

    public function describe(PassDetails $details): void
    {
        $this->details = clone $details;
    }

    public function details(): PassDetails
    {
        return $this->details;
    }

    /** @return array{in: Length, to: Length} */
    public function onTheLine(): array
    {
        return ['in' => Length::metres($this->details->outM), 'to' => Length::metres($this->details->inM ?? $this->details->outM)];
    }
}
