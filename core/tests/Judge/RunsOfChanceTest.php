<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Judge;

use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Finding\Material;
use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Judge\Evidence;
use Jurvex\Core\Judge\HouseRules;
use Jurvex\Core\Judge\Judge;
use Jurvex\Core\Judge\Judgement;
use Jurvex\Core\Judge\LineVerdict;
use Jurvex\Core\Judge\Need;
use Jurvex\Core\Judge\School;
use Jurvex\Core\Judge\Stretch;
use Jurvex\Core\Judge\Verdict;
use Jurvex\Core\Reel\Pair;
use Jurvex\Core\Reel\Pairs;
use Jurvex\Core\Run\Coverage;
use Jurvex\Core\Tests\Kept;
use Jurvex\Core\Tests\RunBuilder;
use PHPUnit\Framework\TestCase;

/** Runs of chance, judged: what must hold of each, and all of them as they were looked at. */
final class RunsOfChanceTest extends TestCase
{
    private const SEEDS = 60;

    public function testWhatAWholeRunComesToIsTheWorstOfItsStretchesAndThoseAreTheWholeRun(): void
    {
        for ($seed = 1; $seed <= self::SEEDS; ++$seed) {
            $run = RunBuilder::random($seed);
            $judgements = (new Judge(HouseRules::starting()))->judgeAll($run);
            $line = LineVerdict::of($run, $judgements);
            $place = 0.0;
            foreach ($line->stretches as $stretch) {
                self::assertEqualsWithDelta($place, $stretch->starts->at->metres, 1e-9, 'seed '.$seed);
                $place = $stretch->to->metres ?? $place;
                if (Verdict::Passes === $stretch->verdict || Verdict::PassesWithUpkeep === $stretch->verdict) {
                    self::assertSame([0.0, 0.0], [$stretch->submergedMetres, $stretch->unreachedMetres ?? 1.0], 'what passes was seen');
                }
                self::assertNotSame(1, $line->whole()->worse($stretch->verdict) <=> $line->whole(), 'none is worse than the whole');
            }
            self::assertEqualsWithDelta($run->length()->metres, $place, 1e-9, 'seed '.$seed);
        }
    }

    public function testRunsOfChanceAreJudgedAsTheyWereLookedAt(): void
    {
        $kept = [];
        foreach ([[School::Carrying, School::Upkeep], [School::Grade, School::Source]] as [$water, $roots]) {
            $judge = new Judge(HouseRules::of($water, $roots, []));
            for ($seed = 1; $seed <= self::SEEDS; ++$seed) {
                $run = RunBuilder::random($seed);
                $judgements = $judge->judgeAll($run);
                $line = LineVerdict::of($run, $judgements);
                $coverage = Coverage::of($run);
                $kept[$water->value.' '.$seed] = [
                    array_map(static fn (Judgement $each) => [
                        $each->rule, $each->need, $each->lookAgain, $each->remedy, $each->values, $each->otherSchool?->need, $each->rank(),
                    ], array_values($judgements)),
                    array_map(static fn (Stretch $each) => [
                        $each->starts->boundary, $each->starts->at->metres, $each->ends, $each->to?->metres, $each->verdict,
                        \count($each->because), $each->submergedMetres, $each->dimMetres, $each->unreachedMetres,
                    ], $line->stretches),
                    $line->whole(), $coverage->openEnded,
                    array_map(static fn ($gap) => [$gap->from->metres, $gap->to->metres, $gap->sight], $coverage->gaps()),
                    $run->length()->metres, $run->reached->metres,
                    array_map(
                        static fn ($pipe) => [$pipe->from->metres, $pipe->to->metres, $pipe->material, $pipe->bore?->metres], $run->pipes,
                    ),
                ];
            }
        }
        Kept::assertSame('judged', $kept);
    }

    public function testWhatIsWorseIsWorseWhicheverWayItIsAsked(): void
    {
        foreach (Need::cases() as $i => $one) {
            self::assertSame($i, $one->level());
            self::assertSame($one, $one->worse(null));
            foreach (Need::cases() as $j => $other) {
                self::assertSame(Need::cases()[max($i, $j)], $one->worse($other));
            }
        }
    }

    public function testALimitIsTakenUpToItsMostAndNotOverIt(): void
    {
        foreach (HouseRules::LIMITS as $name => [$start, $most]) {
            self::assertSame((float) $start, HouseRules::starting()->limit($name));
            foreach ([0.0, (float) $most] as $possible) {
                self::assertSame($possible, HouseRules::of(School::Carrying, School::Upkeep, [$name => $possible])->limit($name));
            }
            foreach ([-0.001, $most + 0.001] as $impossible) {
                try {
                    HouseRules::of(School::Carrying, School::Upkeep, [$name => $impossible]);
                    self::fail($name.' was taken as '.$impossible);
                } catch (BadInput $refused) {
                    self::assertSame(['out_of_range', 'limits.'.$name], [$refused->reason, $refused->at]);
                }
            }
        }
        Kept::assertSame('limits', HouseRules::LIMITS);
        foreach ([[School::Upkeep, School::Upkeep, 'water'], [School::Carrying, School::Grade, 'roots']] as [$water, $roots, $at]) {
            try {
                HouseRules::of($water, $roots, []);
                self::fail('A school of something else was taken.');
            } catch (BadInput $refused) {
                self::assertSame($at, $refused->at);
            }
        }
    }

