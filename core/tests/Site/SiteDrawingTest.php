<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Site;

use Jurvex\Core\Measure\Length;
use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Site\BestTies;
use Jurvex\Core\Site\DrawnMark;
use Jurvex\Core\Site\DugBox;
use Jurvex\Core\Site\FixedKind;
use Jurvex\Core\Site\FixedThing;
use Jurvex\Core\Site\GroundLine;
use Jurvex\Core\Site\Place;
use Jurvex\Core\Site\PlacedMark;
use Jurvex\Core\Site\SiteDrawing;
use Jurvex\Core\Site\SitePlan;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The plan of a site to scale, and the line and the digs on it. */
final class SiteDrawingTest extends TestCase
{
    public function testEverythingIsDrawnToOneScaleWithinTheSheet(): void
    {
        mt_srand(3);
        for ($round = 0; $round < 40; ++$round) {
            $plan = SitePlan::bare();
            for ($i = 0; $i < 6; ++$i) {
                $place = new Place(mt_rand(-900, 900) / 10, mt_rand(-900, 900) / 10);
                $plan = $plan->with(new FixedThing((string) $i, FixedKind::Post, 'post '.$i, $place));
            }
            $mark = new DrawnMark('m', 'A', new Place(mt_rand(-900, 900) / 10, 0.0), 0.5, true, false);
            $drawing = new SiteDrawing($plan, [$mark], [], [], [], UnitSystem::Metric, 720.0, 520.0);
            [$one, $other] = [$plan->things[0]->place, $plan->things[1]->place];
            $drawn = hypot($drawing->x($one) - $drawing->x($other), $drawing->y($one) - $drawing->y($other));
            self::assertEqualsWithDelta($one->to($other) * $drawing->perMetre, $drawn, 0.05);
            foreach ([...array_map(static fn (FixedThing $thing) => $thing->place, $plan->things), $mark->place] as $place) {
                self::assertTrue($drawing->x($place) > 0 && $drawing->x($place) < 720.0 && $drawing->y($place) > 0);
                self::assertLessThan($drawing->height, $drawing->y($place));
            }
            $places = [...array_map(static fn (FixedThing $thing) => $thing->place, $plan->things), $mark->place];
            [$x, $y] = [array_map($drawing->x(...), $places), array_map($drawing->y(...), $places)];
            self::assertEqualsWithDelta(360.0, (min($x) + max($x)) / 2, 0.01, 'in the middle of the sheet');
            self::assertEqualsWithDelta($drawing->height / 2, (min($y) + max($y)) / 2, 0.01);
            self::assertLessThanOrEqual(520.001, $drawing->height);
            self::assertGreaterThan($drawing->y(new Place(0.0, 1.0)), $drawing->y(new Place(0.0, 0.0)), 'up is up on paper');
        }
    }

    public function testWhatStandsOutermostHasTheSameRoomOnAllSidesOfAWideSheetAndOfATallOne(): void
    {
        foreach ([[40.0, 4.0], [4.0, 40.0]] as [$across, $up]) {
            $plan = SitePlan::bare()->with(new FixedThing('a', FixedKind::Post, 'a', new Place(0.0, 0.0)))
                ->with(new FixedThing('b', FixedKind::Post, 'b', new Place($across, $up)));
            $drawing = new SiteDrawing($plan, [], [], [], [], UnitSystem::Metric, 720.0, 520.0);
            [$a, $b] = [$plan->things[0]->place, $plan->things[1]->place];
            $ends = $across > $up ? [$drawing->x($a), $drawing->x($b)] : [$drawing->y($b), $drawing->y($a)];
            self::assertEqualsWithDelta([56.0, ($across > $up ? 720.0 : 520.0) - 56.0], $ends, 0.01);
            self::assertFalse($plan->isBlank());
        }
        self::assertTrue(SitePlan::bare()->isBlank());
        $drawing = new SiteDrawing(SitePlan::bare(), [], [], [], [], UnitSystem::Metric, 720.0, 520.0);
        $middle = new Place(0.0, 0.0);
        self::assertEqualsWithDelta([360.0, $drawing->height / 2], [$drawing->x($middle), $drawing->y($middle)], 0.01);
    }

