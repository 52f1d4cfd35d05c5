<?php

declare(strict_types=1);

namespace App\Screen;

use App\Record\Job;
use App\Record\Mark;
use App\Record\MarkRepository;
use App\Record\Pass;
use App\Record\Run;
use App\Work\Expectation;
use App\Work\JudgedRun;
use App\Work\LineRecords;
use App\Work\MappedRuns;
use Jurvex\Core\Finding\Material;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Ribbon\DrawnPass;
use Jurvex\Core\Ribbon\Ribbon;
use Jurvex\Core\Run\RunRecord;
use Jurvex\Core\Run\Travel;
use Jurvex\Core\Sketch\ExpectedRun;

/** Puts a job's screen together. */
final readonly class JobScreens
{
    private const WIDTH = 1160.0;

    public function __construct(private LineRecords $records, private MarkRepository $marks)
    {
    }

    /**
     * @param ?string $runId the run wanted on the ribbon; the latest where it is not the job's
     * @param ?Expectation $expected takes the place of every run: what is chosen now, before it is pushed
     * @param ?Length $shows how far the ribbon goes at least
     */
    public function of(
        Job $job, Stage $stage, UnitSystem $units, ?string $runId = null, ?Expectation $expected = null, ?Length $shows = null,
    ): JobScreen {
        $record = $this->records->of($job);
        $runs = array_column($record->runsOf($job), 'run');
        $line = $record->runOrLatest($job, $runId);
        $marks = $this->marks->ofJob($job);
        $expected ??= null === $line ? self::expected($job) : null;

        return new JobScreen(
            $job, $stage, $record, $line, $runs, $marks,
            null === $expected ? $this->ribbon($job, $line, $marks, $units, $shows) : self::ribbonOf($job, $expected, $units),
            $expected,
        );
    }

    /** The same with what is chosen now on its ribbon. */
    public function expecting(JobScreen $screen, ?Expectation $expected, UnitSystem $units): JobScreen
    {
        return null === $expected ? $screen : new JobScreen(
            $screen->job, $screen->stage, $screen->record, $screen->line, $screen->runs, $screen->marks,
            self::ribbonOf($screen->job, $expected, $units), $expected,
        );
    }

    /** What the map makes of the way from the chosen opening, before anything was pushed. */
    private static function expected(Job $job): ?Expectation
    {
        $opening = $job->chosenOpening();
        $way = MappedRuns::wayFrom($opening);
        $record = null === $way ? null : ExpectedRun::on($job->property()->sketch(), $way);

        return null === $record || null === $opening ? null : new Expectation($opening->details()->place, $record);
    }

    /** With the reach as a bar under the line; else with the passes that were made. */
    private static function ribbonOf(Job $job, Expectation $expected, UnitSystem $units): Ribbon
    {
        $bars = null === $expected->reach ? self::passesOf($job) : [new DrawnPass(Length::metres(0), $expected->reach)];

        return Ribbon::draw($expected->record, [], [], $bars, $units, self::WIDTH);
    }

    /** @return list<DrawnPass> */
    private static function passesOf(Job $job): array
    {
        return array_map(static fn (Pass $pass) => $pass->onTheLine(), $job->passes());
    }

    /** @param list<Mark> $marks of the whole job */
    public function ribbon(Job $job, ?JudgedRun $line, array $marks, UnitSystem $units, ?Length $shows = null): Ribbon
    {
        return Ribbon::draw(
            $line->record ?? new RunRecord([], Material::Unknown, null, Travel::Downstream),
            $line?->judgements->all() ?? [],
            array_values(
                array_map(
                    static fn (Mark $mark) => $mark->onTheLine(),
                    array_filter($marks, static fn (Mark $mark) => $mark->run === $line?->run),
                ),
            ),
            self::passesOf($job),
            $units,
            self::WIDTH,
            $line?->track,
            $shows,
        );
    }
}
