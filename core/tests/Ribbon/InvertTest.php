<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Ribbon;

use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Finding\Material;
use Jurvex\Core\Judge\HouseRules;
use Jurvex\Core\Judge\Judge;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Reel\Counter;
use Jurvex\Core\Reel\Reading;
use Jurvex\Core\Reel\Track;
use Jurvex\Core\Ribbon\Profile;
use Jurvex\Core\Ribbon\Ribbon;
use Jurvex\Core\Ribbon\Scale;
use Jurvex\Core\Ribbon\ShapeDrawer;
use Jurvex\Core\Ribbon\Sign;
use Jurvex\Core\Ribbon\Tick;
use Jurvex\Core\Run\EndReason;
use Jurvex\Core\Run\RunRecord;
use Jurvex\Core\Run\Travel;
use Jurvex\Core\Tests\Kept;
use Jurvex\Core\Tests\RunBuilder;
use PHPUnit\Framework\TestCase;

/** The invert as it is drawn, from low spots that were logged and from tilts that were read. */
final class InvertTest extends TestCase
{
    private const WIDTH = 1160.0;

    public function testLowSpotsAndTiltsMakeTheInvertThatWasLookedAt(): void
    {
        $drawn = [];
        foreach (Travel::cases() as $travel) {
            foreach (self::tilts() as $name => $track) {
                foreach ([100.0, null] as $bore) {
                    $run = self::pushed(self::lowSpots(), $travel, $bore);
                    $profile = new Profile($run, new Scale(self::WIDTH, 30.0, $travel), $track);
                    $along = [];
                    for ($at = 0.0; $at <= 30.0; $at += 0.375) {
                        $along[] = $profile->invert(Length::metres($at));
                    }
                    $drawn[$travel->value.' '.$name.' '.$bore] = [
                        $along, $profile->along(Length::metres(1.5), Length::metres(9.5)),
                        $profile->along(Length::metres(0), Length::metres(30)), $profile->water(Length::metres(2), Length::metres(5), 6.0),
                        $profile->water(Length::metres(18), Length::metres(22), 0.0),
                    ];
                }
            }
        }
        Kept::assertSame('inverts', $drawn);
    }

    public function testALowSpotIsDrawnToTheBoresScaleAndNoDeeperThanTheDrawingHolds(): void
    {
        // At the deepest point: 58 units of bore × 1.5, for the share of the bore that it takes; 27 at most.
        foreach ([[10.0, 8.7], [20.0, 17.4], [31.0, 26.97], [40.0, 27.0], [null, 8.7]] as [$depth, $units]) {
            $more = ['to_m' => 14, 'deepest_m' => 12] + (null === $depth ? [] : ['size' => $depth]);
            $scale = new Scale(self::WIDTH, 30.0, Travel::Downstream);
            $spot = new Profile(self::pushed([RunBuilder::finding(Kind::LowSpot, 10, $more)]), $scale);
            $flat = new Profile(self::pushed([]), $scale);
            foreach ([[12.0, 1.0], [11.0, 0.5], [13.0, 0.5], [10.0, 0.0], [14.0, 0.0], [9.0, 0.0]] as [$at, $part]) {
                $dip = $spot->invert(Length::metres($at)) - $flat->invert(Length::metres($at));
                self::assertEqualsWithDelta($part * $units, $dip, 1e-6, $depth.' at '.$at);
            }
        }
    }

    public function testAShortDipWithinALongOneDoesNotEndIt(): void
    {
        $long = RunBuilder::finding(Kind::LowSpot, 10, ['to_m' => 20, 'deepest_m' => 15, 'size' => 20]);
        $short = RunBuilder::finding(Kind::LowSpot, 11, ['to_m' => 12, 'size' => 5]);
        $scale = new Scale(self::WIDTH, 30.0, Travel::Downstream);
        $at = static fn (Finding ...$spots) => (new Profile(self::pushed(array_values($spots)), $scale))->invert(Length::metres(18));
        self::assertGreaterThan($at(), $at($long));
        self::assertSame($at($long), $at($long, $short));
    }

    public function testEveryShapeIsDrawnForEverySizeAndHour(): void
    {
        $drawn = [];
        $scale = new Scale(self::WIDTH, 30.0, Travel::Downstream);
        foreach (Kind::cases() as $kind) {
            foreach ([null, 1.0, 33.0, 95.0] as $size) {
                foreach ([null, 3.5, 6.0, 12.0] as $hour) {
                    $more = ([] === $kind->units() || null === $size ? [] : ['size' => $size])
                        + (null === $hour ? [] : ['clock_from' => $hour])
                        + ($kind->isWater() || Kind::SightLimited === $kind ? ['to_m' => 16.1] : []);
                    $finding = RunBuilder::finding($kind, 15, $more);
                    foreach ([100.0, 0.0, null] as $bore) {
                        $run = self::pushed([$finding], Travel::Downstream, $bore);
                        $drawn[$kind->value][] = hash('crc32b', (string) (new ShapeDrawer($run, new Profile($run, $scale), $scale))
                            ->draw($finding)?->outline);
                    }
                }
            }
        }
        Kept::assertSame('shapes', $drawn);
    }

