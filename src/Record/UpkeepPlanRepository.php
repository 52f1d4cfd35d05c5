<?php

declare(strict_types=1);

namespace App\Record;

use App\Firm\Firm;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<UpkeepPlan> */
final class UpkeepPlanRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, UpkeepPlan::class);
    }

    /** @return list<UpkeepPlan> that go on, the next due first */
    public function ofProperty(Property $property): array
    {
        return $this->findBy(['property' => $property, 'endedAt' => null], ['dueOn' => 'ASC', 'id' => 'ASC']);
    }

    /**
     * What is due at all properties: plans that go on, and what a job asked for that no later job at the property has seen to;
     * soonest first.
     *
     * @return list<DueAtProperty>
     */
    public function due(Firm $firm, \DateTimeImmutable $until, int $most): array
    {
        // The firm is compared so that no index finds it: what is due is found by its day, and a firm's properties are many.
        /** @var list<DueAtProperty> $plans */
        $plans = $this->getEntityManager()->createQuery(
            'SELECT NEW App\Record\DueAtProperty(property.id, property.place, plan.dueOn, plan.work, plan.note, plan.id,
                    plan.everyMonths)
               FROM App\Record\UpkeepPlan plan JOIN plan.property property
              WHERE CONCAT(IDENTITY(property.firm), :nothing) = :firm AND plan.endedAt IS NULL AND plan.dueOn <= :until
              ORDER BY plan.dueOn ASC')
            ->setParameter('firm', $firm->id)->setParameter('nothing', '')->setParameter('until', $until, 'date_immutable')
            ->setMaxResults($most)->getResult();
        /** @var list<DueAtProperty> $asked */
        $asked = $this->getEntityManager()->createQuery(
            'SELECT NEW App\Record\DueAtProperty(property.id, property.place, job.outcome.upkeepDueOn, NULLIF(1, 1),
                    job.outcome.upkeep, NULLIF(1, 1), NULLIF(1, 1), job.openedAt, job.call.number)
               FROM App\Record\Job job JOIN job.property property
              WHERE job.firm = :firm AND job.practice IS NULL AND job.outcome.upkeepDueOn <= :until AND NOT EXISTS (
                    SELECT later.id FROM App\Record\Job later WHERE later.property = job.property AND later.openedAt > job.openedAt
                       AND later.practice IS NULL)
              ORDER BY job.outcome.upkeepDueOn ASC')
            ->setParameter('firm', $firm->id)->setParameter('until', $until, 'date_immutable')->setMaxResults($most)->getResult();
        $due = [...$plans, ...$asked];
        usort($due, static fn (DueAtProperty $one, DueAtProperty $other) => $one->dueOn <=> $other->dueOn ?: $one->place <=> $other->place);

        return \array_slice($due, 0, $most);
    }
}
