<?php

declare(strict_types=1);

namespace App\Work;

use App\Record\Job;
use App\Record\Mark;
use Jurvex\Core\Finding\Fact;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Mend\PricedWork;
use Jurvex\Core\Mend\Trench;
use Jurvex\Core\Mend\TrenchRules;
use Jurvex\Core\Site\BestTies;
use Jurvex\Core\Site\DugBox;
use Jurvex\Core\Site\GroundLine;
use Jurvex\Core\Site\Place;
use Jurvex\Core\Site\SitePlan;

/** Makes a sheet of each place where the recommended way opens the ground; of the cheapest mix while nobody has said. */
final readonly class DigSheets
{
    /** A crossing so near to the hole is in the way. */
    private const BESIDE_M = 0.5;
    /** A mark farther away helps nobody to find the dig, where there are others. */
    private const NEAR_M = 5.0;
    /** No depth is surer than this. */
    private const LEAST_ERROR_M = 0.05;

    public function __construct(private MendPlans $plans)
    {
    }

    /** @return list<DigSheet> */
    public function of(Job $job, LineRecord $record, MarkedGround $ground): array
    {
        $lines = $ground->lines();
        $sheets = [];
        foreach ($this->plans->of($job, $record) as $plan) {
            $line = array_values(array_intersect_key($lines, array_flip($plan->portion->runs)))[0] ?? null;
            foreach ($plan->chosen($job->outcome()->recommended())->works ?? [] as $work) {
                if ($work->isDug()) {
                    $label = (string) (\count($sheets) + 1);
                    $sheets[] = self::sheet($label, $plan, $work, $job->firm->prices()->trench, $ground->plan, $line, $record);
                }
            }
        }

        return $sheets;
    }

    private static function sheet(
        string $label, MendPlan $plan, PricedWork $work, TrenchRules $rules, SitePlan $site, ?GroundLine $line, LineRecord $record,
    ): DigSheet {
        [$from, $to] = [$work->work->from, $work->work->to];
        $trench = Trench::of($to - $from, $work->depth, $rules);
        $middle = $line?->within($from, $to) ?? [];
        $ties = static fn (?Place $place) => null === $place ? [] : BestTies::to($place, ...$site->things);
        $located = null !== $plan->over->toNearestDepth($from);
        $marks = self::near($plan, $from, $to);

        return new DigSheet(
            $label, $plan, $work, $trench, $plan->of($work), $located ? $plan->over->depth(($from + $to) / 2) : null,
            max([self::LEAST_ERROR_M, ...array_map(static fn (Mark $mark) => $mark->depth()->spread()->metres / 2, $marks)]),
            $ties($middle[0] ?? null), $ties([] === $middle ? null : $middle[\count($middle) - 1]),
            [] === $middle ? null : DugBox::along($label, $middle, $trench->width), $marks, self::crosses($plan, $record, $from, $to),
        );
    }

    /** @return list<Mark> in the dig, and the nearest before and after it; where there are any in it, only those near by */
    private static function near(MendPlan $plan, float $from, float $to): array
    {
        $near = [];
        $before = $after = null;
        foreach ($plan->marks as $mark) {
            $at = $mark->details()->atM ?? 0.0;
            match (true) {
                $at < $from => $before = $mark,
                $at > $to => $after ??= $mark,
                default => $near[] = $mark,
            };
        }

        $isFar = static fn (?Mark $mark) => null !== $mark && [] !== $near
            && max($from - ($mark->details()->atM ?? 0.0), ($mark->details()->atM ?? 0.0) - $to) > self::NEAR_M;

        return array_values(array_filter([$isFar($before) ? null : $before, ...$near, $isFar($after) ? null : $after]));
    }

    /** @return list<CrossingAt> */
    private static function crosses(MendPlan $plan, LineRecord $record, float $from, float $to): array
    {
        $crosses = [];
        foreach ($record->findings as $each) {
            $at = Kind::TieIn === $each->finding->kind ? $plan->portion->run->onRun($each->pipe, $each->at, $each->at) : null;
            if (null !== $at && $at[0]->metres >= $from - self::BESIDE_M && $at[0]->metres <= $to + self::BESIDE_M) {
                // A clock read from the other way is another side.
                $isSameWay = $each->line->run->details()->travel === $plan->run->details()->travel;
                $crosses[] = new CrossingAt(
                    $at[0]->metres, $each->finding->fact(Fact::Whose) ?? '', $isSameWay ? $each->finding->clockFrom?->hours : null,
                );
            }
        }

        return $crosses;
    }
}
