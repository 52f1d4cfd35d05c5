<?php

declare(strict_types=1);

namespace App\Shared\Job;

use App\Call\Job;
use App\Clear\Pass;
use App\Judge\JudgedRun;
use App\Judge\JudgedRuns;
use App\Look\Run;
use App\Mark\Mark;
use App\Mark\MarkRepository;
use Jurvex\Core\Finding\Material;
use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Ribbon\Ribbon;
use Jurvex\Core\Run\RunRecord;
use Jurvex\Core\Run\Travel;

/** Puts a job's screen together. */
final readonly class JobScreens
{
    private const WIDTH = 1160.0;

    public function __construct(private JudgedRuns $runs, private MarkRepository $marks)
    {
    }

    /** @param ?string $runId the run wanted on the ribbon; the latest where it is not the job's */
    public function of(Job $job, Stage $stage, UnitSystem $units, ?string $runId = null): JobScreen
    {
        $runs = $job->runs();
        $wanted = array_values(array_filter($runs, static fn (Run $run) => $run->id === $runId))[0] ?? end($runs);
        $line = false === $wanted ? null : $this->runs->judge($wanted);
        $marks = $this->marks->ofJob($job);

        return new JobScreen($job, $stage, $line, $runs, $marks, $this->ribbon($job, $line, $marks, $units));
    }

    /** @param list<Mark> $marks of the whole job */
    public function ribbon(Job $job, ?JudgedRun $line, array $marks, UnitSystem $units): Ribbon
    {
        return Ribbon::draw(
            $line->record ?? new RunRecord([], Material::Unknown, null, Travel::Downstream),
            $line->judgements ?? [],
            array_values(array_map(static fn (Mark $mark) => $mark->onTheLine(), array_filter($marks, static fn (Mark $mark) => $mark->run === $line?->run))),
            array_map(static fn (Pass $pass) => $pass->onTheLine(), $job->passes()),
            $units,
            self::WIDTH,
        );
    }
}
