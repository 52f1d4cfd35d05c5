<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Ribbon;

use Jurvex\Core\Finding\Extent;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Judge\HouseRules;
use Jurvex\Core\Judge\Judge;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Practice\Line;
use Jurvex\Core\Practice\LineMaker;
use Jurvex\Core\Practice\SimulatedReel;
use Jurvex\Core\Reel\Counter;
use Jurvex\Core\Reel\Track;
use Jurvex\Core\Ribbon\DrawnPass;
use Jurvex\Core\Ribbon\FeltAt;
use Jurvex\Core\Ribbon\Flag;
use Jurvex\Core\Ribbon\MarkedPlace;
use Jurvex\Core\Ribbon\Ribbon;
use Jurvex\Core\Ribbon\Scale;
use Jurvex\Core\Ribbon\Sign;
use Jurvex\Core\Run\EndReason;
use Jurvex\Core\Run\RunRecord;
use Jurvex\Core\Run\Travel;
use Jurvex\Core\Tests\Kept;
use Jurvex\Core\Tests\RunBuilder;
use PHPUnit\Framework\TestCase;

final class RibbonTest extends TestCase
{
    private const WIDTH = 1160.0;

    public function testItIsToScaleAndTheMainIsOnTheRightWhicheverWayTheCameraWent(): void
    {
        $down = new Scale(self::WIDTH, 40, Travel::Downstream);
        $up = new Scale(self::WIDTH, 40, Travel::Upstream);
        for ($metres = 0; $metres < 40; $metres += 5) {
            $step = $down->x(Length::metres($metres + 5)) - $down->x(Length::metres($metres));
            self::assertEqualsWithDelta((self::WIDTH - 60) / 8, $step, 1e-9);
            self::assertEqualsWithDelta(self::WIDTH, $down->x(Length::metres($metres)) + $up->x(Length::metres($metres)), 1e-9);
        }
    }

    public function testAnythingThatCanBeLoggedIsDrawnWithinTheDrawing(): void
    {
        for ($seed = 0; $seed < 200; ++$seed) {
            $run = RunBuilder::random($seed);
            $ribbon = self::draw($run);
            $paths = [
                $ribbon->bore, $ribbon->rod, ...array_column($ribbon->walls, 'outline'),
                ...array_column($ribbon->unseen, 'outline'), ...array_column($ribbon->shapes, 'outline'),
            ];
            foreach ($paths as $path) {
                self::assertMatchesRegularExpression('/^M[MLQAZ0-9. -]+$/', $path, 'seed '.$seed);
            }
            foreach ($ribbon->signs as $sign) {
                self::assertTrue($sign->x >= 0 && $sign->x <= self::WIDTH && $sign->y > 100 && $sign->y < Ribbon::HEIGHT);
            }
        }
    }

    public function testEveryKindIsDrawnAsItWasLookedAt(): void
    {
        $drawn = [];
        foreach (Kind::cases() as $i => $kind) {
            $more = ['clock_from' => ($i * 5) % 12 + 0.5] + ([] === $kind->units() ? [] : ['size' => 10 + $i])
                + (Extent::Point === $kind->extent() ? [] : ['to_m' => 11.5]);
            foreach ($kind->facts() as $fact) {
                if ([] !== $fact->choices()) {
                    $more['facts'][$fact->value] = $fact->choices()[$i % \count($fact->choices())];
                }
            }
            $ribbon = self::draw(RunBuilder::run([RunBuilder::finding($kind, 10, $more)], travel: Travel::cases()[$i % 2]));
            $drawn[$kind->value] = [array_column($ribbon->shapes, 'outline', 'paint'), $ribbon->joints, array_column($ribbon->signs, 'x')];
        }
        Kept::assertSame('kinds', $drawn);
    }

