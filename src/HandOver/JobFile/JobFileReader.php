<?php

declare(strict_types=1);

namespace App\HandOver\JobFile;

use App\Firm\Firm;
use App\Record\CallSheet;
use App\Record\Cleared;
use App\Record\ClearingDetails;
use App\Record\Correction;
use App\Record\DangerState;
use App\Record\FlowTest;
use App\Record\FlowTestDetails;
use App\Record\Job;
use App\Record\LoggedFinding;
use App\Record\Mark;
use App\Record\MarkDetails;
use App\Record\Opening;
use App\Record\OpeningDetails;
use App\Record\OwnOpinion;
use App\Record\Pass;
use App\Record\PassDetails;
use App\Record\PictureReader;
use App\Record\Property;
use App\Record\PropertyRepository;
use App\Record\ReadingBatch;
use App\Record\RefusedPicture;
use App\Record\Run;
use App\Record\RunDetails;
use App\Record\RunTrack;
use App\Record\StuckTool;
use App\Record\Zero;
use App\Support\Files\FileError;
use App\Support\Files\RefusedFile;
use Doctrine\ORM\EntityManagerInterface;
use Jurvex\Core\Clear\Gauge;
use Jurvex\Core\Clear\Machine;
use Jurvex\Core\Clear\Progress;
use Jurvex\Core\Clear\Trouble;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Judge\Need;
use Jurvex\Core\Judge\School;
use Jurvex\Core\Reel\ReadingFormat;
use Jurvex\Core\Run\EndReason;
use Jurvex\Core\Sketch\Sketch;
use Jurvex\Core\Triage\DangerSign;
use Symfony\Component\Validator\Validator\ValidatorInterface;

/** Takes a job file into a firm: whole, or not at all. */
final class JobFileReader
{
    /** @var list<FileError> */
    private array $errors = [];

    /** @var list<object> */
    private array $entries = [];

    /** @var array<string, true> */
    private array $ids = [];

    public function __construct(
        private readonly EntityManagerInterface $manager,
        private readonly ValidatorInterface $validator,
        private readonly DetailsMapper $details,
        private readonly JobFileSchema $schema,
        private readonly JobFileWriter $writer,
        private readonly PropertyRepository $properties,
    ) {
    }

    /**
     * A file of a job that is here already and says the same is passed over.
     *
     * @throws RefusedFile when anything in it is wrong, or when the job is here already and says otherwise
     */
    public function read(string $json, Firm $firm): Job
    {
        $document = $this->schema->check($json);
        /** @var array{id: string, chosen_opening: ?string} $given */
        $given = $document['job'];
        $known = $this->manager->find(Job::class, $given['id']);
        if (null !== $known) {
            return $this->sameAs($known, $firm, $json);
        }
        $this->errors = $this->entries = $this->ids = [];
        $job = $this->job($document, $firm);
        $this->refuseKnownIds();
        if ([] !== $this->errors) {
            throw new RefusedFile($this->errors);
        }
        // The job points to its chosen opening, which points to the job: first all entries, then the choice.
        $this->manager->wrapInTransaction(function () use ($job, $given): void {
            array_map($this->manager->persist(...), $this->entries);
            $this->manager->flush();
            $this->manager->getConnection()->update('job', ['chosen_opening_id' => $given['chosen_opening']], ['id' => $job->id]);
        });
        $this->manager->clear();

        return $this->manager->find(Job::class, $job->id) ?? throw new \LogicException('A job that was just stored is not there.');
    }

    private function sameAs(Job $known, Firm $firm, string $json): Job
    {
        if ($known->firm !== $firm) {
            throw new RefusedFile([new FileError('job.id', 'job_file.id_taken')]);
        }
        // The line map is the property's: other jobs may have altered it since.
        $withoutMap = static fn (string $file) => array_diff_key(
            (array) json_decode($file, true, 64, \JSON_THROW_ON_ERROR),
            ['line_map' => null],
        );
        // Loose on purpose: 3 and 3.0 are the same number in JSON.
        if ($withoutMap($this->writer->write($known)) != $withoutMap($json)) {
            throw new RefusedFile([new FileError('job.id', 'job_file.already_here')]);
        }

        return $known;
    }

