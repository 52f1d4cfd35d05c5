<?php

declare(strict_types=1);

namespace App\Record;

use App\Firm\Account;
use App\Firm\Firm;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\ORM\QueryBuilder;
use Doctrine\Persistence\ManagerRegistry;
use Jurvex\Core\Run\EndReason;

/** @extends ServiceEntityRepository<Job> */
final class JobRepository extends ServiceEntityRepository
{
    private const LONGEST_LIST = 20;
    private const LOOKS_AT_ONCE = 30;
    private const LONGEST_WEEK = 300;

    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Job::class);
    }

    public function ofFirm(string $id, Firm $firm): ?Job
    {
        return $this->findOneBy(['id' => $id, 'firm' => $firm]);
    }

    /** @return list<Job> in the order in which they are to be done */
    public function onDay(Firm $firm, \DateTimeImmutable $day): array
    {
        return $this->findBy(
            ['firm' => $firm, 'call.plannedOn' => $day, 'practice' => null],
            ['call.turn' => 'ASC', 'id' => 'ASC'],
            self::LONGEST_LIST,
        );
    }

    /** @return list<Job> of the seven days, in the order of each */
    public function inWeek(Firm $firm, Week $week): array
    {
        /** @var list<Job> $jobs */
        $jobs = $this->createQueryBuilder('job')->addSelect('assignee')->leftJoin('job.assignee', 'assignee')
            ->where('job.firm = :firm AND job.practice IS NULL AND job.call.plannedOn BETWEEN :monday AND :sunday')
            ->setParameter('firm', $firm->id)->setParameter('monday', $week->monday, 'date_immutable')
            ->setParameter('sunday', $week->sunday(), 'date_immutable')
            ->orderBy('job.call.turn', 'ASC')->addOrderBy('job.id', 'ASC')->setMaxResults(self::LONGEST_WEEK)->getQuery()->getResult();

        return $jobs;
    }

    /** @return list<Job> open ones that somebody was given */
    public function openOf(Account $person): array
    {
        return $this->findBy(['assignee' => $person, 'outcome.handedOverAt' => null, 'practice' => null], ['id' => 'ASC']);
    }

    /** @return list<Job> open ones that have no day, the newest first */
    public function undated(Firm $firm): array
    {
        /** @var list<Job> $jobs */
        $jobs = $this->createQueryBuilder('job')
            ->where('job.firm = :firm AND job.practice IS NULL AND job.call.plannedOn IS NULL AND job.outcome.handedOverAt IS NULL')
            ->setParameter('firm', $firm->id)->orderBy('job.id', 'DESC')->setMaxResults(self::LONGEST_LIST)->getQuery()->getResult();

        return $jobs;
    }

    /**
     * Jobs planned before or after the day, or not at all, and not handed over; newest call first.
     *
     * @return list<PlannedJob>
     */
    public function openBesides(Firm $firm, \DateTimeImmutable $day): array
    {
        /** @var list<PlannedJob> $rows */
        $rows = $this->rows($firm, 'NEW App\Record\PlannedJob(job.id, job.call.place, job.call.plannedOn, job.call.why)')
            ->andWhere('job.outcome.handedOverAt IS NULL AND (job.call.plannedOn IS NULL OR job.call.plannedOn <> :day)')
            ->setParameter('day', $day, 'date_immutable')
            ->orderBy('job.id', 'DESC')->getQuery()->getResult();

        return $rows;
    }

    /**
     * Looks that ended before the end of the line, where no other look at the property from the same opening the same way
     * came to its end or goes on with it, and nobody said why that is enough; newest first.
     *
     * @return list<UnfinishedLook>
     */
    public function unfinishedLooks(Firm $firm): array
    {
        $looks = [];
        $before = null;
        // Most that may be are: the newest are asked about some at a time, not all that a firm ever made at once.
        do {
            $some = $this->looksThatMayBeUnfinished($firm, $before);
            $looks = [...$looks, ...$this->stillUnfinished(array_column($some, 'id'))];
            $before = $some[self::LOOKS_AT_ONCE - 1] ?? null;
        } while (null !== $before && \count($looks) < self::LONGEST_LIST);

        return \array_slice($looks, 0, self::LONGEST_LIST);
    }

    /**
     * @param ?array{id: string, startedAt: \DateTimeImmutable} $before the oldest that was asked about already
     *
     * @return list<array{id: string, startedAt: \DateTimeImmutable}> newest first
     */
    private function looksThatMayBeUnfinished(Firm $firm, ?array $before): array
    {
        $query = $this->getEntityManager()->createQueryBuilder()->select('run.id, run.startedAt')->from(Run::class, 'run')
            ->join('run.job', 'job')
            ->where('run.firmId = :firm AND job.practice IS NULL AND job.outcome.lookClosedBecause = :nothing')
            ->andWhere('run.endReason IS NULL OR run.endReason NOT IN (:complete)')
            ->setParameter('firm', $firm->id)->setParameter('nothing', '')
            ->setParameter('complete', array_column(EndReason::complete(), 'value'))
            ->orderBy('run.startedAt', 'DESC')->addOrderBy('run.id', 'DESC')->setMaxResults(self::LOOKS_AT_ONCE);
        if (null !== $before) {
            $query->andWhere('run.startedAt < :time OR (run.startedAt = :time AND run.id < :id)')
                ->setParameter('time', $before['startedAt'])->setParameter('id', $before['id']);
        }
        /** @var list<array{id: string, startedAt: \DateTimeImmutable}> $looks */
        $looks = $query->getQuery()->getResult();

        return $looks;
    }

    /**
     * @param list<string> $runs
     *
     * @return list<UnfinishedLook> newest first
     */
    private function stillUnfinished(array $runs): array
    {
        /** @var list<UnfinishedLook> $looks */
        $looks = [] === $runs ? [] : $this->getEntityManager()->createQuery(
            'SELECT NEW App\Record\UnfinishedLook(job.id, run.id, job.call.place, opening.details.place, run.endReason, run.reachedM)
               FROM App\Record\Run run JOIN run.job job JOIN run.opening opening
              WHERE run.id IN (:runs)
                AND NOT EXISTS (
                    SELECT other.id FROM App\Record\Run other JOIN other.job otherJob JOIN other.opening otherOpening
                     WHERE otherJob.property = job.property AND other.details.travel = run.details.travel AND other.id <> run.id
                       AND (otherOpening.details.place = opening.details.place OR otherOpening.node = opening.node)
                       AND (other.startedAt > run.startedAt OR other.endReason IN (:complete)))
              ORDER BY run.startedAt DESC, run.id DESC')
            ->setParameter('runs', $runs)->setParameter('complete', array_column(EndReason::complete(), 'value'))->getResult();

        return $looks;
    }

    /**
     * @param list<string> $runs
     *
     * @return list<string> those of them at whose property somebody looked from elsewhere or the other way, too
     */
    public function lookedAtFromElsewhere(array $runs): array
    {
        /** @var list<string> $ids */
        $ids = $this->getEntityManager()->createQuery(
            'SELECT DISTINCT run.id FROM App\Record\Run run JOIN run.job job JOIN App\Record\Job beside WITH beside.property = job.property
               JOIN beside.runs other
              WHERE run.id IN (:runs) AND (other.opening <> run.opening OR other.details.travel <> run.details.travel)')
            ->setParameter('runs', $runs)->getSingleColumnResult();

        return $ids;
    }

    /** @return list<Job> whose place, customer or number has the words in it, newest first */
    public function search(Firm $firm, string $words): array
    {
        /** @var list<Job> $jobs */
        $jobs = $this->createQueryBuilder('job')
            ->where('job.firm = :firm AND job.practice IS NULL AND ('.implode(' OR ', array_map(
                static fn (string $field) => 'LOWER(job.call.'.$field.") LIKE LOWER(:words) ESCAPE '!'",
                ['place', 'customer', 'number', 'customerNumber'],
            )).')')
            ->setParameter('firm', $firm->id)->setParameter('words', '%'.strtr($words, ['!' => '!!', '%' => '!%', '_' => '!_']).'%')
            ->orderBy('job.id', 'DESC')->setMaxResults(self::LONGEST_LIST)->getQuery()->getResult();

        return $jobs;
    }

    /** @return list<Job> newest first */
    public function practices(Firm $firm): array
    {
        /** @var list<Job> $jobs */
        $jobs = $this->createQueryBuilder('job')->where('job.firm = :firm AND job.practice IS NOT NULL')
            ->setParameter('firm', $firm->id)->orderBy('job.id', 'DESC')->setMaxResults(self::LONGEST_LIST)->getQuery()->getResult();

        return $jobs;
    }

    /** @return list<Job> planned on a day or after, the soonest first */
    public function plannedFrom(Firm $firm, \DateTimeImmutable $day, int $most): array
    {
        /** @var list<Job> $jobs */
        $jobs = $this->createQueryBuilder('job')
            ->where('job.firm = :firm AND job.practice IS NULL AND job.call.plannedOn >= :day')
            ->setParameter('firm', $firm->id)->setParameter('day', $day, 'date_immutable')
            ->orderBy('job.call.plannedOn', 'ASC')->addOrderBy('job.id', 'ASC')->setMaxResults($most)->getQuery()->getResult();

        return $jobs;
    }

    /** @return list<Job> at a property, newest first, with their passes */
    public function ofProperty(Property $property): array
    {
        /** @var list<Job> $jobs */
        $jobs = $this->createQueryBuilder('job')->addSelect('pass')->leftJoin('job.passes', 'pass')
            ->where('job.property = :property AND job.practice IS NULL')->setParameter('property', $property->id)
            ->orderBy('job.openedAt', 'DESC')->addOrderBy('job.id', 'DESC')
            ->addOrderBy('pass.loggedAt', 'ASC')->addOrderBy('pass.id', 'ASC')->getQuery()->getResult();

        return $jobs;
    }

    /** The firm's own number for its next job: the year and how many before. */
    public function nextNumber(Firm $firm, \DateTimeImmutable $day): string
    {
        $year = $day->format('y').'-';
        $last = $this->createQueryBuilder('job')->select('MAX(job.call.number)')
            ->where('job.firm = :firm AND job.call.number LIKE :year')
            ->setParameter('firm', $firm->id)->setParameter('year', $year.'____')->getQuery()->getSingleScalarResult();

        return $year.str_pad((string) ((int) substr((string) $last, 3) + 1), 4, '0', \STR_PAD_LEFT);
    }

    /** Rows for a list: a day's screen has many, and needs little of each. */
    private function rows(Firm $firm, string $what): QueryBuilder
    {
        return $this->createQueryBuilder('job')->select($what)
            ->where('job.firm = :firm AND job.practice IS NULL')->setParameter('firm', $firm->id)->setMaxResults(self::LONGEST_LIST);
    }
}
