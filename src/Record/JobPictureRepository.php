<?php

declare(strict_types=1);

namespace App\Record;

use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use Twig\Extension\RuntimeExtensionInterface;

/** @extends ServiceEntityRepository<JobPicture> */
final class JobPictureRepository extends ServiceEntityRepository implements RuntimeExtensionInterface
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, JobPicture::class);
    }

    /** @return list<JobPicture> that count, oldest first */
    public function ofJob(Job $job): array
    {
        return $this->findBy(['job' => $job, 'withdrawnAt' => null], ['takenAt' => 'ASC', 'id' => 'ASC']);
    }

    /** None where it is another job's, or was withdrawn. */
    public function onJob(string $id, Job $job): ?JobPicture
    {
        return $this->findOneBy(['id' => $id, 'job' => $job, 'withdrawnAt' => null]);
    }
}
