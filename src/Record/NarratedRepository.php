<?php

declare(strict_types=1);

namespace App\Record;

use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<Narrated> */
final class NarratedRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Narrated::class);
    }

    /** @return list<Narrated> lines that were said on a run since then, in their order */
    public function linesSince(Run $run, \DateTimeImmutable $since): array
    {
        /** @var list<Narrated> $lines */
        $lines = $this->createQueryBuilder('line')->where('line.run = :run AND line.source = :line AND line.saidAt >= :since')
            ->setParameter('run', $run->id)->setParameter('line', NarratedFrom::Line)->setParameter('since', $since)
            ->orderBy('line.saidAt')->addOrderBy('line.id')->getQuery()->getResult();

        return $lines;
    }

    /** @return list<Narrated> timed texts of a run's recording, the latest last */
    public function recordings(Run $run): array
    {
        return $this->findBy(['run' => $run, 'source' => NarratedFrom::Recording], ['saidAt' => 'ASC', 'id' => 'ASC']);
    }
}
