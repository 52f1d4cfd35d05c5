<?php

declare(strict_types=1);

namespace App\Record;

use App\Firm\Firm;
use App\Support\Database\Id;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<Property> */
final class PropertyRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Property::class);
    }

    /** The firm's property at a place; a new one, not stored yet, where none is known. */
    public function at(Firm $firm, string $place): Property
    {
        return $this->findOneBy(['firm' => $firm, 'placeKey' => Property::key($place)]) ?? new Property(Id::fresh(), $firm, $place);
    }

    /**
     * Where a job belongs whose place was corrected: the property of that place; its own, under the new name, when no other job is there.
     */
    public function after(Job $job, string $place): Property
    {
        if ($job->property()->isAt($place)) {
            $job->property()->rename($place);

            return $job->property();
        }
        $there = $this->at($job->firm, $place);
        $isAlone = 1 === $this->getEntityManager()->getRepository(Job::class)->count(['property' => $job->property()]);
        if ($isAlone && !$this->getEntityManager()->contains($there)) {
            $job->property()->rename($place);

            return $job->property();
        }

        return $there;
    }

    /**
     * @return list<OtherJob> other jobs at the same property, newest first
     */
    public function otherJobs(Job $job): array
    {
        /** @var list<OtherJob> $rows */
        $rows = $this->getEntityManager()->createQuery(
            'SELECT NEW App\Record\OtherJob(job.id, job.call.number, job.openedAt, job.call.why)'
                .' FROM App\Record\Job job WHERE job.property = :property AND job.id <> :job'
                .' ORDER BY job.openedAt DESC')
            ->setParameter('property', $job->property()->id)->setParameter('job', $job->id)->setMaxResults(10)->getResult();

        return $rows;
    }
}
