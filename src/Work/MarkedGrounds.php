<?php

declare(strict_types=1);

namespace App\Work;

use App\Record\HeightMeasured;
use App\Record\Job;
use App\Record\Mark;
use App\Record\MarkRepository;
use App\Record\Run;
use Doctrine\ORM\EntityManagerInterface;
use Jurvex\Core\Camera\MinimumFall;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Mark\HeightStep;
use Jurvex\Core\Mark\Levelling;
use Jurvex\Core\Mark\MarkedDepth;
use Jurvex\Core\Mark\MarkFall;
use Jurvex\Core\Measure\Bore;
use Jurvex\Core\Measure\Grade;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Run\RunRecord;
use Jurvex\Core\Run\Travel;
use Jurvex\Core\Site\SitePlan;
use Jurvex\Core\Sketch\RunWay;

/** Lays a job's marks on the plan of the site and holds them against each other. */
final readonly class MarkedGrounds
{
    /** Of a tape: a house value. */
    public const TAPE_ERROR_M = 0.05;
    /** Nearer than this nothing lies between two marks. */
    private const LEAST_M = 0.2;
    /** Water so near to a mark lies beside it. */
    private const BESIDE_M = 0.5;
    /** Less of the fall that a pipe needs is as good as none. */
    private const NO_FALL_SHARE = 0.1;
    /** Over which a height of its own was given. No point that somebody names is called so. */
    public const ZERO = "\0";

    public function __construct(private MarkRepository $marks, private EntityManagerInterface $manager)
    {
    }

    /** @param ?list<Mark> $marks of the job, where they are known already */
    public function of(Job $job, LineRecord $record, ?array $marks = null): MarkedGround
    {
        $plan = $job->property()->sitePlan();
        $marks = self::onSite($marks ?? $this->marks->ofJob($job), $plan);
        $heights = $this->manager->getRepository(HeightMeasured::class)->findBy(['job' => $job, 'withdrawnAt' => null], ['id' => 'ASC']);
        $levelling = self::levelling($marks, $heights);
        $byRun = [];
        foreach ($marks as $mark) {
            $byRun[$mark->mark->run->id][] = $mark;
        }
        $names = MarkedGround::names($heights);
        $pieces = $falls = $branches = [];
        foreach ($byRun as $id => $of) {
            $run = $of[0]->mark->run;
            $way = MappedRuns::wayOf($run);
            array_push($pieces, ...self::pieces($run, $of, $record->runs[$id]->record, $way));
            array_push($falls, ...self::falls($run, $of, $record->runs[$id]->record, $levelling, $names));
            $branches[$id] = BranchesOnSite::of($run->job->property()->sketch(), $of, $record->runs[$id]->record, $way);
        }

        return new MarkedGround($plan, $marks, $pieces, $falls, $heights, $levelling, $branches);
    }

    /**
     * @param list<Mark> $marks
     *
     * @return list<MarkOnSite> each with the letter that was painted, else with the next one that nobody has
     */
    private static function onSite(array $marks, SitePlan $plan): array
    {
        $taken = array_map(static fn (Mark $mark) => mb_strtoupper(trim($mark->details()->letter)), $marks);
        $next = 'A';
        $byTime = $marks;
        usort($byTime, static fn (Mark $a, Mark $b) => $a->id <=> $b->id);
        $labels = $times = [];
        foreach ($byTime as $mark) {
            $own = trim($mark->details()->letter);
            while ('' === $own && \in_array($next, $taken, true)) {
                ++$next;
            }
            $label = '' === $own ? $next++ : $own;
            // Painted twice, the second one is told apart from the first.
            $times[$label] = ($times[$label] ?? 0) + 1;
            $labels[$mark->id] = $label.(1 === $times[$label] ? '' : $times[$label]);
        }

        return array_map(static function (Mark $mark) use ($plan, $labels): MarkOnSite {
            $details = $mark->details();
            $placing = $plan->placed(
                $details->tieSide, true === $details->ground?->isIndoors(), Length::metres(self::TAPE_ERROR_M), ...$details->taped(),
            );

            return new MarkOnSite($mark, $labels[$mark->id], $placing);
        }, $marks);
    }

    /**
     * @param list<MarkOnSite> $marks
     * @param list<HeightMeasured> $heights
     */
    private static function levelling(array $marks, array $heights): Levelling
    {
        $steps = array_map(static fn (HeightMeasured $height) => $height->step(), $heights);
        foreach ($marks as $mark) {
            $own = $mark->mark->details()->groundM;
            null === $own || $steps[] = new HeightStep(self::ZERO, $mark->point(), $own, MarkedDepth::GROUND_ERROR_M);
        }

        return new Levelling(...$steps);
    }

    /**
     * @param list<MarkOnSite> $marks of the run
     *
     * @return list<MarkedPiece>
     */
    private static function pieces(Run $run, array $marks, RunRecord $record, ?RunWay $way): array
    {
        $bends = self::bends($record, $way);
        $straight = [];
        foreach ($marks as $mark) {
            if (null !== $mark->placing->tied) {
                $turns = \count(array_filter($bends, static fn (float $at) => $at < $mark->along()));
                $straight[$turns][] = $mark;
            }
        }
        $pieces = array_map(
            static fn (array $of) => \count($of) > 1 ? MarkedPiece::of($run, $of, self::fallAt($way, $of[0]->along())) : null, $straight,
        );

        return array_values(array_filter($pieces));
    }

    /** @return list<float> metres of the run, as the camera or the map has them */
    private static function bends(RunRecord $record, ?RunWay $way): array
    {
        $bends = [];
        foreach ($record->findings as $finding) {
            Kind::Bend !== $finding->kind || $bends[] = $finding->from->metres;
        }
        foreach ($way->spans ?? [] as $span) {
            foreach ($span->pipe->bends as $bend) {
                $bends[] = $span->down ? $span->from + $bend->at : $span->to - $bend->at;
            }
        }

        return $bends;
    }

    /** By the map; level where it does not know. */
    private static function fallAt(?RunWay $way, float $at): Grade
    {
        $fall = 0.0;
        foreach ($way->spans ?? [] as $span) {
            $fall = $span->from <= $at ? $span->pipe->fallPercent() ?? 0.0 : $fall;
        }

        return Grade::percent($fall);
    }

    /**
     * @param list<MarkOnSite> $marks of the run
     * @param array<string, string> $names of points as they were typed
     *
     * @return list<MarkedFall>
     */
    private static function falls(Run $run, array $marks, RunRecord $record, Levelling $levelling, array $names): array
    {
        $falls = [];
        foreach ($marks as $i => $near) {
            $far = $marks[$i + 1] ?? null;
            if (null !== $far && $far->along() - $near->along() >= self::LEAST_M) {
                [$upper, $lower] = Travel::Downstream === $run->details()->travel ? [$near, $far] : [$far, $near];
                $falls[] = self::fall($upper, $lower, $record, $levelling, MinimumFall::of(Bore::orUsual($run->details()->boreMm)), $names);
            }
        }

        return $falls;
    }

    /** @param array<string, string> $names of points as they were typed */
    private static function fall(
        MarkOnSite $upper, MarkOnSite $lower, RunRecord $record, Levelling $levelling, Grade $minimum, array $names,
    ): MarkedFall {
        [$one, $other] = [$upper->point(), $lower->point()];
        $rise = $levelling->up($one, $other);
        // Half of the square of the error to each of the two.
        $error = null === $rise ? MarkedDepth::GROUND_ERROR_M : $levelling->error($one, $other) / \M_SQRT2;
        $fall = MarkFall::between(
            $upper->mark->marked(null === $rise ? null : 0.0, $error), $lower->mark->marked($rise, $error),
        );
        $isLevel = null !== $fall->fall && $fall->fall <= self::NO_FALL_SHARE * $minimum->inPercent();

        return new MarkedFall(
            $upper, $lower, $fall, $minimum, $rise, null === $rise ? null : self::crest($levelling, $one, $other, max(0.0, $rise), $names),
            $isLevel ? self::waterBeside($record, $upper->along(), $lower->along()) : null,
        );
    }

    /** @param array<string, string> $names of points as they were typed */
    private static function crest(Levelling $levelling, string $one, string $other, float $higher, array $names): ?Crest
    {
        $crest = null;
        foreach ($levelling->between($one, $other) as $point) {
            $over = ($levelling->up($one, $point) ?? 0.0) - $higher;
            if (self::ZERO !== $point && $over >= Crest::LEAST_M && $over > ($crest->over ?? 0.0)) {
                $crest = new Crest($names[$point] ?? $point, $over);
            }
        }

        return $crest;
    }

    private static function waterBeside(RunRecord $record, float $one, float $other): ?Finding
    {
        foreach ($record->findings as $finding) {
            $isBeside = $finding->from->metres <= max($one, $other) + self::BESIDE_M
                && $finding->end()->metres >= min($one, $other) - self::BESIDE_M;
            if ($finding->kind->isWater() && $isBeside) {
                return $finding;
            }
        }

        return null;
    }
}
