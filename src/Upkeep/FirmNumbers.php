<?php

declare(strict_types=1);

namespace App\Upkeep;

use App\Firm\Firm;
use App\Record\JobRepository;
use App\Record\PassRepository;
use Doctrine\DBAL\Connection;
use Jurvex\Core\Clear\WorkedPass;

/** Counts over all jobs of a firm, practice left out. */
final readonly class FirmNumbers
{
    public function __construct(private Connection $connection, private PassRepository $passes, private JobRepository $jobs)
    {
    }

    /** @return array<string, int> stoppages at a property that was cleared within a year before, by cause; '' for none that was said */
    public function repeats(Firm $firm): array
    {
        $yearBefore = $this->connection->getDatabasePlatform()->getDateSubYearsExpression('job.opened_at', '1');
        /** @var array<string, int> $counts */
        $counts = $this->connection->fetchAllKeyValue(
            "SELECT COALESCE(job.cause, ''), COUNT(*) FROM job WHERE job.firm_id = ? AND job.practice IS NULL"
                ." AND job.why IN ('stoppage', 'repeat_stoppage') AND EXISTS (SELECT 1 FROM job before"
                ." WHERE before.property_id = job.property_id AND before.cleared IN ('yes', 'partly') AND before.opened_at < job.opened_at"
                .' AND before.opened_at >= '.$yearBefore.')'
                ." GROUP BY COALESCE(job.cause, '') ORDER BY 2 DESC, 1", [$firm->id],
        );

        return $counts;
    }

    /** @return list<KindOfWork> of what was logged with head, deposit, minutes and flow */
    public function work(Firm $firm): array
    {
        $rates = $firm->clearTables()->rates;
        $of = [];
        foreach ($this->passes->worked($firm) as $pass) {
            $of[$pass->blockage->value][] = $pass;
        }
        ksort($of);

        return array_values(array_map(static function (array $passes) use ($rates): KindOfWork {
            $sum = static fn (\Closure $each) => array_sum(array_map($each, $passes));
            $rate = static fn (WorkedPass $pass) => $rates->of($pass->blockage, $pass->head, $pass->flow);
            $isKnown = !\in_array(null, array_map($rate, $passes), true);

            return new KindOfWork(
                $passes[0]->blockage, \count($passes), $sum(static fn (WorkedPass $pass) => $pass->metres->metres),
                $sum(static fn (WorkedPass $pass) => $pass->minutes), $sum(static fn (WorkedPass $pass) => $pass->minutes * $pass->flow),
                $isKnown ? $sum(static fn (WorkedPass $pass) => $pass->metres->metres / ($rate($pass) ?? 1.0)) : null,
            );
        }, $of));
    }

    public function unfinished(Firm $firm): int
    {
        return \count($this->jobs->unfinishedLooks($firm));
    }

    /** @return ?float hours from the end of the last look to the hand-over, half of the jobs taking less; none before the first */
    public function hoursToReport(Firm $firm): ?float
    {
        /** @var list<array{string, string}> $times */
        $times = $this->connection->fetchAllNumeric(
            'SELECT job.handed_over_at, MAX(COALESCE(run.ended_at, run.started_at)) FROM job JOIN run ON run.job_id = job.id'
                .' WHERE job.firm_id = ? AND job.practice IS NULL AND job.handed_over_at IS NOT NULL GROUP BY job.id, job.handed_over_at',
            [$firm->id],
        );
        $hours = array_map(static fn (array $each) => ((int) strtotime($each[0]) - (int) strtotime($each[1])) / 3600, $times);
        $hours = array_values(array_filter($hours, static fn (float|int $each) => $each >= 0));
        sort($hours);

        return [] === $hours ? null : (float) $hours[intdiv(\count($hours), 2)];
    }
}