    public function testTheBarStandsForARoundLengthInThePersonsUnit(): void
    {
        foreach ([[UnitSystem::Metric, 1.0], [UnitSystem::FeetAndInches, 0.3048]] as [$units, $unit]) {
            foreach ([6.0, 12.0, 25.0, 40.0, 60.0, 120.0, 250.0, 600.0, 1200.0] as $room) {
                $drawing = new SiteDrawing(SitePlan::bare(), [], [], [], [], $units, 720.0, 520.0, $room);
                $times = $drawing->bar->metres / $unit;
                self::assertContains((int) round($times), [1, 2, 5, 10, 20, 50, 100, 200, 500]);
                self::assertEqualsWithDelta(round($times), $times, 1e-9);
                self::assertLessThan(720.0 / 3, $drawing->length($drawing->bar->metres));
                self::assertSame(round(7.7777 * $drawing->perMetre, 2), $drawing->length(7.7777), 'hundredths are enough');
                // Not a step smaller than it might be.
                self::assertGreaterThan(720.0 / 20, $drawing->length($drawing->bar->metres));
            }
        }
    }

    public function testWhereNamesHaveNoRoomNumbersStand(): void
    {
        $ofWidth = static fn (float $width) => new SiteDrawing(SitePlan::bare(), [], [], [], [], UnitSystem::Metric, $width, 520.0);
        self::assertTrue($ofWidth(499.0)->isNumbered());
        self::assertFalse($ofWidth(500.0)->isNumbered());
    }

    public function testNorthTurnsAgainstTheBearingOfUp(): void
    {
        self::assertSame(-24.0, (new SiteDrawing(
            SitePlan::bare()->lying(24.0, null, null), [], [], [], [], UnitSystem::Metric, 400.0, 300.0,
        ))->north());
    }

    public function testALineIsStraightBetweenItsMarksAndALittleBeyond(): void
    {
        $line = new GroundLine([self::mark(20.0, 10.0, 10.0), self::mark(0.0, 0.0, 0.0), self::mark(10.0, 10.0, 0.0)]);
        self::assertEquals(new Place(5.0, 0.0), $line->at(5.0));
        self::assertEquals(new Place(10.0, 5.0), $line->at(15.0));
        self::assertEquals(new Place(-1.0, 0.0), $line->at(-1.0));
        self::assertEquals(new Place(10.0, 11.5), $line->at(21.5));
        self::assertNull($line->at(23.0));
        self::assertEquals([new Place(5.0, 0.0), new Place(10.0, 0.0), new Place(10.0, 5.0)], $line->within(5.0, 15.0));
        self::assertSame([], $line->within(15.0, 40.0));
        self::assertNull((new GroundLine([self::mark(5.0, 1.0, 1.0)]))->at(6.0), 'one mark gives no direction');
        self::assertNull((new GroundLine([self::mark(5.0, 1.0, 1.0), self::mark(5.0, 2.0, 1.0)]))->at(6.0), 'nor do two at one place');
    }

    public function testADigIsAsWideAsItIsDug(): void
    {
        $box = DugBox::along('1', [new Place(0.0, 0.0), new Place(3.0, 4.0)], 0.9);
        [$a, $b, $c, $d] = $box->corners;
        self::assertEqualsWithDelta(5.0, $a->to($b), 1e-9);
        self::assertEqualsWithDelta(0.9, $b->to($c), 1e-9);
        self::assertEqualsWithDelta(0.9, $d->to($a), 1e-9);
        self::assertGreaterThan(0, ($b->x - $a->x) * ($c->y - $a->y) - ($b->y - $a->y) * ($c->x - $a->x), 'against the clock');
    }

    public function testADigOfAMetreIsLaidAlongItsOwnLine(): void
    {
        [$a, $b] = DugBox::along('1', [new Place(0.0, 0.0), new Place(0.0, 1.0)], 0.6)->corners;
        self::assertEqualsWithDelta([0.3, 0.0, 0.3, 1.0], [$a->x, $a->y, $b->x, $b->y], 1e-9);
    }

