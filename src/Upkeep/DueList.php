<?php

declare(strict_types=1);

namespace App\Upkeep;

use App\Record\DueAtProperty;
use Doctrine\DBAL\ArrayParameterType;
use Doctrine\ORM\EntityManagerInterface;

/** What is due with what the next technician needs to know: the kit of last time and the way in. */
final readonly class DueList
{
    public function __construct(private EntityManagerInterface $manager)
    {
    }

    /**
     * @param list<DueAtProperty> $due
     *
     * @return list<DueRow>
     */
    public function of(array $due): array
    {
        $properties = array_values(array_unique(array_map(static fn (DueAtProperty $each) => $each->property, $due)));
        $connection = $this->manager->getConnection();
        /** @var \Closure(string): array<string, string> $last */
        $last = static fn (string $query) => $connection
            ->executeQuery($query, [$properties], [ArrayParameterType::STRING])->fetchAllKeyValue();
        $kit = [] === $properties ? [] : $last(
            'SELECT property_id, head FROM (SELECT job.property_id, pass.head, ROW_NUMBER() OVER (PARTITION BY job.property_id'
                .' ORDER BY pass.logged_at DESC, pass.id DESC) AS turn FROM pass JOIN job ON job.id = pass.job_id'
                .' WHERE job.property_id IN (?) AND pass.withdrawn_at IS NULL) AS newest WHERE turn = 1',
        );
        $access = [] === $properties ? [] : $last(
            'SELECT property_id, place FROM (SELECT job.property_id, opening.place, ROW_NUMBER() OVER (PARTITION BY job.property_id'
                .' ORDER BY job.opened_at DESC, job.id DESC) AS turn FROM job JOIN opening ON opening.id = job.chosen_opening_id'
                .' WHERE job.property_id IN (?)) AS newest WHERE turn = 1',
        );

        return array_map(static fn (DueAtProperty $each) => new DueRow(
            $each, $kit[$each->property] ?? '', $access[$each->property] ?? '',
        ), $due);
    }
}
