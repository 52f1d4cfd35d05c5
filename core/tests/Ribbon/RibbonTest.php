<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Ribbon;

use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Judge\HouseRules;
use Jurvex\Core\Judge\Judge;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Ribbon\MarkedPlace;
use Jurvex\Core\Ribbon\Ribbon;
use Jurvex\Core\Ribbon\Scale;
use Jurvex\Core\Run\EndReason;
use Jurvex\Core\Run\RunRecord;
use Jurvex\Core\Run\Travel;
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
            $paths = [$ribbon->bore, $ribbon->rod, ...array_column($ribbon->walls, 'outline'), ...array_column($ribbon->unseen, 'outline'), ...array_column($ribbon->shapes, 'outline')];
            foreach ($paths as $path) {
                self::assertMatchesRegularExpression('/^M[MLQAZ0-9. -]+$/', $path, 'seed '.$seed);
            }
            foreach ($ribbon->signs as $sign) {
                self::assertTrue($sign->x >= 0 && $sign->x <= self::WIDTH && $sign->y > 100 && $sign->y < Ribbon::HEIGHT);
            }
        }
    }

    public function testTheInvertDipsAndWaterStandsInIt(): void
    {
        $flat = self::draw(RunBuilder::run([]));
        $dipped = self::draw(RunBuilder::run([RunBuilder::finding(Kind::LowSpot, 10, ['to_m' => 14, 'deepest_m' => 11, 'size' => 40, 'facts' => ['water' => 'off']])]));
        self::assertGreaterThan(self::lowest($flat->bore), self::lowest($dipped->bore));
        self::assertSame('water', $dipped->shapes[0]->paint);
        self::assertEqualsWithDelta(self::lowest($dipped->bore), self::lowest($dipped->shapes[0]->outline), 0.2, 'the water reaches down to the invert');
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
        self::assertSame([0, 5, 10, 15, 20, 25, 30, 35, 40, 45, 50, 55, 60, 65, 70, 75, 80, 85, 90, 95, 100], array_column($scale->ticks(UnitSystem::FeetAndInches), 'label'));
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

    private static function draw(RunRecord $run): Ribbon
    {
        return Ribbon::draw($run, (new Judge(HouseRules::starting()))->judgeAll($run), [], [['in' => Length::metres(0), 'to' => Length::metres(5)]], UnitSystem::Metric, self::WIDTH);
    }

    /** The greatest y in path data. */
    private static function lowest(string $path): float
    {
        preg_match_all('/[ML]([\d.-]+) ([\d.-]+)/', $path, $found);

        return max(array_map(floatval(...), [0, ...$found[2]]));
    }
}