    public function testAWholeRibbonIsDrawnAsItWasLookedAt(): void
    {
        $drawn = [];
        foreach (range(1, 8) as $seed) {
            $run = RunBuilder::random($seed);
            $line = Line::of($run);
            $track = 0 === $seed % 2 ? null : Track::none()->with(
                (new SimulatedReel($line, $line->length))->inAndBack(), new Counter(1.0, Length::metres(0), Length::metres(60)),
            );
            $ribbon = Ribbon::draw(
                $run, (new Judge(HouseRules::starting()))->judgeAll($run),
                [
                    new MarkedPlace(Length::metres(7 + $seed), Length::metres(1.2), $seed > 4),
                    new MarkedPlace(Length::metres(7.2 + $seed), null, false),
                ],
                [
                    new DrawnPass(Length::metres(1), Length::metres(9), [new FeltAt(Length::metres(4), 'grabs')]),
                    new DrawnPass(Length::metres(2), Length::metres(22)),
                ],
                UnitSystem::cases()[$seed % 2], self::WIDTH, $track,
            );
            $drawn[$seed] = array_diff_key(get_object_vars($ribbon), ['shapes' => 0, 'signs' => 0])
                + ['signs' => array_map(static fn (Sign $sign) => [$sign->x, $sign->y, $sign->need], $ribbon->signs)];
        }
        Kept::assertSame('ribbons', $drawn);
    }

    public function testTheInvertDipsAndWaterStandsInIt(): void
    {
        $flat = self::draw(RunBuilder::run([]));
        $dipped = self::draw(
            RunBuilder::run([
                RunBuilder::finding(Kind::LowSpot, 10, ['to_m' => 14, 'deepest_m' => 11, 'size' => 40, 'facts' => ['water' => 'off']]),
            ]),
        );
        self::assertGreaterThan(self::lowest($flat->bore), self::lowest($dipped->bore));
        self::assertSame('water', $dipped->shapes[0]->paint);
        self::assertEqualsWithDelta(
            self::lowest($dipped->bore),
            self::lowest($dipped->shapes[0]->outline),
            0.2,
            'the water reaches down to the invert',
        );
    }

    public function testTheMeasuredInvertIsDrawnAsItIsAndHoldsTheWaterThatItMust(): void
    {
        foreach (Travel::cases() as $travel) {
            $spot = RunBuilder::finding(Kind::LowSpot, 10, ['to_m' => 14, 'deepest_m' => 11, 'size' => 40, 'facts' => ['water' => 'off']]);
            $line = Line::of(RunBuilder::run([$spot], travel: $travel));
            $track = Track::none()->with(
                (new SimulatedReel($line, $line->length))->inAndBack(),
                new Counter(1.0, Length::metres(0), Length::metres(60)),
            );
            $bare = RunBuilder::run([], travel: $travel);
            $measured = Ribbon::draw($bare, [], [], [], UnitSystem::Metric, self::WIDTH, $track);
            self::assertCount(1, $measured->pools, 'water, though nobody logged any');
            self::assertGreaterThan(
                self::lowest(self::draw($bare)->bore) + 3,
                self::lowest($measured->bore),
                'it dips, though nobody logged it',
            );
            $scale = new Scale(self::WIDTH, 30, $travel);
            preg_match_all('/[ML]([\d.]+) /', $measured->pools[0], $found);
            $xs = array_map(floatval(...), $found[1]);
            self::assertEqualsWithDelta(
                [
                    $scale->x(Length::metres(Travel::Downstream === $travel ? 10 : 14)),
                    $scale->x(Length::metres(Travel::Downstream === $travel ? 14 : 10)),
                ],
                [min([self::WIDTH, ...$xs]), max([0.0, ...$xs])],
                10.0,
                $travel->value,
            );
            self::assertEqualsWithDelta(abs($measured->metre), self::WIDTH * (1 - 60 / self::WIDTH) / 30, 1e-3);
        }
    }

    public function testTenThousandReadingsAreDrawnInAsFewPointsAsShowThem(): void
    {
        $line = LineMaker::made(300, Length::metres(60), 0, 2, 2, 0);
        $readings = (new SimulatedReel($line, $line->length, noise: 0.004))->inAndBack(0.012, 1.0);
        self::assertGreaterThan(9000, \count($readings));
        $track = Track::none()->with($readings, new Counter(1.0, Length::metres(0), Length::metres(80)));
        $findings = array_map(static fn (int $i) => RunBuilder::finding(Kind::Crack, $i / 5, ['clock_from' => 3]), range(1, 300));
        $ribbon = Ribbon::draw(
            new RunRecord(
                $findings, $line->materialAt(0), Length::millimetres(100), Travel::Downstream, null, $line->length,
                EndReason::MainReached,
            ),
            [], [], [], UnitSystem::Metric, self::WIDTH, $track,
        );
        self::assertLessThan(80, substr_count($ribbon->rod, 'L'), 'what can be seen of six hundred heights');
        self::assertLessThan(
            150_000,
            array_sum(
                array_map(strlen(...), [
                    $ribbon->bore, $ribbon->rod, ...$ribbon->pools, ...array_column($ribbon->walls, 'outline'),
                    ...array_column($ribbon->shapes, 'outline'),
                ]),
            ),
        );
    }

