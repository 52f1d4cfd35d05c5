<?php

declare(strict_types=1);

namespace App\Record;

use App\Support\Database\Withdrawable;
use Doctrine\ORM\Mapping as ORM;
use Jurvex\Core\Mark\HeightStep;

/** How much higher one point of the ground is than another. */
#[ORM\Entity]
class HeightMeasured implements JobEntry
{
    use OfJob;
    use Withdrawable;

    #[ORM\Embedded(columnPrefix: false)]
    private HeightDetails $details;

    public function __construct(
        #[ORM\Id, ORM\Column(length: 36)]
        public readonly string $id,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        public readonly Job $job,
        #[ORM\Column]
        public readonly \DateTimeImmutable $loggedAt,
        HeightDetails $details,
    ) {
        $this->details = $details;
    }

    public function details(): HeightDetails
    {
        return $this->details;
    }

    /** Points by what they are called, however that was typed. */
    public function step(): HeightStep
    {
        return new HeightStep(
            self::key($this->details->fromPoint), self::key($this->details->toPoint), $this->details->upM ?? 0.0,
            $this->details->how->error(),
        );
    }

    public static function key(string $point): string
    {
        return mb_strtolower(trim($point));
    }
}
