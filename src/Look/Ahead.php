<?php

declare(strict_types=1);

namespace App\Look;

use App\Record\FindingRepository;
use App\Record\Run;
use App\Work\MappedRuns;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Run\RunRecord;
use Jurvex\Core\Sketch\ExpectedRun;

/** What comes next on the way in, as an earlier look or the line map has it. */
final readonly class Ahead
{
    public function __construct(private FindingRepository $findings)
    {
    }

    /** @return ?Finding none when nobody knows of anything */
    public function of(Run $run, Length $at): ?Finding
    {
        foreach ($this->known($run)->findings ?? [] as $finding) {
            if ($finding->from->metres > $at->metres + 0.05 && Kind::SoundJoint !== $finding->kind) {
                return $finding;
            }
        }

        return null;
    }

    private function known(Run $run): ?RunRecord
    {
        $earlier = array_filter(
            $run->job->runs(),
            static fn (Run $other) => $other !== $run
                && $other->opening === $run->opening
                && $other->details()->travel === $run->details()->travel
                && $other->startedAt < $run->startedAt,
        );
        $last = end($earlier);
        if (false !== $last) {
            return $this->findings->record($last);
        }
        $way = MappedRuns::wayFrom($run->opening);

        return null === $way || $way->travel !== $run->details()->travel ? null : ExpectedRun::on($run->job->property()->sketch(), $way);
    }
}
