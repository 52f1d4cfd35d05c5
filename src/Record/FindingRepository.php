<?php

declare(strict_types=1);

namespace App\Record;

use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\DBAL\ArrayParameterType;
use Doctrine\Persistence\ManagerRegistry;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Reel\Pairs;
use Jurvex\Core\Run\RunRecord;

/** @extends ServiceEntityRepository<LoggedFinding> */
final class FindingRepository extends ServiceEntityRepository
{
    private const NUMBERS = ['from_m', 'to_m', 'deepest_m', 'clock_from', 'clock_to', 'size'];

    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, LoggedFinding::class);
    }

    public function onJob(string $id, Job $job): ?LoggedFinding
    {
        $finding = $this->find($id);

        return $finding?->run->job === $job ? $finding : null;
    }

    /** Whichever job at the property has logged it. */
    public function atPropertyOf(string $id, Job $job): ?LoggedFinding
    {
        $finding = $this->find($id);

        return $finding?->run->job->property() === $job->property() ? $finding : null;
    }

    /** The run with all that counts of what was logged. */
    public function record(Run $run): RunRecord
    {
        return $this->recordAndPairs($run)[0];
    }

    /**
     * The same, and what was logged both on the way in and on the way back; read as rows, since a long run has hundreds.
     *
     * @return array{RunRecord, Pairs}
     */
    public function recordAndPairs(Run $run): array
    {
        return $this->recordsAndPairs([$run])[$run->id];
    }

    /**
     * The same of several runs, asked for at once.
     *
     * @param list<Run> $runs
     *
     * @return array<string, array{RunRecord, Pairs}> by run
     */
    public function recordsAndPairs(array $runs): array
    {
        $rows = $this->getEntityManager()->getConnection()->fetchAllAssociative(
            'SELECT run_id, id, kind, from_m, to_m, deepest_m, sureness, clock_from, clock_to, size, unit, at_joint, facts, note,'
                .' drawn_back FROM logged_finding WHERE run_id IN (?) AND withdrawn_at IS NULL',
            [self::ids($runs)], [ArrayParameterType::STRING],
        );
        $of = [];
        foreach ($rows as $row) {
            $of[\is_string($row['run_id']) ? $row['run_id'] : ''][] = $row;
        }
        $records = [];
        foreach ($runs as $run) {
            $records[$run->id] = self::recorded($run, $of[$run->id] ?? []);
        }

        return $records;
    }

    /**
     * @param list<Run> $runs
     *
     * @return list<string>
     */
    private static function ids(array $runs): array
    {
        return array_map(static fn (Run $run) => $run->id, $runs);
    }

    /**
     * @param list<array<string, mixed>> $rows
     *
     * @return array{RunRecord, Pairs}
     */
    private static function recorded(Run $run, array $rows): array
    {
        $details = $run->details();
        $findings = array_map(self::finding(...), $rows);
        $pairs = self::pairsOf($findings, $rows);
        $doubled = $pairs->doubled();
        $reached = $run->reachedM() ?? $run->deepestM();

        return [new RunRecord(
            // What was logged on the way in and again on the way back is there once.
            [] === $doubled
                ? $findings
                : array_values(array_filter($findings, static fn (Finding $finding) => !\in_array($finding->id, $doubled, true))),
            $details->material,
            null === $details->boreMm ? null : Length::millimetres($details->boreMm),
            $details->travel,
            null === $details->expectedM ? null : Length::metres($details->expectedM),
            null === $reached ? null : Length::metres($reached),
            $run->endReason(),
        ), $pairs];
    }

    /**
     * @param list<Finding> $findings
     * @param list<array<string, mixed>> $rows
     */
    private static function pairsOf(array $findings, array $rows): Pairs
    {
        $ways = [];
        foreach ($rows as $row) {
            if (null !== $row['drawn_back'] && \is_string($row['id'])) {
                $ways[$row['id']] = (bool) $row['drawn_back'];
            }
        }

        return Pairs::of([] === $ways ? [] : $findings, $ways);
    }

    /** @return list<LoggedFinding> all that was ever logged on the run, in the order of entry */
    public function everythingOf(Run $run): array
    {
        return $this->findBy(['run' => $run], ['loggedAt' => 'ASC', 'id' => 'ASC']);
    }

    public function ofRun(string $id, Run $run): ?LoggedFinding
    {
        return $this->findOneBy(['id' => $id, 'run' => $run]);
    }

    public function lastEntered(Run $run): ?LoggedFinding
    {
        return $this->findOneBy(['run' => $run, 'withdrawnAt' => null], ['loggedAt' => 'DESC', 'id' => 'DESC']);
    }

    /** It was a mistake: what it stood in the place of counts again. */
    public function takeBack(LoggedFinding $finding, \DateTimeImmutable $at): void
    {
        $finding->withdraw($at);
        if (null !== $finding->replaces) {
            $this->ofRun($finding->replaces, $finding->run)?->restore();
        }
    }

    /** @return list<string> findings of the run that have a picture */
    public function photographed(Run $run): array
    {
        return $this->photographedOn([$run])[$run->id] ?? [];
    }

    /**
     * @param list<Run> $runs
     *
     * @return array<string, list<string>> findings that have a picture, by run
     */
    public function photographedOn(array $runs): array
    {
        /** @var array<string, string> $rows */
        $rows = $this->getEntityManager()->getConnection()->fetchAllKeyValue(
            'SELECT photo.finding_id, f.run_id FROM photo JOIN logged_finding f ON f.id = photo.finding_id'
                .' WHERE f.run_id IN (?) AND f.withdrawn_at IS NULL', [self::ids($runs)], [ArrayParameterType::STRING],
        );
        $of = [];
        foreach ($rows as $finding => $run) {
            $of[$run][] = (string) $finding;
        }

        return $of;
    }

    /** @param array<string, mixed> $row */
    private static function finding(array $row): Finding
    {
        // Numbers with a fraction come as text from one database and as numbers from the other.
        foreach (self::NUMBERS as $column) {
            $row[$column] = \is_string($row[$column]) ? (float) $row[$column] : $row[$column];
        }
        $row['at_joint'] = (bool) $row['at_joint'];
        $facts = \is_string($row['facts']) ? $row['facts'] : '[]';
        $row['facts'] = '[]' === $facts ? [] : json_decode($facts, true, 8, \JSON_THROW_ON_ERROR);

        return Finding::read(new Input($row));
    }
}
