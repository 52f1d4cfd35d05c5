<?php

declare(strict_types=1);

namespace App\Record;

use Doctrine\ORM\Mapping as ORM;
use Jurvex\Core\Reel\Reading;
use Jurvex\Core\Reel\Track;

/** What the readings of a run come to, kept so that no page has to read them all. */
#[ORM\Entity]
class RunTrack
{
    /** @var array<mixed> */
    #[ORM\Column(type: 'json')]
    private array $track = [];

    public function __construct(
        #[ORM\Id, ORM\Column(length: 36)]
        public readonly string $runId,
    ) {
    }

    /** @param list<Reading> $readings */
    public function take(array $readings, Run $run): Track
    {
        $track = $this->track()->with($readings, $run->counter());
        $this->track = $track->plain();

        return $track;
    }

    public function track(): Track
    {
        return Track::read($this->track);
    }
}
