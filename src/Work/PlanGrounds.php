<?php

declare(strict_types=1);

namespace App\Work;

use App\Record\Felt;
use App\Record\Job;
use App\Record\Opening;
use Jurvex\Core\Clear\Place;
use Jurvex\Core\Clear\Weakness;
use Jurvex\Core\Clear\WeakSpot;
use Jurvex\Core\Finding\Material;
use Jurvex\Core\Judge\Need;
use Jurvex\Core\LineMap\Leg;
use Jurvex\Core\Looks\LaidRun;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Run\EndReason;
use Jurvex\Core\Run\RunRecord;
use Jurvex\Core\Run\Travel;
use Jurvex\Core\Sketch\Apart;
use Jurvex\Core\Sketch\Lies;
use Jurvex\Core\Sketch\ReachFinder;
use Jurvex\Core\Sketch\RunWay;
use Jurvex\Core\Sketch\Source;

/** Finds out where a job's stoppage is and what is known of the way there: from triage, passes and all looks together. */
final readonly class PlanGrounds
{
    /** What is felt where a tool meets it. */
    private const MEETS = [Felt::StopsDead, Felt::Grabs];

    public function __construct(private Stoppages $stoppages, private LineRecords $records)
    {
    }

    /** @param ?LineRecord $record of the job's own looks with the earlier ones, where it was put together already */
    public function of(Job $job, ?LineRecord $record = null): PlanGround
    {
        $record = null === $record || [] === $record->runs ? $this->records->known($job) : $record;
        $opening = $job->chosenOpening();
        $stoppage = $this->stoppages->places($job);
        $likeliest = null === $stoppage ? null : array_key_first($stoppage->likeliest);
        $side = null === $likeliest ? null : $stoppage->likeliest[$likeliest]->apart;
        // Before anything was seen or tried nobody goes up the line for what is only likely by its length.
        if (Lies::Down !== $side?->way && [] === $job->site()->seen() && [] === $job->site()->tests()) {
            $likeliest = $side = null;
        }
        $leg = null === $likeliest ? null : self::leg($opening, (string) $likeliest);
        $travel = $job->clearing()->direction ?? self::travel($opening, $leg);
        $way = self::way($opening, $job, $leg, $travel);
        $known = self::onTheWay($record, $job, $opening, $way, $travel);
        $place = self::place($job, $record, $known, $travel, self::isFrom($opening, $stoppage) ? $side : null);

        return new PlanGround(
            $opening, $way, $travel, $place->overruledBy($job->clearing()->nearM, $job->clearing()->farM), $side,
            null === $likeliest ? null : (string) $likeliest, null === $side || null !== $leg, self::weakSpots($known, $way),
            $record->hasCrossBore(),
        );
    }

    /** Triage counts from the first opening where none is chosen. */
    private static function isFrom(?Opening $opening, ?Stoppage $stoppage): bool
    {
        return null === $opening || null === $stoppage || $opening->node() === $stoppage->from;
    }

    private static function leg(?Opening $opening, string $pipe): ?Leg
    {
        $sketch = $opening?->job->property()->sketch();
        $node = $sketch->nodes[$opening?->node() ?? ''] ?? null;

        return null === $sketch || null === $node || !isset($sketch->pipes[$pipe]) ? null : ReachFinder::leg($sketch, $node, $pipe);
    }

    private static function travel(?Opening $opening, ?Leg $leg): Travel
    {
        return match (true) {
            null !== $leg => $leg->downstream ? Travel::Downstream : Travel::Upstream,
            null !== $opening => MappedRuns::travelFrom($opening->details()->faces),
            default => Travel::Downstream,
        };
    }

    private static function way(?Opening $opening, Job $job, ?Leg $leg, Travel $travel): ?RunWay
    {
        $sketch = $job->property()->sketch();
        if (null === $opening || !isset($sketch->nodes[$opening->node() ?? ''])) {
            return null;
        }

        // The direction that somebody said goes before the way to the likeliest place.
        return null === $leg || null !== $job->clearing()->direction
            ? RunWay::along($sketch, $opening->node() ?? '', $travel)
            : RunWay::through($sketch, $leg);
    }

    /** @return list<OnTheWay> what the looks know of the way, in its order */
    private static function onTheWay(LineRecord $record, Job $job, ?Opening $opening, ?RunWay $way, Travel $travel): array
    {
        if (null === $opening) {
            return [];
        }
        $sketch = $job->property()->sketch();
        $laid = LaidRun::along(
            'plan', 0.0, null === $way ? $opening->name() : $opening->node() ?? '',
            new RunRecord([], Material::Unknown, null, $travel), $way,
        );
        $known = [];
        foreach ($record->findings as $joint) {
            foreach ([$joint, ...$joint->beside] as $each) {
                $run = $each->line->run;
                $lead = null === $way ? MappedRuns::leadOf($run) : 0.0;
                $ends = [$each->at, $each->at + $each->finding->lengthMetres()];
                // Without a map an earlier job's opening is known by its name.
                $isSame = null === $way && $run->details()->travel === $travel && self::isNamedLike($run->opening, $opening);
                $place = $isSame ? array_map(Length::metres(...), $ends) : $laid->onRun($each->pipe, ...$ends);
                if (null !== $place && $place[1]->metres >= $lead) {
                    $seen = $each->line->record->pipeAt($each->finding->from)->material;
                    $known[] = new OnTheWay(
                        $each, Length::metres(max(0.0, $place[0]->metres - $lead)), Length::metres($place[1]->metres - $lead),
                        Material::Unknown === $seen ? $sketch->pipes[$each->pipe]->material ?? $seen : $seen,
                        $run->job === $job,
                    );
                }
            }
        }
        usort($known, static fn (OnTheWay $a, OnTheWay $b) => $a->from->metres <=> $b->from->metres);

        return $known;
    }

    private static function isNamedLike(Opening $one, Opening $other): bool
    {
        return mb_strtolower(trim($one->details()->place)) === mb_strtolower(trim($other->details()->place));
    }

    /** @param list<OnTheWay> $known */
    private static function place(Job $job, LineRecord $record, array $known, Travel $travel, ?Apart $side): Place
    {
        $blockage = $job->clearing()->blockage;
        $seen = [];
        foreach ($known as $each) {
            $isOfIt = $blockage->isShownBy($each->finding->finding->kind) && Need::Leave !== $each->finding->judgement->counts();
            if ($isOfIt && ($each->isOurs || $blockage->lasts())) {
                $seen[] = [$each->from->metres, $each->to->metres];
            }
        }

        return Place::of(
            null === $side ? null : [$side->near, $side->far], $seen, self::met($job, $record, $travel), self::felt($job),
        );
    }

    /** @return list<float> where this job's cameras were stopped on the way from the opening */
    private static function met(Job $job, LineRecord $record, Travel $travel): array
    {
        $met = [];
        foreach ($record->runs as $line) {
            $run = $line->run;
            $isOnTheWay = $run->job === $job && $run->opening === $job->chosenOpening() && $run->details()->travel === $travel;
            if ($isOnTheWay && EndReason::CannotPass === $line->record->ended) {
                $met[] = max(0.0, $line->record->reached->metres - MappedRuns::leadOf($run));
            }
        }

        return $met;
    }

    /** @return list<float> where this job's tools met it, from the foot of the drop */
    private static function felt(Job $job): array
    {
        $felt = [];
        foreach ($job->passes() as $pass) {
            if ($pass->opening !== $job->chosenOpening()) {
                continue;
            }
            $details = $pass->details();
            $codes = array_map(static fn (Felt $felt) => $felt->value, self::MEETS);
            foreach ($details->feltAt as $at) {
                if (\in_array($at['felt'], $codes, true)) {
                    $felt[] = $pass->alongTheLine($at['at_m'])->metres;
                }
            }
            // Written down after, a pass says what was felt and not where; it stopped dead where it came no farther.
            if ([] === $details->feltAt && \in_array(Felt::StopsDead->value, $details->felt, true)) {
                $felt[] = $pass->alongTheLine($details->inM ?? 0.0)->metres;
            }
        }

        return $felt;
    }

    /**
     * @param list<OnTheWay> $known
     *
     * @return list<WeakSpot>
     */
    private static function weakSpots(array $known, ?RunWay $way): array
    {
        $spots = [];
        foreach ($known as $each) {
            $what = Weakness::of($each->finding->finding, $each->material);
            if (null !== $what) {
                $spots[] = new WeakSpot($what, $each->from, $each->to);
            }
        }
        foreach ($way->spans ?? [] as $span) {
            if (Material::BituminisedFibre === $span->pipe->material && $span->pipe->materialSource->isKnown()) {
                $isSeen = Source::Seen === $span->pipe->materialSource;
                $spots[] = new WeakSpot(Weakness::Fibre, Length::metres($span->from), Length::metres($span->to), $isSeen);
            }
        }
        usort($spots, static fn (WeakSpot $a, WeakSpot $b) => $a->from->metres <=> $b->from->metres);

        return $spots;
    }
}
