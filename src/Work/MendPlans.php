<?php

declare(strict_types=1);

namespace App\Work;

use App\Record\Job;
use App\Record\Mark;
use App\Record\MarkRepository;
use App\Record\Opening;
use App\Record\RepairSaid;
use App\Record\Run;
use Doctrine\ORM\EntityManagerInterface;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Judge\Need;
use Jurvex\Core\Judge\Stretch;
use Jurvex\Core\Looks\LaidPiece;
use Jurvex\Core\Looks\Portion;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Mend\Approach;
use Jurvex\Core\Mend\GroundOver;
use Jurvex\Core\Mend\Grouping;
use Jurvex\Core\Mend\KnownGround;
use Jurvex\Core\Mend\Line;
use Jurvex\Core\Mend\Mendable;
use Jurvex\Core\Mend\Offers;
use Jurvex\Core\Mend\Repair;
use Jurvex\Core\Run\Boundary;

/** Makes repairs of what is judged to be mended, and options of the repairs. */
final readonly class MendPlans
{
    /** A liner comes through an opening of nearly the pipe's bore. */
    private const BORE_SHARE = 0.9;

    public function __construct(private MarkRepository $marks, private EntityManagerInterface $manager, private Groupings $groupings)
    {
    }

    /**
     * @param ?list<Mark> $marks of all runs of the record, where they are known already
     *
     * @return list<MendPlan> of each opening and way from which something is to be mended
     */
    public function of(Job $job, LineRecord $record, ?array $marks = null): array
    {
        $plans = [];
        $taken = [];
        foreach ($record->portions as $portion) {
            $placed = $upkeep = [];
            foreach (self::mendables($job, $record, $portion) as [$finding, $mendable]) {
                // What is seen from two openings is mended once.
                $isTaken = isset($taken[$finding->finding->id]);
                $taken[$finding->finding->id] = true;
                if (!$isTaken) {
                    $mendable->isRepair() ? $placed[] = [$finding, $mendable] : $upkeep[] = $finding;
                }
            }
            if ([] !== $placed) {
                $marks ??= $this->marks->ofRuns(array_map('strval', array_keys($record->runs)));
                $itsMarks = array_filter($marks, static fn (Mark $mark) => \in_array($mark->run->id, $portion->runs, true));
                $said ??= $this->said($job);
                $plans[] = $this->plan($job, $record, $portion, $placed, $upkeep, $said, array_values($itsMarks));
            }
        }

        return $plans;
    }

    /** @return array<string, RepairSaid> by finding */
    private function said(Job $job): array
    {
        $said = [];
        foreach ($this->manager->getRepository(RepairSaid::class)->findBy(['job' => $job]) as $each) {
            $said[$each->findingId] = $each;
        }

        return $said;
    }

    /** @return list<array{LineFinding, Mendable}> what asks for anything to be done on a portion, the worst first */
    private static function mendables(Job $job, LineRecord $record, Portion $portion): array
    {
        $mendables = [];
        $rules = $job->rules();
        foreach ($record->ranked() as $each) {
            $isPressing = ($each->judgement->counts()?->level() ?? Need::KeepClean->level()) >= Need::KeepClean->level();
            $at = $isPressing ? $portion->run->onRun($each->pipe, $each->at, $each->at + $each->finding->lengthMetres()) : null;
            if (null === $at || $at[0]->metres > $portion->end->metres) {
                continue;
            }
            $finding = $each->finding->at($at[0], null === $each->finding->to ? null : $at[1]);
            $mendables[] = [$each, new Mendable(
                $finding, $each->judgement, array_map(static fn (LineFinding $other) => $other->finding, $each->beside),
                $each->line->record->pipeAt($each->finding->from)->bore, $rules,
            )];
        }

        return $mendables;
    }

    /**
     * @param non-empty-list<array{LineFinding, Mendable}> $mendables
     * @param list<LineFinding> $upkeep
     * @param array<string, RepairSaid> $said by finding
     * @param list<Mark> $marks on its way
     */
    private function plan(
        Job $job, LineRecord $record, Portion $portion, array $mendables, array $upkeep, array $said, array $marks,
    ): MendPlan {
        $run = $record->runs[$portion->run->id]->run;
        $end = $portion->end->metres;
        $cuts = array_map(static fn (Stretch $stretch) => $stretch->starts->at->metres, $record->stretchesOf($portion));
        $repairs = self::repairs($mendables, new Line($end, [], [], $cuts), $end, $said);
        $kept = array_values(array_filter($repairs, static fn (LineRepair $each) => !$each->isLeftOut()));
        $prices = $job->firm->prices();
        $over = new GroundOver(self::known($marks, $kept), $prices->usualSurface, $prices->usualDepth);
        $needsOpening = self::needsOpening($job, $run, $mendables[0][0]->line->record->pipeAt(Length::metres(0))->bore);
        $approaches = [];
        foreach ($kept as $each) {
            $approaches[$each->id()] = $each->said?->approach() ?? Approach::straightDown();
        }
        $lined = array_map(static fn (LineRepair $each) => $each->repair, $kept);
        $offers = function () use ($job, $record, $portion, $lined, $end, $over, $cuts, $prices, $needsOpening, $approaches): Offers {
            $tieIns = self::tieIns($record, $portion);

            return $this->groupings->kept(
                $job->id.$portion->run->id, [$lined, $end, $over, $tieIns, $cuts, $job->firm->ownPrices(), $needsOpening],
                static fn (?Grouping $known) => new Offers(
                    $lined, $end, $over, $tieIns, $cuts, $prices, $needsOpening, $approaches, $known,
                ),
            );
        };
        $leftOut = array_values(array_filter($repairs, static fn (LineRepair $each) => $each->isLeftOut()));

        return new MendPlan($portion, $run, $kept, $leftOut, $upkeep, $over, $marks, $needsOpening, $offers);
    }

    /**
     * @param non-empty-list<array{LineFinding, Mendable}> $mendables
     * @param array<string, RepairSaid> $said by finding
     *
     * @return list<LineRepair> in their places
     */
    private static function repairs(array $mendables, Line $line, float $end, array $said): array
    {
        $alone = $stretches = [];
        foreach ($mendables as [$finding, $mendable]) {
            $repair = new Repair($finding->finding->id, $mendable->from(), $mendable->to($end), [] === $mendable->bars());
            if (!$mendable->isStretch()) {
                $alone[] = new LineRepair($repair, [$finding], [$mendable], $said[$repair->id] ?? null);
                continue;
            }
            $piece = $line->piece(new Repair('', $mendable->finding->from->metres, $mendable->finding->end()->metres, false));
            $stretches[implode(' ', $piece)][] = [$finding, $mendable, $piece];
        }
        foreach ($stretches as $of) {
            $bars = array_merge(...array_map(static fn (array $each) => $each[1]->bars(), $of));
            $repair = new Repair($of[0][0]->finding->id, $of[0][2][0], $of[0][2][1], [] === $bars);
            $alone[] = new LineRepair($repair, array_column($of, 0), array_column($of, 1), $said[$repair->id] ?? null);
        }
        $place = static fn (LineRepair $each) => [$each->repair->from, $each->repair->to];
        usort($alone, static fn (LineRepair $a, LineRepair $b) => $place($a) <=> $place($b));

        return $alone;
    }

    /**
     * @param list<Mark> $marks
     * @param list<LineRepair> $repairs
     *
     * @return list<KnownGround> what the technician says of a repair goes before the marks beside it
     */
    private static function known(array $marks, array $repairs): array
    {
        $known = [];
        foreach ($marks as $mark) {
            $known[] = new KnownGround(
                $mark->details()->atM ?? 0.0, $mark->details()->ground?->value, $mark->depth()->median()->metres,
            );
        }
        foreach ($repairs as $each) {
            $details = $each->said?->details();
            if (null === $details?->surface && null === $details?->depthM) {
                continue;
            }
            [$from, $to] = [$each->repair->from, $each->repair->to];
            $known = array_values(array_filter($known, static fn (KnownGround $one) => $one->at < $from || $one->at > $to));
            foreach (array_unique([$from, $to]) as $at) {
                $known[] = new KnownGround($at, $details->surface?->value, $details->depthM);
            }
        }

        return $known;
    }

    /** @return list<float> metres of the run, as seen or as the map has them */
    private static function tieIns(LineRecord $record, Portion $portion): array
    {
        $tieIns = array_values(array_map(
            static fn (LaidPiece $piece) => $piece->to,
            array_filter($portion->run->pieces, static fn (LaidPiece $piece) => Boundary::TieIn === $piece->ends && $piece->isSure),
        ));
        foreach ($record->findings as $each) {
            $at = Kind::TieIn === $each->finding->kind ? $portion->run->onRun($each->pipe, $each->at, $each->at) : null;
            $isNew = null !== $at
                && [] === array_filter($tieIns, static fn (float $other) => abs($other - $at[0]->metres) <= BranchesOnSite::SAME_M);
            !$isNew || $tieIns[] = $at[0]->metres;
        }

        return array_values(array_filter($tieIns, static fn (float $at) => $at <= $portion->end->metres));
    }

    /** Whether no way in that can be used is known to be wide enough. */
    private static function needsOpening(Job $job, Run $run, ?Length $bore): bool
    {
        $least = self::BORE_SHARE * ($bore?->inMillimetres() ?? 0.0);
        foreach ([$run->opening, ...$job->openings()] as $opening) {
            if (self::isWideEnough($opening, $least)) {
                return false;
            }
        }

        return true;
    }

    private static function isWideEnough(Opening $opening, float $least): bool
    {
        $details = $opening->details();

        return $details->state->isReady() && (null === $details->sizeMm || $details->sizeMm >= $least);
    }
}