    /** @param array<string, mixed> $document */
    private function job(array $document, Firm $firm): Job
    {
        /** @var array<string, mixed> $given */
        $given = $document['job'];
        $call = $this->checked($given['call'], CallSheet::class, 'job.call');
        $property = $this->properties->at($firm, $call->place);
        $this->map($document['line_map'] ?? null, $property);
        $job = new Job($this->id($given, 'job'), $property, $call, self::time($given['opened_at']), self::text($given['done_by']));
        $this->entries[] = $job;
        $job->chooseOpening(null, Zero::from(self::text($given['zero'])), self::text($given['zero_note']));
        $job->sayCleared(Cleared::tryFrom(self::text($given['cleared'])), self::text($given['cleared_note']));
        $job->noteSeenAround(self::text($given['seen_around']));
        $this->attempt(
            'job',
            static fn () => $job->judgeBy(
                School::tryFrom(self::text($given['water_school'])),
                School::tryFrom(self::text($given['roots_school'])),
            ),
        );
        $due = self::text($given['upkeep_due_on']);
        $job->advise(self::text($given['advice']), self::text($given['upkeep']), '' === $due ? null : new \DateTimeImmutable($due));
        $job->handOver(self::optionalTime($given['handed_over_at']));
        $job->closeLook(self::text($given['look_closed_because']));
        $this->triage($given, $job);
        $openings = $this->openings($document, $job);
        $this->opening($given['chosen_opening'], $openings, 'job.chosen_opening');
        $this->clearing($document, $job, $openings);
        foreach (self::rows($document['stuck_tools'] ?? []) as $i => $row) {
            $this->stuckTool($row, $job, 'stuck_tools.'.$i);
        }
        foreach (self::rows($document['runs']) as $i => $row) {
            $this->run($row, $job, $openings, 'runs.'.$i);
        }
        foreach (self::rows($document['corrections']) as $i => $row) {
            /** @var array<string, array{mixed, mixed}> $changes */
            $changes = $row['changes'];
            $this->entries[] = new Correction(
                $job->id, self::text($row['entry_id']), self::text($row['entry']), $changes, self::text($row['by']),
                self::time($row['at']), $this->id($row, 'corrections.'.$i),
            );
        }

        return $job;
    }

    /** Takes the map for a property that has none yet; one that is here already is newer. */
    private function map(mixed $map, Property $property): void
    {
        if (!\is_array($map)) {
            return;
        }
        $sketch = $this->attempt('line_map', static fn () => Sketch::read(new Input($map)));
        if ($sketch instanceof Sketch && !$property->hasMap()) {
            $property->draw($sketch);
        }
    }

    /** @param array<string, mixed> $given */
    private function triage(array $given, Job $job): void
    {
        foreach (self::rows($given['seen'] ?? []) as $seen) {
            $job->see(self::text($seen['node']), self::text($seen['seen']));
        }
        foreach (self::rows($given['made_tests'] ?? []) as $test) {
            $job->makeTest(
                self::text($test['run']), self::text($test['watched']), self::text($test['seen']),
                self::text($test['by']), new \DateTimeImmutable(self::text($test['at'])),
            );
        }
        foreach (self::rows($given['gates'] ?? []) as $said) {
            $job->confirmGate(
                Machine::from(self::text($said['machine'])), self::text($said['line']), true, self::text($said['by']),
                new \DateTimeImmutable(self::text($said['at'])),
            );
        }
        if (isset($given['clearing'])) {
            $job->planClearing($this->checked($given['clearing'], ClearingDetails::class, 'job.clearing'));
        }
        foreach (self::rows($given['dangers'] ?? []) as $said) {
            $job->sayDanger(
                DangerSign::from(self::text($said['sign'])),
                DangerState::from(self::text($said['state'])),
                self::text($said['by']),
                new \DateTimeImmutable(self::text($said['at'])),
            );
        }
    }

    /**
     * @param array<string, mixed> $document
     *
     * @return array<string, Opening>
     */
    private function openings(array $document, Job $job): array
    {
        $openings = [];
        foreach (self::rows($document['openings']) as $i => $row) {
            $opening = new Opening($this->id($row, 'openings.'.$i), $job, $this->checked($row, OpeningDetails::class, 'openings.'.$i));
            $opening->placeAt(self::text($row['node'] ?? null) ?: null);
            $this->withdraw($opening, $row);
            $openings[$opening->id] = $this->entries[] = $opening;
        }

        return $openings;
    }

