<?php

declare(strict_types=1);

namespace App\Record;

use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<Mark> */
final class MarkRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Mark::class);
    }

    /** @return list<Mark> in order along each run */
    public function ofJob(Job $job): array
    {
        /** @var list<Mark> $marks */
        $marks = $this->createQueryBuilder('mark')->join('mark.run', 'run')
            ->where('run.job = :job AND mark.withdrawnAt IS NULL')->setParameter('job', $job->id)
            ->orderBy('run.startedAt')->addOrderBy('mark.details.atM')->addOrderBy('mark.id')->getQuery()->getResult();

        return $marks;
    }

    /**
     * @param list<string> $runs
     *
     * @return list<Mark> in order along each run
     */
    public function ofRuns(array $runs): array
    {
        /** @var list<Mark> $marks */
        $marks = $this->createQueryBuilder('mark')->join('mark.run', 'run')
            ->where('mark.run IN (:runs) AND mark.withdrawnAt IS NULL')->setParameter('runs', $runs)
            ->orderBy('run.startedAt')->addOrderBy('mark.details.atM')->addOrderBy('mark.id')->getQuery()->getResult();

        return $marks;
    }

    /** @return list<string> marks that have a picture */
    public function pictured(Job $job): array
    {
        /** @var list<string> $ids */
        $ids = $this->getEntityManager()->getConnection()->fetchFirstColumn(
            'SELECT p.finding_id FROM photo p JOIN mark m ON m.id = p.finding_id JOIN run r ON r.id = m.run_id WHERE r.job_id = ?',
            [$job->id],
        );

        return $ids;
    }

    public function onJob(string $id, Job $job): ?Mark
    {
        $mark = $this->find($id);

        return $mark?->run->job === $job ? $mark : null;
    }
}
