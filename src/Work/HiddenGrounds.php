<?php

declare(strict_types=1);

namespace App\Work;

use App\Record\Mark;
use App\Record\MarkRepository;
use App\Record\Run;
use Jurvex\Core\Mend\GroundOver;
use Jurvex\Core\Mend\KnownGround;
use Jurvex\Core\Practice\HiddenGround;

/** The ground that stands in for a real one, over the line that does. */
final readonly class HiddenGrounds
{
    public function __construct(private SimulatedLines $lines, private MarkRepository $marks)
    {
    }

    /** Unknown in practice; else it agrees with what was located already. */
    public function of(Run $run): HiddenGround
    {
        $job = $run->job;
        $line = $this->lines->lineOf($run);
        $practice = $job->practice();
        if (null !== $practice) {
            return HiddenGround::over($line, $practice->seed);
        }
        $known = array_map(static fn (Mark $mark) => new KnownGround(
            $mark->details()->atM ?? 0.0, null, $mark->depth()->median()->metres,
        ), $this->marks->ofRuns([$run->id]));

        return HiddenGround::over($line, crc32($job->id), [] === $known ? null : new GroundOver($known, '', 1.0));
    }
}