    public function testWhatIsKnownOfAFindingIsWhatWasLookedAt(): void
    {
        $kept = [];
        $names = [
            'depth_mm', 'depth_percent', 'length_m', 'step_percent', 'area_percent', 'share_percent', 'bore_mm', 'material',
            'material_before', 'fall_percent', 'least_fall_percent', 'root_joints', 'share_of_stretch_percent',
        ];
        for ($seed = 1; $seed <= self::SEEDS; ++$seed) {
            $run = RunBuilder::random($seed);
            foreach ($run->findings as $finding) {
                $evidence = new Evidence($finding, $run, HouseRules::starting());
                $known = array_map($evidence->value(...), $names);
                $known[] = array_map($evidence->isIn(...), Material::cases());
                $known[] = [$evidence->hasDamageBeside(), $evidence->isWeldedPlastic(), $evidence->fallVerdict()];
                $known[] = [$run->turnedBefore($finding->from), $finding->recounted('again', 1.07)->plain()];
                $kept[$finding->id] = hash('crc32b', (string) json_encode(array_map(
                    static fn (mixed $value) => \is_float($value) ? round($value, 6) : $value, $known,
                )));
            }
        }
        Kept::assertSame('evidence', $kept);
    }

    /** In a bore of 100 mm: a lining all round, or what lies on the invert. */
    public function testADepositTakesTheShareThatItsShapeTakes(): void
    {
        foreach ([
            [Kind::Grease, 10, 'mm', 36.0], [Kind::Scale, 25, 'mm', 75.0], [Kind::Grease, 50, 'mm', 100.0],
            [Kind::Grease, 30, 'percent', 30.0],
            [Kind::Sediment, 50, 'mm', 50.0], [Kind::Sludge, 100, 'mm', 100.0],
            [Kind::Sediment, 25, 'mm', 100 / 3 - 25 * sqrt(3) / \M_PI],
        ] as [$kind, $size, $unit, $share]) {
            $deposit = RunBuilder::finding($kind, 5.0, ['to_m' => 6.0, 'size' => $size, 'unit' => $unit]);
            $evidence = new Evidence($deposit, RunBuilder::run([$deposit]), HouseRules::starting());
            self::assertEqualsWithDelta($share, $evidence->areaPercent(), 1e-9, $kind->value.' '.$size.' '.$unit);
        }
    }

    public function testRootJointsAreCountedInTheWindowThatHoldsTheMost(): void
    {
        $roots = static fn (float ...$at) => RunBuilder::run(
            array_map(static fn (float $metres) => RunBuilder::finding(Kind::RootThreads, $metres), array_values($at)), reached: 60.0,
        );
        foreach ([
            [[10.0], [1]], [[10.0, 20.0], [2, 2]], [[10.0, 20.01], [1, 1]], [[0.0, 5.0, 10.0, 15.0, 20.0], [3, 3, 3, 3, 3]],
            [[3.0, 3.0, 4.0], [2, 2, 2]], [[1.0, 9.0, 18.0, 19.0], [2, 3, 3, 3]],
        ] as [$at, $counts]) {
            $run = $roots(...$at);
            self::assertSame($counts, array_map(
                static fn (Finding $finding) => (new Evidence($finding, $run, HouseRules::starting()))->rootJointsNear(), $run->findings,
            ));
        }
    }

    public function testWhatWasLoggedBothWaysIsPairedOnceWithTheNearestOfItsKind(): void
    {
        $kept = [];
        for ($seed = 1; $seed <= self::SEEDS; ++$seed) {
            $findings = RunBuilder::random($seed)->findings;
            $again = array_map(static function (Finding $finding): Finding {
                $at = $finding->from->metres + (crc32($finding->id) % 90) / 100;

                return RunBuilder::finding($finding->kind, $at, [
                    'id' => 'back-'.$finding->id, 'to_m' => null === $finding->to ? null : $finding->to->metres + 1,
                ]);
            }, $findings);
            $back = array_fill_keys(array_column($findings, 'id'), false) + array_fill_keys(array_column($again, 'id'), true);
            $pairs = Pairs::of([...$findings, ...$again], $back);
            $in = array_map(static fn (Pair $pair) => $pair->in->id, $pairs->pairs);
            self::assertSame(array_unique($in), $in, 'each once');
            self::assertSame($in, $pairs->doubled());
            foreach ($pairs->pairs as $pair) {
                self::assertSame($pair->in->kind, $pair->back->kind);
                self::assertEqualsWithDelta($pair->in->from->metres - $pair->back->from->metres, $pair->slack, 1e-9);
            }
            $kept[$seed] = array_map(static fn (Pair $pair) => [$pair->in->id, $pair->back->id, $pair->slack], $pairs->pairs);
            self::assertSame([], Pairs::of($findings, [])->pairs, 'those of which nobody said the way pair with nothing');
        }
        Kept::assertSame('pairs', $kept);
    }
}
