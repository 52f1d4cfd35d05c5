<?php

declare(strict_types=1);

namespace App\HandOver\JobFile;

use App\Record\Correction;
use App\Record\FindingRepository;
use App\Record\FlowTest;
use App\Record\Job;
use App\Record\LoggedFinding;
use App\Record\Mark;
use App\Record\Opening;
use App\Record\OwnOpinion;
use App\Record\Pass;
use App\Record\Photo;
use App\Record\ReadingBatch;
use App\Record\Run;
use App\Record\StuckTool;
use Doctrine\ORM\EntityManagerInterface;

/**
 * Writes a job's whole record as one JSON document (public/schema/job.schema.json), what was withdrawn and corrected
 * included. Share links are not part of it.
 */
final readonly class JobFileWriter
{
    public const FORMAT = 'jurvex-job';
    public const VERSION = 1;

    public function __construct(
        private EntityManagerInterface $manager,
        private FindingRepository $findings,
        private DetailsMapper $details,
    ) {
    }

    public function write(Job $job): string
    {
        return json_encode(
            $this->document($job),
            \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PRESERVE_ZERO_FRACTION | \JSON_THROW_ON_ERROR,
        )."\n";
    }

    /** @return array<string, mixed> */
    private function document(Job $job): array
    {
        return [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'job' => $this->job($job),
            'line_map' => $job->property()->hasMap() ? $job->property()->sketch()->plain() : null,
            'openings' => array_map(fn (Opening $opening) => [
                'id' => $opening->id, 'withdrawn_at' => self::time($opening->withdrawnAt()), 'node' => $opening->node(), ...$this->details->plain($opening->details()),
            ], $this->all(Opening::class, $job)),
            'passes' => array_map(fn (Pass $pass) => [
                'id' => $pass->id, 'opening' => $pass->opening?->id, 'logged_at' => self::time($pass->loggedAt), 'withdrawn_at' => self::time($pass->withdrawnAt()),
                ...$this->details->plain($pass->details()),
            ], $this->all(Pass::class, $job)),
            'flow_tests' => array_map(fn (FlowTest $test) => [
                'id' => $test->id, 'logged_at' => self::time($test->loggedAt), 'withdrawn_at' => self::time($test->withdrawnAt()), ...$this->details->plain($test->details()),
            ], $this->all(FlowTest::class, $job)),
            'stuck_tools' => array_map(static fn (StuckTool $stuck) => [
                'id' => $stuck->id, 'trouble' => $stuck->trouble->value, 'at_m' => $stuck->atM, 'began_at' => self::time($stuck->beganAt), 'gauge' => $stuck->gauge()->value, 'progress' => $stuck->progress()?->value,
                'soil_comes_back' => $stuck->soilComesBack(), 'tried' => $stuck->tried(), 'freed_by' => $stuck->freedBy(), 'ended_at' => self::time($stuck->endedAt()),
            ], $this->all(StuckTool::class, $job)),
            'runs' => array_map($this->run(...), $this->all(Run::class, $job)),
            'corrections' => array_map(static fn (Correction $correction) => [
                'id' => $correction->id, 'entry_id' => $correction->entryId, 'entry' => $correction->entry, 'changes' => (object) $correction->changes,
                'by' => $correction->by, 'at' => self::time($correction->at),
            ], $this->manager->getRepository(Correction::class)->findBy(['jobId' => $job->id], ['id' => 'ASC'])),
        ];
    }

    /** @return array<string, mixed> */
    private function job(Job $job): array
    {
        return [
            'id' => $job->id,
            'opened_at' => self::time($job->openedAt),
            'done_by' => $job->doneBy,
            'call' => $this->details->plain($job->call()),
            'chosen_opening' => $job->chosenOpening()?->id,
            'zero' => $job->zero()->value,
            'zero_note' => $job->zeroNote(),
            'cleared' => $job->cleared()?->value,
            'cleared_note' => $job->clearedNote(),
            'seen_around' => $job->seenAround(),
            'water_school' => $job->waterSchool()?->value,
            'roots_school' => $job->rootsSchool()?->value,
            'advice' => $job->advice(),
            'upkeep' => $job->upkeep(),
            'upkeep_due_on' => $job->upkeepDueOn()?->format('Y-m-d'),
            'handed_over_at' => self::time($job->handedOverAt()),
            'look_closed_because' => $job->lookClosedBecause(),
            'seen' => array_map(
                static fn (string|int $node, string $seen) => ['node' => (string) $node, 'seen' => $seen],
                array_keys($job->seen()),
                array_values($job->seen()),
            ),
            'clearing' => $this->details->plain($job->clearing()),
            'gates' => self::gates($job),
            'made_tests' => $job->madeTests(),
            'dangers' => array_map(
                static fn (string $sign, array $said) => ['sign' => $sign, ...$said],
                array_keys($job->dangers()),
                array_values($job->dangers()),
            ),
        ];
    }

    /** @return list<array{machine: string, line: string, by: string, at: string}> */
    private static function gates(Job $job): array
    {
        $rows = [];
        foreach ($job->gates() as $machine => $lines) {
            foreach ($lines as $line => $said) {
                $rows[] = ['machine' => $machine, 'line' => $line, ...$said];
            }
        }

        return $rows;
    }

    /** @return array<string, mixed> */
    private function run(Run $run): array
    {
        return [
            'id' => $run->id,
            'opening' => $run->opening->id,
            'started_at' => self::time($run->startedAt),
            ...$this->details->plain($run->details()),
            'water_off_at' => self::time($run->waterOffAt()),
            'ended_at' => self::time($run->endedAt()),
            'end_reason' => $run->endReason()?->value,
            'reached_m' => $run->reachedM(),
            'end_note' => $run->endNote(),
            'readings' => array_map(
                static fn (ReadingBatch $batch) => ['id' => $batch->id, 'lines' => $batch->lines],
                $this->manager->getRepository(ReadingBatch::class)->findBy(['run' => $run], ['id' => 'ASC']),
            ),
            'findings' => $this->findings($run),
            'marks' => array_map(fn (Mark $mark) => [
                'id' => $mark->id, 'logged_at' => self::time($mark->loggedAt), 'withdrawn_at' => self::time($mark->withdrawnAt()), ...$this->details->plain($mark->details()),
            ], $this->manager->getRepository(Mark::class)->findBy(['run' => $run], ['id' => 'ASC'])),
        ];
    }

    /** @return list<array<string, mixed>> */
    private function findings(Run $run): array
    {
        $logged = $this->findings->everythingOf($run);
        $ids = array_map(static fn (LoggedFinding $finding) => $finding->id, $logged);
        $photos = $opinions = [];
        foreach ($this->manager->getRepository(Photo::class)->findBy(['findingId' => $ids]) as $photo) {
            $photos[$photo->findingId] = $photo->jpeg;
        }
        foreach ($this->manager->getRepository(OwnOpinion::class)->findBy(['findingId' => $ids], ['id' => 'ASC']) as $opinion) {
            $opinions[$opinion->findingId][] = [
                'id' => $opinion->id, 'need' => $opinion->need->value, 'reason' => $opinion->reason,
                'by' => $opinion->by, 'at' => self::time($opinion->at),
                'withdrawn_at' => self::time($opinion->withdrawnAt()),
            ];
        }

        return array_map(static fn (LoggedFinding $finding) => [
            'id' => $finding->id, 'logged_at' => self::time($finding->loggedAt), 'withdrawn_at' => self::time($finding->withdrawnAt()), 'replaces' => $finding->replaces,
            'kind' => $finding->kind->value, 'from_m' => $finding->fromM, 'to_m' => $finding->toM, 'deepest_m' => $finding->deepestM, 'reading_m' => $finding->readingM,
            'sureness' => $finding->sureness->value, 'clock_from' => $finding->clockFrom, 'clock_to' => $finding->clockTo, 'invert_on_screen' => $finding->invertOnScreen,
            'size' => $finding->size, 'unit' => $finding->unit?->value, 'at_joint' => $finding->atJoint, 'facts' => (object) $finding->facts, 'note' => $finding->note, 'drawn_back' => $finding->drawnBack, 'recorded_s' => $finding->recordedS,
            'opinions' => $opinions[$finding->id] ?? [], 'photo' => $photos[$finding->id] ?? null,
        ], $logged);
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     *
     * @return list<T> also what was withdrawn
     */
    private function all(string $class, Job $job): array
    {
        return $this->manager->getRepository($class)->findBy(['job' => $job], ['id' => 'ASC']);
    }

    private static function time(?\DateTimeImmutable $time): ?string
    {
        return $time?->format(\DATE_ATOM);
    }
}