    public function testTicksStandAtRoundNumbersFarEnoughApart(): void
    {
        $drawn = [];
        foreach ([1.0, 4.0, 9.0, 20.0, 21.0, 41.0, 42.0, 100.0, 210.0, 430.0, 1100.0, 4300.0, 22_000.0, 40_000.0] as $length) {
            foreach (UnitSystem::cases() as $units) {
                $ticks = (new Scale(self::WIDTH, $length, Travel::Downstream))->ticks($units);
                $drawn[$length.' '.$units->value] = array_map(
                    static fn (Tick $tick) => [$tick->x, $tick->label], \array_slice($ticks, 0, 4),
                );
                $drawn[$length.' '.$units->value][] = \count($ticks);
                for ($i = 1, $count = \count($ticks); $i < $count; ++$i) {
                    self::assertGreaterThanOrEqual($length < 22_000 ? 51.9 : 0, $ticks[$i]->x - $ticks[$i - 1]->x);
                }
            }
        }
        Kept::assertSame('scale-ticks', $drawn);
    }

    public function testWhereItIsCrowdedTheWorstKeepTheirPlace(): void
    {
        $findings = [];
        for ($i = 0; $i < 60; ++$i) {
            $findings[] = RunBuilder::finding([Kind::Hole, Kind::Grease, Kind::OldPatch][$i % 3], 10 + $i * 0.11, ['id' => 'crowd-'.$i]);
        }
        $run = self::pushed($findings);
        $judged = (new Judge(HouseRules::starting()))->judgeAll($run);
        $ribbon = Ribbon::draw($run, $judged, [], [], UnitSystem::Metric, self::WIDTH);
        foreach ($ribbon->signs as $i => $sign) {
            foreach (\array_slice($ribbon->signs, 0, $i) as $other) {
                self::assertTrue($sign->y !== $other->y || abs($sign->x - $other->x) >= 16.9, 'no sign covers another');
            }
        }
        Kept::assertSame('signs', array_map(static fn (Sign $sign) => [$sign->findingId, $sign->x, $sign->y], $ribbon->signs));
    }

    public function testAnEmptyOrShortLineHasRoom(): void
    {
        $of = static fn (RunRecord $run) => Ribbon::draw($run, [], [], [], UnitSystem::Metric, self::WIDTH);
        $untouched = $of(new RunRecord([], Material::Clay, null, Travel::Downstream));
        self::assertTrue($untouched->empty);
        self::assertEqualsWithDelta(1100 / 10, $untouched->metre, 1e-3, 'ten metres while nobody knows');
        $short = $of(new RunRecord([], Material::Clay, null, Travel::Downstream, null, Length::metres(0.4), EndReason::MainReached));
        self::assertFalse($short->empty);
        self::assertEqualsWithDelta(1100, $short->metre, 1e-3, 'no line is shorter than a metre');
        $open = $of(new RunRecord([], Material::Clay, null, Travel::Downstream, null, Length::metres(20.0), EndReason::RodOut));
        self::assertEqualsWithDelta(1100 / 23, $open->metre, 1e-3, 'a tenth and a metre beyond what was reached');
    }

    /** @return list<Finding> */
    private static function lowSpots(): array
    {
        return [
            RunBuilder::finding(Kind::LowSpot, 2, ['to_m' => 5, 'deepest_m' => 2, 'size' => 20]),
            RunBuilder::finding(Kind::LowSpot, 4, ['to_m' => 9, 'size' => 12]),
            RunBuilder::finding(Kind::LowSpot, 14, ['to_m' => 14.1, 'deepest_m' => 14.1, 'size' => 60]),
            RunBuilder::finding(Kind::LowSpot, 18, ['to_m' => 22, 'deepest_m' => 21, 'size' => 30]),
            RunBuilder::finding(Kind::LowSpot, 25, ['to_m' => 29]),
            RunBuilder::finding(Kind::LowSpot, 23, ['to_m' => 23, 'size' => 9]),
        ];
    }

    /** @return array<string, ?Track> */
    private static function tilts(): array
    {
        return [
            'none' => null,
            'wave' => self::track(static fn (float $at) => -1.2 + 1.8 * sin($at / 1.7), 16.0),
            'drop' => self::track(static fn (float $at) => $at < 1.0 ? -80.0 : ($at < 8.0 ? -2.0 : 0.6), 13.0),
            'even' => self::track(static fn () => -1.0, 12.0),
            'two' => Track::none()->with(
                [new Reading(0, 0.0, -1.0), new Reading(1, 0.1, -2.0)], new Counter(1.0, Length::metres(0), Length::metres(60)),
            ),
        ];
    }

    /** @param \Closure(float): float $tilt by metres */
    private static function track(\Closure $tilt, float $to): Track
    {
        $readings = [];
        for ($i = 0; $i <= 10 * $to; ++$i) {
            $readings[] = new Reading($i, $i / 10, $tilt($i / 10));
        }

        return Track::none()->with($readings, new Counter(1.0, Length::metres(0), Length::metres(60)));
    }

    /** @param list<Finding> $findings */
    private static function pushed(array $findings, Travel $travel = Travel::Downstream, ?float $bore = 100.0): RunRecord
    {
        return new RunRecord(
            $findings, Material::Clay, null === $bore ? null : Length::millimetres($bore), $travel, null, Length::metres(30),
            EndReason::MainReached,
        );
    }
}
