<?php

declare(strict_types=1);

namespace App\Record;

use App\Support\Database\Withdrawable;
use Doctrine\ORM\Mapping as ORM;
use Jurvex\Core\Camera\OutsideFall;
use Jurvex\Core\Judge\Need;
use Jurvex\Core\Measure\Length;

/** A pipe that hangs in the open, as in a crawl space, measured from outside. */
#[ORM\Entity]
class OutsidePipe implements JobEntry
{
    use OfJob;
    use Withdrawable;

    #[ORM\Embedded(columnPrefix: false)]
    private OutsidePipeDetails $details;

    public function __construct(
        #[ORM\Id, ORM\Column(length: 36)]
        public readonly string $id,
        #[ORM\ManyToOne(inversedBy: 'outsidePipes'), ORM\JoinColumn(nullable: false)]
        public readonly Job $job,
        #[ORM\Column]
        public readonly \DateTimeImmutable $loggedAt,
        OutsidePipeDetails $details,
    ) {
        $this->details = $details;
    }

    public function describe(OutsidePipeDetails $details): void
    {
        $this->details = clone $details;
    }

    public function details(): OutsidePipeDetails
    {
        return $this->details;
    }

    /** By the tape where there is one, else by the level; none where nobody measured it. */
    public function fall(): ?OutsideFall
    {
        $length = Length::metres($this->details->lengthM ?? 0.0);
        $bore = null === $this->details->boreMm ? null : Length::millimetres($this->details->boreMm);

        return match (true) {
            0.0 === $length->metres => null,
            null !== $this->details->fallMm => OutsideFall::byTape($length, $this->details->fallMm, $bore),
            null !== $this->details->levelDeg => OutsideFall::byLevel(
                $length, $this->details->levelDeg, $this->details->levelStepDeg ?? 0.0, $bore,
            ),
            default => null,
        };
    }

    /** As a fall that the camera read: short is watched, what cannot be told is looked at again. */
    public function need(): ?Need
    {
        return match ($this->fall()?->verdict()) {
            'short' => Need::Watch,
            'meets' => Need::Leave,
            default => null,
        };
    }
}
