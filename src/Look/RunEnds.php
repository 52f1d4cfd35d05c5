<?php

declare(strict_types=1);

namespace App\Look;

use App\Record\FindingRepository;
use App\Record\Run;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Measure\Length;

/** What is known of a run's end before anybody says it. */
final readonly class RunEnds
{
    public function __construct(private FindingRepository $findings)
    {
    }

    public function of(Run $run): RunEnd
    {
        $record = $this->findings->record($run);
        $ends = array_filter(
            $record->findings, static fn (Finding $finding) => Kind::Tap === $finding->kind || Kind::EndOfLine === $finding->kind,
        );
        $end = end($ends);
        $mainM = false === $end ? null : $end->from->metres;
        $reached = $run->reachedM() ?? $mainM ?? ($record->reached->metres > 0 ? $record->reached->metres : null);

        return new RunEnd($run->counter()->cableLeftMetres(Length::metres(0)), $mainM, $reached);
    }
}
