<?php

declare(strict_types=1);

namespace App\Work;

use App\Firm\Firm;
use App\Record\Job;
use App\Record\JobRepository;
use App\Record\UnfinishedLook;
use Doctrine\ORM\EntityManagerInterface;

/** Looks that somebody has to finish: those of which no other look at the property, from whatever opening, has seen the rest. */
final readonly class UnfinishedLooks
{
    public function __construct(private JobRepository $jobs, private EntityManagerInterface $manager, private LineRecords $records)
    {
    }

    /** @return list<UnfinishedLook> newest first */
    public function of(Firm $firm): array
    {
        $looks = $this->jobs->unfinishedLooks($firm);
        $others = $this->jobs->lookedAtFromElsewhere(array_column($looks, 'runId'));

        return array_values(array_filter(
            $looks, fn (UnfinishedLook $look) => !\in_array($look->runId, $others, true) || !$this->isSeenTogether($look->id),
        ));
    }

    private function isSeenTogether(string $id): bool
    {
        $job = $this->manager->find(Job::class, $id);
        $last = null === $job ? null : $this->manager->createQuery(
            'SELECT job FROM App\Record\Job job JOIN job.runs run WHERE job.property = :property ORDER BY run.startedAt DESC')
            ->setParameter('property', $job->property()->id)->setMaxResults(1)->getOneOrNullResult();

        return $last instanceof Job && $this->records->of($last)->isWhollySeen();
    }
}