    public function testWhatWasFeltStandsOnThePassWhereItWasFelt(): void
    {
        $ribbon = Ribbon::draw(
            RunBuilder::run([]), [], [],
            [new DrawnPass(Length::metres(0), Length::metres(12), [new FeltAt(Length::metres(9), 'grabs')])],
            UnitSystem::Metric, self::WIDTH,
        );
        self::assertEqualsWithDelta(
            (new Scale(self::WIDTH, 30, Travel::Downstream))->x(Length::metres(9)),
            $ribbon->passes[0]->felt[0]->x,
            0.1,
        );
        self::assertSame('grabs', $ribbon->passes[0]->felt[0]->felt);
    }

    public function testWhatNobodyHasSeenIsHatched(): void
    {
        self::assertCount(0, self::draw(RunBuilder::run([]))->unseen);
        self::assertCount(1, self::draw(RunBuilder::run([], expected: 40, ended: EndReason::RodOut))->unseen);
        self::assertCount(1, self::draw(RunBuilder::run([], reached: null, ended: null))->unseen, 'before the first push');
    }

    public function testWhereSignsCrowdTheWorstStays(): void
    {
        $findings = [RunBuilder::finding(Kind::OldPatch, 15)];
        for ($i = 0; $i < 60; ++$i) {
            $findings[] = RunBuilder::finding(Kind::TieIn, 14.9 + $i / 300);
        }
        $ribbon = self::draw(RunBuilder::run($findings));
        self::assertLessThan(\count($findings), \count($ribbon->signs));
        self::assertContains($findings[0]->id, array_column($ribbon->signs, 'findingId'));
    }

    public function testTicksStandAtRoundNumbersOfThePersonsUnits(): void
    {
        $scale = new Scale(self::WIDTH, 30.48, Travel::Downstream);
        self::assertSame(
            [0, 5, 10, 15, 20, 25, 30, 35, 40, 45, 50, 55, 60, 65, 70, 75, 80, 85, 90, 95, 100],
            array_column($scale->ticks(UnitSystem::FeetAndInches), 'label'),
        );
        self::assertSame(2, $scale->ticks(UnitSystem::Metric)[1]->label);
    }

    public function testMarksCloseTogetherDoNotCoverEachOther(): void
    {
        $run = RunBuilder::run([]);
        $marks = array_map(static fn (float $at) => new MarkedPlace(Length::metres($at), Length::metres(1.2), true), [10.0, 10.4, 20.0]);
        $flags = Ribbon::draw($run, [], $marks, [], UnitSystem::Metric, self::WIDTH)->flags;
        self::assertNotSame($flags[0]->top, $flags[1]->top);
        self::assertSame($flags[0]->top, $flags[2]->top);
    }

    public function testFlagsHangWithinTheDrawingAsFarAsTheLineEnds(): void
    {
        $run = RunBuilder::run([]);
        $end = $run->reached->metres;
        $marks = array_map(static fn (float $at) => new MarkedPlace(Length::metres($at), null, true), [0.0, $end - 0.3, $end]);
        $flags = Ribbon::draw($run, [], $marks, [], UnitSystem::Metric, self::WIDTH)->flags;
        foreach ($flags as $flag) {
            self::assertGreaterThanOrEqual(0, $flag->left);
            self::assertLessThanOrEqual(self::WIDTH, $flag->left + Flag::WIDTH);
            self::assertContains($flag->x, [$flag->left, $flag->left + Flag::WIDTH]);
        }
        self::assertNotSame($flags[1]->top, $flags[2]->top);
    }

    private static function draw(RunRecord $run): Ribbon
    {
        return Ribbon::draw(
            $run, (new Judge(HouseRules::starting()))->judgeAll($run), [],
            [new DrawnPass(Length::metres(0), Length::metres(5))], UnitSystem::Metric, self::WIDTH,
        );
    }

    /** The greatest y in path data. */
    private static function lowest(string $path): float
    {
        preg_match_all('/[ML]([\d.-]+) ([\d.-]+)/', $path, $found);

        return max(array_map(floatval(...), [0, ...$found[2]]));
    }
}
