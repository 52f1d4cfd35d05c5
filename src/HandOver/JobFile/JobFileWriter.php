<?php

declare(strict_types=1);

namespace App\HandOver\JobFile;

use App\Record\Correction;
use App\Record\FindingRepository;
use App\Record\FlowTest;
use App\Record\HeightMeasured;
use App\Record\Job;
use App\Record\JobPicture;
use App\Record\LoggedFinding;
use App\Record\Mark;
use App\Record\Narrated;
use App\Record\Opening;
use App\Record\OutsidePipe;
use App\Record\OwnOpinion;
use App\Record\PairSaid;
use App\Record\Pass;
use App\Record\RepairSaid;
use App\Record\Run;
use App\Record\SecondOpinion;
use App\Record\SentLetter;
use App\Record\StuckTool;
use App\Record\UpkeepPlan;
use Doctrine\ORM\EntityManagerInterface;

/**
 * Writes a job's whole record as one JSON document (public/schema/job.schema.json), what was withdrawn and corrected
 * included. Share links are not part of it.
 */
final readonly class JobFileWriter
{
    public const FORMAT = 'jurvex-job';
    public const VERSION = 1;
    // Text that was stored before the border refused it must not keep a job from being written.
    private const JSON = \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PRESERVE_ZERO_FRACTION
        | \JSON_INVALID_UTF8_SUBSTITUTE | \JSON_THROW_ON_ERROR;

    /** Stands for a large text until it is written; no text of a job can hold it, since it begins with a zero. */
    private const LARGE = '/"\\\\u0000(photo|reading_batch):([0-9a-f-]{36})"/';
    private const LARGE_COLUMNS = ['photo' => ['jpeg', 'finding_id'], 'reading_batch' => ['lines', 'id']];

    public function __construct(
        private EntityManagerInterface $manager,
        private FindingRepository $findings,
        private DetailsMapper $details,
    ) {
    }

    /**
     * @return resource a stream with the document, at its beginning; pictures and readings were never all in memory
     */
    public function write(Job $job)
    {
        $stream = fopen('php://temp', 'r+');
        \assert(false !== $stream);
        $pieces = preg_split(self::LARGE, json_encode($this->document($job), self::JSON)."\n", -1, \PREG_SPLIT_DELIM_CAPTURE) ?: [];
        foreach (array_chunk($pieces, 3) as $part) {
            fwrite($stream, $part[0]);
            if (isset($part[1], $part[2])) {
                [, $table, $id] = $part;
                $column = self::LARGE_COLUMNS[$table];
                $text = $this->manager->getConnection()->fetchOne("SELECT $column[0] FROM $table WHERE $column[1] = ?", [$id]);
                fwrite($stream, json_encode($text, self::JSON));
            }
        }
        rewind($stream);

        return $stream;
    }

    /** @return array<string, mixed> */
    private function document(Job $job): array
    {
        $corrections = $this->manager->getRepository(Correction::class)->findBy(['jobId' => $job->id], ['id' => 'ASC']);

        return [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'job' => $this->job($job),
            'line_map' => $job->property()->hasMap() ? $job->property()->sketch()->plain() : null,
            'openings' => array_map($this->opening(...), $this->all(Opening::class, $job)),
            'passes' => array_map($this->pass(...), $this->all(Pass::class, $job)),
            'flow_tests' => array_map($this->flowTest(...), $this->all(FlowTest::class, $job)),
            'stuck_tools' => array_map(self::stuckTool(...), $this->all(StuckTool::class, $job)),
            'site_plan' => $job->property()->hasSitePlan() ? $job->property()->sitePlan()->plain() : null,
            'heights' => array_map($this->height(...), $this->all(HeightMeasured::class, $job)),
            'repairs' => array_map($this->repair(...), $this->all(RepairSaid::class, $job)),
            'second_opinions' => array_map(JobValues::second(...), $this->all(SecondOpinion::class, $job)),
            'pairs' => array_map(JobValues::pair(...), $this->all(PairSaid::class, $job)),
            'sent' => array_map(JobValues::letter(...), $this->all(SentLetter::class, $job)),
            'upkeep_plans' => array_map(
                JobValues::plan(...),
                $this->manager->getRepository(UpkeepPlan::class)->findBy(['property' => $job->property()], ['id' => 'ASC']),
            ),
            'outside_pipes' => array_map($this->outsidePipe(...), $this->all(OutsidePipe::class, $job)),
            'pictures' => array_map(JobValues::picture(...), $this->all(JobPicture::class, $job)),
            'runs' => array_map($this->run(...), $this->all(Run::class, $job)),
            'corrections' => array_map(self::correction(...), $corrections),
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
            ...JobValues::outcome($job),
            ...JobValues::evidence($job),
            'clearing' => $this->details->plain($job->clearing()),
            'practice' => JobValues::practice($job),
        ];
    }

    /** @return array<string, mixed> */
    private function opening(Opening $opening): array
    {
        return [
            'id' => $opening->id, 'withdrawn_at' => self::time($opening->withdrawnAt()), 'node' => $opening->node(),
            ...$this->details->plain($opening->details()),
        ];
    }

    /** @return array<string, mixed> */
    private function pass(Pass $pass): array
    {
        return [
            'id' => $pass->id, 'opening' => $pass->opening?->id, 'logged_at' => self::time($pass->loggedAt),
            'withdrawn_at' => self::time($pass->withdrawnAt()), 'open' => $pass->isOpen(), 'entries' => $pass->plainEntries(),
            ...$this->details->plain($pass->details()),
        ];
    }

    /** @return array<string, mixed> */
    private function flowTest(FlowTest $test): array
    {
        return [
            'id' => $test->id, 'logged_at' => self::time($test->loggedAt), 'withdrawn_at' => self::time($test->withdrawnAt()),
            ...$this->details->plain($test->details()),
        ];
    }

    /** @return array<string, mixed> */
    private function height(HeightMeasured $height): array
    {
        return [
            'id' => $height->id, 'logged_at' => self::time($height->loggedAt), 'withdrawn_at' => self::time($height->withdrawnAt()),
            ...$this->details->plain($height->details()),
        ];
    }

    /** @return array<string, mixed> */
    private function repair(RepairSaid $said): array
    {
        return ['id' => $said->id, 'finding_id' => $said->findingId, ...$this->details->plain($said->details())];
    }

    /** @return array<string, mixed> */
    private function outsidePipe(OutsidePipe $pipe): array
    {
        return [
            'id' => $pipe->id, 'logged_at' => self::time($pipe->loggedAt), 'withdrawn_at' => self::time($pipe->withdrawnAt()),
            ...$this->details->plain($pipe->details()),
        ];
    }

    /** @return array<string, mixed> */
    private static function stuckTool(StuckTool $stuck): array
    {
        return [
            'id' => $stuck->id, 'trouble' => $stuck->trouble->value, 'at_m' => $stuck->atM,
            'began_at' => self::time($stuck->beganAt), 'gauge' => $stuck->gauge()->value, 'progress' => $stuck->progress()?->value,
            'soil_comes_back' => $stuck->soilComesBack(), 'tried' => $stuck->tried(), 'freed_by' => $stuck->freedBy(),
            'ended_at' => self::time($stuck->endedAt()),
        ];
    }

    /** @return array<string, mixed> */
    private static function correction(Correction $correction): array
    {
        return [
            'id' => $correction->id, 'entry_id' => $correction->entryId, 'entry' => $correction->entry,
            'changes' => (object) $correction->changes, 'by' => $correction->by, 'at' => self::time($correction->at),
        ];
    }

    /** @return array<string, mixed> */
    private function run(Run $run): array
    {
        $query = 'SELECT p.finding_id FROM photo p JOIN mark m ON m.id = p.finding_id WHERE m.run_id = ?';
        $pictured = array_flip($this->ids($query, $run->id));

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
            'video_name' => $run->videoName(),
            'simulated' => $run->isSimulated(),
            'readings' => array_map(
                static fn (string $id) => ['id' => $id, 'lines' => "\0reading_batch:".$id],
                $this->ids('SELECT id FROM reading_batch WHERE run_id = ? ORDER BY id', $run->id),
            ),
            'findings' => $this->findings($run),
            'narrations' => array_map(
                JobValues::narrated(...), $this->manager->getRepository(Narrated::class)->findBy(['run' => $run], ['id' => 'ASC']),
            ),
            'marks' => array_map(fn (Mark $mark) => [
                'id' => $mark->id, 'logged_at' => self::time($mark->loggedAt), 'withdrawn_at' => self::time($mark->withdrawnAt()),
                ...$this->details->plain($mark->details()), 'photo' => isset($pictured[$mark->id]) ? "\0photo:".$mark->id : null,
            ], $this->manager->getRepository(Mark::class)->findBy(['run' => $run], ['id' => 'ASC'])),
        ];
    }

    /** @return list<array<string, mixed>> */
    private function findings(Run $run): array
    {
        $logged = $this->findings->everythingOf($run);
        $ids = array_map(static fn (LoggedFinding $finding) => $finding->id, $logged);
        $photos = $opinions = [];
        $query = 'SELECT p.finding_id FROM photo p JOIN logged_finding f ON f.id = p.finding_id WHERE f.run_id = ?';
        foreach ($this->ids($query, $run->id) as $id) {
            $photos[$id] = "\0photo:".$id;
        }
        foreach ($this->manager->getRepository(OwnOpinion::class)->findBy(['findingId' => $ids], ['id' => 'ASC']) as $opinion) {
            $opinions[$opinion->findingId][] = [
                'id' => $opinion->id, 'need' => $opinion->need->value, 'reason' => $opinion->reason,
                'by' => $opinion->by, 'at' => self::time($opinion->at),
                'withdrawn_at' => self::time($opinion->withdrawnAt()),
            ];
        }

        return array_map(static fn (LoggedFinding $finding) => [
            ...self::finding($finding), 'opinions' => $opinions[$finding->id] ?? [], 'photo' => $photos[$finding->id] ?? null,
        ], $logged);
    }

    /** @return array<string, mixed> */
    private static function finding(LoggedFinding $logged): array
    {
        $plain = $logged->finding()->plain();

        return [
            ...$plain, 'facts' => (object) $plain['facts'],
            'logged_at' => self::time($logged->loggedAt), 'withdrawn_at' => self::time($logged->withdrawnAt()),
            'replaces' => $logged->replaces, 'reading_m' => $logged->readingM, 'invert_on_screen' => $logged->invertOnScreen,
            'drawn_back' => $logged->drawnBack, 'recorded_s' => $logged->recordedS,
        ];
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

    /** @return list<string> */
    private function ids(string $query, string $of): array
    {
        /** @var list<string> $ids */
        $ids = $this->manager->getConnection()->fetchFirstColumn($query, [$of]);

        return $ids;
    }

    public static function time(?\DateTimeImmutable $time): ?string
    {
        return $time?->format(\DATE_ATOM);
    }
}