    public function testADigElsewhereIsTheSameElsewhere(): void
    {
        $middle = [new Place(0.0, 0.0), new Place(2.0, 0.5), new Place(2.5, 3.0)];
        $there = array_map(static fn (Place $place) => new Place($place->x + 7.0, $place->y - 3.0), $middle);
        foreach (DugBox::along('1', $there, 0.8)->corners as $i => $corner) {
            $here = DugBox::along('1', $middle, 0.8)->corners[$i];
            self::assertEqualsWithDelta([$here->x + 7.0, $here->y - 3.0], [$corner->x, $corner->y], 1e-9);
        }
    }

    public function testADigAtOnePlaceIsAsWideAcrossTheSheet(): void
    {
        $corners = DugBox::along('1', [new Place(2.0, 3.0)], 0.6)->corners;
        self::assertEqualsWithDelta([[2.0, 2.7], [2.0, 3.3]], array_map(static fn (Place $each) => [$each->x, $each->y], $corners), 1e-9);
    }

    public function testTapesToAPlaceAreShortAndMeetAtAGoodAngle(): void
    {
        $thing = static fn (string $name, float $x, float $y) => new FixedThing($name, FixedKind::Post, $name, new Place($x, $y));
        $ties = BestTies::to(
            new Place(0.0, 0.0), $thing('far', 40.0, 2.0), $thing('left', -4.0, 0.2), $thing('right', 4.0, 0.2), $thing('up', 0.2, 5.0),
        );
        $names = array_map(static fn ($tie) => $tie->name, $ties);
        sort($names);
        self::assertContains('up', $names);
        self::assertNotContains('far', $names);
        self::assertEqualsWithDelta(5.004, max([0.0, ...array_map(static fn ($tie) => $tie->taped->metres, $ties)]), 0.001);
        self::assertCount(1, BestTies::to(new Place(0.0, 0.0), $thing('alone', 1.0, 1.0)));
    }

    public function testWhatStandsOnThePlaceIsAsGoodAsAnyTie(): void
    {
        $thing = static fn (string $name, float $x, float $y) => new FixedThing($name, FixedKind::Post, $name, new Place($x, $y));
        $ties = BestTies::to(new Place(0.0, 0.0), $thing('on it', 0.0, 0.0), $thing('east', 2.0, 0.0), $thing('north', 0.0, 2.0));
        self::assertSame(['on it', 'east'], array_map(static fn ($tie) => $tie->name, $ties));
    }

    public function testWhereTheSheetBeginsChangesNoTie(): void
    {
        $chance = new Randomizer(new Mt19937(4));
        $some = static fn () => $chance->getInt(-200, 200) / 10;
        for ($round = 0; $round < 60; ++$round) {
            [$x, $y] = [$some(), $some()];
            $places = array_map(static fn () => [$some(), $some()], range(1, 6));
            $tied = static fn (float $right, float $up) => array_map(
                static fn ($tie) => [$tie->name, round($tie->taped->metres, 6)],
                BestTies::to(new Place($x + $right, $y + $up), ...array_map(static fn (int $i) => new FixedThing(
                    (string) $i, FixedKind::Post, 'post '.$i, new Place($places[$i][0] + $right, $places[$i][1] + $up),
                ), array_keys($places))),
            );
            self::assertSame($tied(0.0, 0.0), $tied($some(), $some()));
        }
    }

    /** Eight metres of tape are worth an angle that doubles the error: here that is at thirty degrees. */
    public function testALongTapeAtARightAngleIsAsGoodAsAShortOneAtThirtyDegrees(): void
    {
        foreach ([29 => 'long', 31 => 'short'] as $degrees => $better) {
            $ties = BestTies::to(
                new Place(0.0, 0.0),
                new FixedThing('base', FixedKind::Post, 'base', new Place(4.0, 0.0)),
                new FixedThing('long', FixedKind::Post, 'long', new Place(0.0, 12.0)),
                new FixedThing('short', FixedKind::Post, 'short', new Place(4 * cos(deg2rad($degrees)), 4 * sin(deg2rad($degrees)))),
            );
            self::assertSame(['base', $better], array_map(static fn ($tie) => $tie->name, $ties));
        }
    }

    private static function mark(float $along, float $x, float $y): PlacedMark
    {
        return new PlacedMark(Length::metres($along), new Place($x, $y));
    }
}
