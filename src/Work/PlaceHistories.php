<?php

declare(strict_types=1);

namespace App\Work;

use App\Record\Pass;
use App\Record\Property;
use Doctrine\ORM\EntityManagerInterface;
use Jurvex\Core\Finding\Family;
use Jurvex\Core\Judge\HouseRules;
use Jurvex\Core\Measure\SizeUnit;
use Jurvex\Core\Upkeep\Growth;

/** What grows in a line: roots and deposits, place by place. */
final readonly class PlaceHistories
{
    /** Nearer to each other looks tell how they read it, not how it grows. */
    private const LEAST_DAYS = 30;

    public function __construct(private EntityManagerInterface $manager)
    {
    }

    /** @return list<PlaceHistory> of what is there, in the order of the line */
    public function of(Property $property, LineRecord $record): array
    {
        $passes = null;
        $rules = $property->firm->rules();
        $histories = [];
        foreach ($record->told() as $joint) {
            foreach ([$joint, ...$joint->beside] as $each) {
                $limit = self::limit($each, $rules);
                $seen = array_values(array_filter(
                    $each->sightings, static fn (Sighting $one) => null !== $one->finding->sizeIn(SizeUnit::Percent),
                ));
                if (null !== $limit && [] !== $seen) {
                    $passes ??= $this->passes($property);
                    $histories[] = self::history($each, $seen, $limit, $passes);
                }
            }
        }

        return $histories;
    }

    private static function limit(LineFinding $each, HouseRules $rules): ?float
    {
        return match ($each->finding->kind->family()) {
            Family::Roots => $rules->limit('roots_heavy_percent'),
            Family::Deposit => $rules->limit('deposit_keep_clean_percent'),
            default => null,
        };
    }

    /**
     * @param non-empty-list<Sighting> $seen
     * @param list<Pass> $passes
     */
    private static function history(LineFinding $each, array $seen, float $limit, array $passes): PlaceHistory
    {
        $worked = null;
        $since = [];
        foreach ($seen as $sighting) {
            $last = self::lastWorked($sighting, $passes);
            // What was cut or washed in between has begun anew.
            if ($last?->loggedAt > $worked?->loggedAt) {
                [$worked, $since] = [$last, []];
            }
            $since[] = $sighting;
        }
        $newest = $seen[\count($seen) - 1];
        $after = self::lastWorked($newest, $passes, false);
        if ($after?->loggedAt > $newest->line->run->startedAt) {
            [$worked, $since] = [$after, []];
        }
        $shares = array_map(PlaceHistory::share(...), $since);
        $days = [] === $shares ? 0.0 : $shares[\count($shares) - 1]->day - $shares[0]->day;
        $growth = $days < self::LEAST_DAYS ? null : Growth::through($shares, PlaceHistory::ERROR_PERCENT);

        return new PlaceHistory($each, $seen, $limit, $growth, $worked?->loggedAt);
    }

    /**
     * The last pass that went through the place of a sighting; one from another opening may have.
     *
     * @param list<Pass> $passes oldest first
     * @param bool $before whether only what came before the sighting counts
     */
    private static function lastWorked(Sighting $sighting, array $passes, bool $before = true): ?Pass
    {
        $run = $sighting->line->run;
        $at = $sighting->finding->from->metres;
        foreach (array_reverse($passes) as $pass) {
            $isFromHere = null !== $pass->opening && $pass->opening->onEveryVisit() === $run->opening->onEveryVisit();
            if ((!$before || $pass->loggedAt <= $run->startedAt) && (!$isFromHere || ($pass->details()->inM ?? 0.0) >= $at)) {
                return $pass;
            }
        }

        return null;
    }

    /** @return list<Pass> of all jobs at the property, oldest first */
    private function passes(Property $property): array
    {
        /** @var list<Pass> $passes */
        $passes = $this->manager->createQuery(
            'SELECT pass, opening FROM App\Record\Pass pass JOIN pass.job job LEFT JOIN pass.opening opening
              WHERE job.property = :property AND pass.withdrawnAt IS NULL ORDER BY pass.loggedAt ASC, pass.id ASC')
            ->setParameter('property', $property->id)->getResult();

        return $passes;
    }
}
