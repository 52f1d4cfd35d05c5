<?php

declare(strict_types=1);

namespace App\HandOver\JobFile;

use App\Firm\Firm;
use App\Record\CallSheet;
use App\Record\Correction;
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
use App\Record\PropertyRepository;
use App\Record\ReadingBatch;
use App\Record\RepairSaid;
use App\Record\Run;
use App\Record\SecondOpinion;
use App\Record\SentLetter;
use App\Record\StuckTool;
use App\Support\Files\FileError;
use App\Support\Files\RefusedFile;
use App\Work\SaidWords;
use Doctrine\DBAL\ArrayParameterType;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Validator\Validator\ValidatorInterface;

/** Takes a job file into a firm: whole, or not at all. */
final readonly class JobFileReader
{
    /** Read, checked against the schema, taken apart, stored. */
    private const STEPS = 4;
    private const IDENTIFIED = [
        Opening::class, Pass::class, FlowTest::class, StuckTool::class, Run::class, ReadingBatch::class,
        LoggedFinding::class, Mark::class, JobPicture::class, HeightMeasured::class, OutsidePipe::class, OwnOpinion::class,
        RepairSaid::class, PairSaid::class, SentLetter::class, SecondOpinion::class, Narrated::class, Correction::class,
    ];

    public function __construct(
        private EntityManagerInterface $manager,
        private ValidatorInterface $validator,
        private DetailsMapper $details,
        private JobFileSchema $schema,
        private JobFileWriter $writer,
        private PropertyRepository $properties,
        private SaidWords $words,
    ) {
    }

    /**
     * A file of a job that is here already and says the same is passed over.
     *
     * @param resource $stream
     * @param ?\Closure(int, int): void $hear called with how many steps of how many are done
     *
     * @throws RefusedFile when anything in it is wrong, or when the job is here already and says otherwise
     */
    public function read($stream, Firm $firm, ?\Closure $hear = null): Job
    {
        $tell = static fn (int $done) => null === $hear ? null : $hear($done, self::STEPS);
        $tell(0);
        $file = new SpilledJson($stream);
        $tell(1);
        $document = new Row($this->schema->check($file->json), '', $file);
        $tell(2);
        $given = $document->object('job') ?? new Row([], 'job');
        $known = $this->manager->find(Job::class, $given->text('id'));
        if (null !== $known) {
            return $this->sameAs($known, $firm, $document->values);
        }
        $intake = new Intake($this->details, $this->validator);
        $job = $this->job($document, $given, $firm, $intake);
        $this->refuseKnownIds($intake);
        $intake->end();
        $tell(3);
        // The job points to its chosen opening, which points to the job: first all entries, then the choice.
        $this->manager->wrapInTransaction(function () use ($job, $given, $intake): void {
            array_map($this->manager->persist(...), $intake->entries());
            $this->manager->flush();
            $chosen = ['chosen_opening_id' => $given->optionalText('chosen_opening')];
            $this->manager->getConnection()->update('job', $chosen, ['id' => $job->id]);
            $intake->storeTheRest();
            foreach ($intake->entries() as $entry) {
                match (true) {
                    $entry instanceof Narrated => $this->words->add($entry),
                    $entry instanceof Pass => $this->words->addPass($entry),
                    default => null,
                };
            }
        });
        $this->manager->clear();

        return $this->manager->find(Job::class, $job->id) ?? throw new \LogicException('A job that was just stored is not there.');
    }

    /** @param array<mixed> $given */
    private function sameAs(Job $known, Firm $firm, array $given): Job
    {
        if ($known->firm !== $firm) {
            throw new RefusedFile([new FileError('job.id', 'job_file.id_taken')]);
        }
        // The maps are the property's: other jobs may have altered them since.
        $propertys = ['line_map' => null, 'site_plan' => null, 'upkeep_plans' => null];
        $here = json_decode((new SpilledJson($this->writer->write($known)))->json, true, JobFileSchema::DEPTH, \JSON_THROW_ON_ERROR);
        if (!self::saysTheSame(array_diff_key((array) $here, $propertys), array_diff_key($given, $propertys))) {
            throw new RefusedFile([new FileError('job.id', 'job_file.already_here')]);
        }

        return $known;
    }

    /** Files of an earlier release lack what was not kept then: where the record has nothing there, they say the same. */
    private static function saysTheSame(mixed $here, mixed $given): bool
    {
        if (!\is_array($here) || !\is_array($given)) {
            // Loose on purpose: 3 and 3.0 are the same number in JSON.
            return $here == $given;
        }
        foreach (array_keys($here + $given) as $key) {
            $same = \array_key_exists($key, $given)
                ? \array_key_exists($key, $here) && self::saysTheSame($here[$key], $given[$key])
                : \in_array($here[$key], [null, false, [], ''], true);
            if (!$same) {
                return false;
            }
        }

        return true;
    }

    private function job(Row $document, Row $given, Firm $firm, Intake $intake): Job
    {
        $call = $intake->details($given->object('call') ?? new Row([], 'job.call'), CallSheet::class);
        $property = $this->properties->at($firm, $call->place);
        $section = new JobSection($intake);
        $section->map($document->object('line_map'), $property);
        $section->site($document->object('site_plan'), $property);
        $job = $section->read($given, $property, $call);
        $clearing = new ClearingSection($intake);
        $clearing->openings($document, $job);
        $intake->opening($given, 'chosen_opening');
        $clearing->read($document, $job);
        $pictures = new Pictures($intake, $this->manager->getConnection());
        $runs = new RunsSection($intake, new FindingsSection($intake, $pictures), $pictures, $this->manager->getConnection());
        array_map(static fn (Row $row) => $runs->read($row, $job), $document->rows('runs'));
        $pictures->ofJob($document, $job);
        $runs->outside($document, $job);
        $runs->heights($document, $job);
        (new MendSection($intake))->read($document, $given, $job);
        (new UpkeepSection($intake, $this->manager))->read($document, $given, $job);
        array_map(static fn (Row $row) => self::correction($row, $job, $intake), $document->rows('corrections'));

        return $job;
    }

    private static function correction(Row $row, Job $job, Intake $intake): void
    {
        /** @var array<string, array{mixed, mixed}> $changes */
        $changes = $row->object('changes')->values ?? [];
        $intake->add(new Correction(
            $job->id, $row->text('entry_id'), $row->text('entry'), $changes, $row->text('by'), $row->time('at'), $intake->id($row),
        ));
    }

    private function refuseKnownIds(Intake $intake): void
    {
        $taken = $this->manager->createQueryBuilder()->select('entry.id')->where('entry.id IN (:ids)')->setMaxResults(3)
            ->setParameter('ids', $intake->ids(), ArrayParameterType::STRING);
        foreach (self::IDENTIFIED as $class) {
            foreach ((clone $taken)->from($class, 'entry')->getQuery()->getSingleColumnResult() as $id) {
                \assert(\is_string($id));
                $intake->refuse($id, 'job_file.id_taken');
            }
        }
    }
}