    /**
     * @param array<string, mixed>   $document
     * @param array<string, Opening> $openings
     */
    private function clearing(array $document, Job $job, array $openings): void
    {
        foreach (self::rows($document['passes']) as $i => $row) {
            $opening = $this->opening($row['opening'], $openings, 'passes.'.$i.'.opening');
            $pass = new Pass(
                $this->id($row, 'passes.'.$i), $job, $opening, self::time($row['logged_at']),
                $this->checked($row, PassDetails::class, 'passes.'.$i),
            );
            $this->withdraw($pass, $row);
            $this->entries[] = $pass;
        }
        foreach (self::rows($document['flow_tests']) as $i => $row) {
            $test = new FlowTest(
                $this->id($row, 'flow_tests.'.$i),
                $job,
                self::time($row['logged_at']),
                $this->checked($row, FlowTestDetails::class, 'flow_tests.'.$i),
            );
            $this->withdraw($test, $row);
            $this->entries[] = $test;
        }
    }

    /** @param list<array<string, mixed>> $batches */
    private function readings(array $batches, Run $run, string $at): void
    {
        $track = [] === $batches ? null : new RunTrack($run->id);
        foreach ($batches as $i => $batch) {
            $lines = self::text($batch['lines']);
            $readings = $this->attempt($at.'.readings.'.$i, static fn () => ReadingFormat::read($lines));
            if (\is_array($readings) && [] !== $readings) {
                $run->wentTo($track?->take($readings, $run)->deepest ?? 0.0);
                $this->entries[] = new ReadingBatch($this->id($batch, $at.'.readings.'.$i), $run, \count($readings), $lines);
            }
        }
        if (null !== $track) {
            $this->entries[] = $track;
        }
    }

    /** @param array<string, mixed> $row */
    private function stuckTool(array $row, Job $job, string $at): void
    {
        $stuck = new StuckTool(
            $this->id($row, $at), $job, Trouble::from(self::text($row['trouble'])), self::number($row['at_m']) ?? 0.0,
            self::time($row['began_at']),
        );
        $stuck->see(
            Gauge::from(self::text($row['gauge'])),
            Progress::tryFrom(self::text($row['progress'])),
            true === $row['soil_comes_back'],
        );
        foreach (self::rows($row['tried']) as $try) {
            $stuck->triedInVain(self::text($try['code']), self::text($try['by']), new \DateTimeImmutable(self::text($try['at'])));
        }
        $ended = self::optionalTime($row['ended_at']);
        if (null !== $ended) {
            $stuck->end(self::text($row['freed_by']), $ended);
        }
        $this->entries[] = $stuck;
    }

    /**
     * @param array<string, mixed>   $row
     * @param array<string, Opening> $openings
     */
    private function run(array $row, Job $job, array $openings, string $at): void
    {
        $opening = $this->opening($row['opening'], $openings, $at.'.opening');
        if (null === $opening) {
            $this->errors[] = new FileError($at.'.opening', 'missing');

            return;
        }
        $run = new Run($this->id($row, $at), $job, $opening, self::time($row['started_at']), $this->checked($row, RunDetails::class, $at));
        $this->entries[] = $run;
        $waterOff = self::optionalTime($row['water_off_at']);
        if (null !== $waterOff) {
            $run->turnWater(false, $waterOff);
        }
        if (\is_int($row['reached_m']) || \is_float($row['reached_m'])) {
            $reason = EndReason::tryFrom(self::text($row['end_reason']));
            $run->end(
                $reason ?? EndReason::Other,
                (float) $row['reached_m'],
                self::text($row['end_note']),
                self::optionalTime($row['ended_at']) ?? $run->startedAt,
            );
            if (null === $reason) {
                $run->goOn();
            }
        }
        $this->readings(self::rows($row['readings'] ?? []), $run, $at);
        $here = [];
        foreach (self::rows($row['findings']) as $i => $finding) {
            $this->finding($finding, $run, $here, $at.'.findings.'.$i);
        }
        foreach (self::rows($row['marks']) as $i => $each) {
            $mark = new Mark(
                $this->id($each, $at.'.marks.'.$i),
                $run,
                self::time($each['logged_at']),
                $this->checked($each, MarkDetails::class, $at.'.marks.'.$i),
            );
            $this->withdraw($mark, $each);
            $this->entries[] = $mark;
        }
    }

