<?php

declare(strict_types=1);

namespace App\Firm;

use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<AuditEntry> */
final class AuditEntryRepository extends ServiceEntityRepository
{
    public const PAGE = 100;

    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, AuditEntry::class);
    }

    /** @return list<AuditEntry> a page, the newest first */
    public function page(Firm $firm, int $page): array
    {
        return $this->findBy(['firmId' => $firm->id], ['at' => 'DESC', 'id' => 'DESC'], self::PAGE, max(0, $page - 1) * self::PAGE);
    }

    /** @return iterable<AuditEntry> all, the oldest first */
    public function all(Firm $firm): iterable
    {
        $query = $this->createQueryBuilder('entry')->where('entry.firmId = :firm')->setParameter('firm', $firm->id)
            ->orderBy('entry.at', 'ASC')->addOrderBy('entry.id', 'ASC')->getQuery();
        foreach ($query->toIterable() as $entry) {
            \assert($entry instanceof AuditEntry);
            yield $entry;
            $this->getEntityManager()->detach($entry);
        }
    }
}
