<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Practice;

use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Finding\Material;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Mend\GroundOver;
use Jurvex\Core\Mend\KnownGround;
use Jurvex\Core\Practice\HiddenGround;
use Jurvex\Core\Practice\Line;
use Jurvex\Core\Practice\LocatorReading;
use Jurvex\Core\Practice\LocatorStandIn;
use Jurvex\Core\Practice\MarkFault;
use Jurvex\Core\Practice\MarkScores;
use Jurvex\Core\Practice\TriedMark;
use Jurvex\Core\Run\RunRecord;
use Jurvex\Core\Run\Travel;
use Jurvex\Core\Tests\Kept;
use Jurvex\Core\Tests\RunBuilder;
use PHPUnit\Framework\TestCase;

/** The locator that is not there, and what a trainee's marks by it are worth. */
final class LocatorTest extends TestCase
{
    private const SEED = 11;

    public function testTheSameTurnReadsTheSameAndTheMiddleOfManyIsTheDepth(): void
    {
        $ground = self::ground();
        $locator = new LocatorStandIn($ground);
        self::assertEquals($locator->read(3.0, 2), (new LocatorStandIn(self::ground()))->read(3.0, 2));
        $readings = self::readings($locator, 3.0, 301);
        sort($readings);
        self::assertEqualsWithDelta($ground->depthAt(3.0), $readings[150], 0.01);
        self::assertEqualsWithDelta($ground->depthAt(3.0) + 0.3, self::readings($locator, 3.0, 1, 0.3)[0], 0.05, 'raised it reads deeper');
    }

    public function testASeedHidesTheGroundThatItHidYesterday(): void
    {
        $kept = [];
        for ($seed = 1; $seed <= 30; ++$seed) {
            $ground = HiddenGround::over(self::line(), $seed);
            foreach ([0.0, 3.0, 7.0, 15.0, 29.0] as $at) {
                $read = (new LocatorStandIn($ground))->read($at, 2);
                $kept[$seed][] = [round($ground->depthAt($at), 4), $ground->isWet($at), $ground->hasMetal($at), $read];
            }
        }
        Kept::assertSame('hidden-ground', $kept);
    }

    public function testReadingsSpreadMoreWithDepthWithWaterAndWithMetal(): void
    {
        $ground = self::ground();
        $spread = static function (HiddenGround $ground, float $at): float {
            $readings = self::readings(new LocatorStandIn($ground), $at, 60);

            return max([0.0, ...$readings]) - min([\INF, ...$readings]);
        };
        $metal = self::metal($ground);
        self::assertTrue($ground->isWet(7.0));
        self::assertGreaterThan(1.5 * $spread($ground, 3.0), $spread($ground, 7.0), 'water');
        self::assertGreaterThan(1.5 * $spread($ground, 3.0), $spread($ground, $metal), 'metal');
        $deep = HiddenGround::over(self::line(), self::SEED, new GroundOver([new KnownGround(0.0, null, 6.0)], 'lawn', 1.0));
        self::assertGreaterThan(1.5 * $spread($ground, 3.0), $spread($deep, 3.0), 'depth');
        $locator = new LocatorStandIn($ground);
        self::assertSame([true, false], [$locator->read(3.0, 1)->isSteady, $locator->read($metal, 1)->isSteady]);
        self::assertLessThan($locator->read(3.0, 1)->signal, (new LocatorStandIn($deep))->read(3.0, 1)->signal);
        // Half of what is heard right over it, two metres off.
        $up = 2.0 - $ground->depthAt(3.0);
        self::assertEqualsWithDelta(50.0, $locator->read(3.0, 1, $up)->signal, 1e-9);
        self::assertEqualsWithDelta(20.0, $locator->read(3.0, 1, 2.0 + $up)->signal, 1e-9);
    }

    public function testWhereSomebodyLocatedTheLineTheGroundAgrees(): void
    {
        $known = HiddenGround::over(self::line(), self::SEED, new GroundOver([new KnownGround(4.0, null, 1.42)], 'lawn', 1.0));
        self::assertSame(1.42, $known->depthAt(9.0));
    }

    public function testATraineesMarksAreHeldAgainstTheTruth(): void
    {
        $ground = self::ground();
        $low = self::line()->record->findings[0];
        $depth = $ground->depthAt(6.0);
        $mark = static fn (float $at, float $depth, bool $enough = true, bool $water = false, bool $metal = false) => new TriedMark(
            $at, $depth, $enough, $water, $metal,
        );
        $all = static fn (TriedMark ...$marks) => new MarkScores([$low], array_values($marks), $ground);
        self::assertSame(0, $all()->points());
        self::assertSame(50, $all($mark(6.2, $depth))->points());
        self::assertSame(100, $all($mark(6.0, $depth), $mark(8.1, $ground->depthAt(8.1)))->points());
        self::assertNull((new MarkScores([], [], $ground))->points());
        self::assertSame([6.5, null], [$all($mark(6.5, $depth))->scores[0]->mark?->at, $all($mark(6.51, $depth))->scores[0]->mark]);
        // The nearest of several counts, on whichever side and whenever it was made.
        $marks = [$mark(6.3, $depth), $mark(6.1, $depth), $mark(5.8, $depth), $mark(6.4, $depth)];
        self::assertSame(6.1, $all(...$marks)->scores[0]->mark?->at);
        self::assertSame(6.1, $all(...array_reverse($marks))->scores[0]->mark?->at);
        $faults = static fn (TriedMark $mark) => $all($mark)->scores[0]->faults;
        self::assertSame([MarkFault::TooFew], $faults($mark(6.0, $depth, false)));
        self::assertSame([MarkFault::DepthOff], $faults($mark(6.0, $depth + 0.3)));
        self::assertSame([MarkFault::WaterNotSaid], $faults($mark(6.45, $ground->depthAt(6.45))));
        self::assertSame([], $faults($mark(6.45, $ground->depthAt(6.45), true, true)));
        $metal = self::metal($ground);
        $hole = RunBuilder::finding(Kind::Hole, $metal);
        $under = static fn (TriedMark $mark) => (new MarkScores([$hole], [$mark], $ground))->scores[0]->faults;
        self::assertSame([MarkFault::DepthOff, MarkFault::MetalNotSaid], $under($mark($metal, $ground->depthAt($metal) * 0.8)));
        self::assertSame([], $under($mark($metal, $ground->depthAt($metal) * 0.8, true, false, true)), 'whoever says so is not blamed');
    }

    /** @return list<float> */
    private static function readings(LocatorStandIn $locator, float $at, int $count, float $raised = 0.0): array
    {
        $turns = range(1, $count);

        return array_map(static fn (LocatorReading $reading) => $reading->depth, array_map(
            static fn (int $turn) => $locator->read($at, $turn, $raised), $turns,
        ));
    }

    /** Somewhere dry with metal over it. */
    private static function metal(HiddenGround $ground): float
    {
        for ($at = 9.0; $at < 30.0; $at += 0.25) {
            if ($ground->hasMetal($at)) {
                return $at + 0.5;
            }
        }
        self::fail('No metal beyond the low spot.');
    }

    private static function ground(): HiddenGround
    {
        return HiddenGround::over(self::line(), self::SEED);
    }

    private static function line(): Line
    {
        $low = RunBuilder::finding(Kind::LowSpot, 6.0, ['to_m' => 8.0, 'size' => 60, 'facts' => ['water' => 'off']]);

        return new Line(new RunRecord([$low], Material::Clay, Length::millimetres(100.0), Travel::Downstream), Length::metres(30.0));
    }
}