    /**
     * @param array<string, mixed> $row
     * @param array<string, true>  $here findings of the run so far
     */
    private function finding(array $row, Run $run, array &$here, string $at): void
    {
        $finding = $this->attempt($at, static fn () => Finding::read(new Input($row)));
        if (!$finding instanceof Finding) {
            return;
        }
        $replaces = self::text($row['replaces']);
        if ('' !== $replaces && !isset($here[$replaces])) {
            $this->errors[] = new FileError($at.'.replaces', 'job_file.not_in_file');
        }
        $logged = new LoggedFinding(
            $this->id($row, $at), $run, $finding, self::time($row['logged_at']), self::number($row['reading_m']),
            self::number($row['invert_on_screen']), '' === $replaces ? null : $replaces,
            \is_bool($row['drawn_back'] ?? null) ? $row['drawn_back'] : null, self::number($row['recorded_s'] ?? null),
        );
        $this->withdraw($logged, $row);
        $here[$logged->id] = true;
        $this->entries[] = $logged;
        foreach (self::rows($row['opinions']) as $i => $each) {
            $opinion = new OwnOpinion(
                $this->id($each, $at.'.opinions.'.$i), $logged->id, Need::from(self::text($each['need'])),
                self::text($each['reason']), self::text($each['by']), self::time($each['at']),
            );
            $this->withdraw($opinion, $each);
            $this->entries[] = $opinion;
        }
        if (\is_string($row['photo'])) {
            try {
                $this->entries[] = PictureReader::fromJobFile($logged->id, $row['photo']);
            } catch (RefusedPicture $refused) {
                $this->errors[] = new FileError($at.'.photo', $refused->reason);
            }
        }
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     *
     * @return T
     */
    private function checked(mixed $values, string $class, string $at): object
    {
        \assert(\is_array($values));
        $details = $this->details->read($values, $class);
        foreach ($this->validator->validate($details) as $violation) {
            $this->errors[] = new FileError($at.'.'.$violation->getPropertyPath(), 'said', ['text' => (string) $violation->getMessage()]);
        }

        return $details;
    }

    /**
     * @template T
     *
     * @param \Closure(): T $work
     *
     * @return ?T
     */
    private function attempt(string $at, \Closure $work): mixed
    {
        try {
            return $work();
        } catch (BadInput $error) {
            $why = $error->allowed['why'] ?? null;
            $this->errors[] = new FileError($at.'.'.$error->at, \is_string($why) ? 'bad_map.'.$why : $error->reason, $error->allowed);

            return null;
        }
    }

    /** @param array<string, Opening> $openings */
    private function opening(mixed $id, array $openings, string $at): ?Opening
    {
        if (null === $id) {
            return null;
        }
        $opening = $openings[self::text($id)] ?? null;
        if (null === $opening) {
            $this->errors[] = new FileError($at, 'job_file.not_in_file');
        }

        return $opening;
    }

    /** @param array<string, mixed> $row */
    private function id(array $row, string $at): string
    {
        $id = self::text($row['id']);
        if (isset($this->ids[$id])) {
            $this->errors[] = new FileError($at.'.id', 'job_file.twice');
        }
        $this->ids[$id] = true;

        return $id;
    }

    private function refuseKnownIds(): void
    {
        foreach ([
            Opening::class, Pass::class, FlowTest::class, StuckTool::class, Run::class, LoggedFinding::class,
            Mark::class, OwnOpinion::class, Correction::class,
        ] as $class) {
            foreach ($this->manager->getRepository($class)->findBy(['id' => array_keys($this->ids)], null, 3) as $taken) {
                $this->errors[] = new FileError($taken->id, 'job_file.id_taken');
            }
        }
    }

    /** @param array<string, mixed> $row */
    private function withdraw(Opening|Pass|FlowTest|Mark|OwnOpinion|LoggedFinding $entry, array $row): void
    {
        $at = self::optionalTime($row['withdrawn_at']);
        if (null !== $at) {
            $entry->withdraw($at);
        }
    }

    /** @return list<array<string, mixed>> */
    private static function rows(mixed $rows): array
    {
        /** @var list<array<string, mixed>> $rows the schema has been checked */
        return $rows;
    }

    private static function text(mixed $value): string
    {
        return \is_string($value) ? $value : '';
    }

    private static function number(mixed $value): ?float
    {
        return \is_int($value) || \is_float($value) ? (float) $value : null;
    }

    private static function time(mixed $value): \DateTimeImmutable
    {
        return (new \DateTimeImmutable(self::text($value)))->setTimezone(new \DateTimeZone('UTC'));
    }

    private static function optionalTime(mixed $value): ?\DateTimeImmutable
    {
        return null === $value ? null : self::time($value);
    }
}
