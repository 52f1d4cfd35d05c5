<?php

declare(strict_types=1);

namespace App\Record;

use App\Firm\Firm;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<SecondOpinion> */
final class SecondOpinionRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, SecondOpinion::class);
    }

    /** @return array<string, list<SecondOpinion>> by finding, in the order in which they were asked for */
    public function ofJob(Job $job): array
    {
        $byFinding = [];
        foreach ($this->findBy(['job' => $job], ['id' => 'ASC']) as $second) {
            $byFinding[$second->findingId][] = $second;
        }

        return $byFinding;
    }

    /** @return list<SecondOpinion> that wait for the office, the oldest first */
    public function asked(Firm $firm): array
    {
        /** @var list<SecondOpinion> $asked */
        $asked = $this->createQueryBuilder('second')->join('second.job', 'job')
            ->where('job.firm = :firm AND second.need IS NULL')->setParameter('firm', $firm->id)
            ->orderBy('second.id')->getQuery()->getResult();

        return $asked;
    }

    public function onJob(string $id, Job $job): ?SecondOpinion
    {
        $second = $this->find($id);

        return $second?->job === $job ? $second : null;
    }
}
