<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Flow;

use Jurvex\Core\Cable\CableSizes;
use Jurvex\Core\Camera\LensWater;
use Jurvex\Core\Flow\Circle;
use Jurvex\Core\Flow\Manning;
use Jurvex\Core\Jet\Frost;
use Jurvex\Core\Jet\Tank;
use Jurvex\Core\Measure\Length;
use PHPUnit\Framework\TestCase;

/** Water in round pipes against what is known in closed form, and the house's small tables. */
final class FlowTest extends TestCase
{
    public function testAPartFullBoreHasTheAreaOfItsSegment(): void
    {
        foreach ([50.0, 102.0, 225.0] as $bore) {
            $circle = new Circle(Length::millimetres($bore));
            $whole = \M_PI * ($bore / 2000) ** 2;
            self::assertEqualsWithDelta([0.0, $whole / 2, $whole, $whole], [
                $circle->area(0.0), $circle->area($bore / 2000), $circle->area($bore / 1000), $circle->area($bore / 1000 + 1),
            ], 1e-12);
            // What stands over a depth is what lies under the rest.
            foreach ([0.1, 0.3, 0.45] as $share) {
                $depth = $share * $bore / 1000;
                self::assertEqualsWithDelta($whole, $circle->area($depth) + $circle->area($bore / 1000 - $depth), 1e-12);
            }
        }
    }

    public function testAVolumeIsTheSumOfItsSlices(): void
    {
        $circle = new Circle(Length::millimetres(100));
        foreach ([[0.0, 0.05], [0.02, 0.09], [0.07, 0.07], [0.09, 0.01], [0.08, 0.13], [0.0, 0.0]] as [$from, $to]) {
            $slices = 20_000;
            $sum = 0.0;
            for ($i = 0; $i < $slices; ++$i) {
                $sum += $circle->area($from + ($to - $from) * ($i + 0.5) / $slices) * 3.0 / $slices;
            }
            self::assertEqualsWithDelta($sum, $circle->volume(3.0, $from, $to), 1e-8, $from.' to '.$to);
            self::assertEqualsWithDelta($circle->volume(3.0, $to, $from), $circle->volume(3.0, $from, $to), 1e-12, 'either way round');
        }
    }

    public function testAPipeRunsAtTheLowerOfItsTwoDepths(): void
    {
        foreach ([[100.0, 0.01], [150.0, 0.0208], [225.0, 0.0052]] as [$bore, $slope]) {
            $pipe = new Manning(Length::millimetres($bore), $slope, 0.013);
            $full = \M_PI * ($bore / 2000) ** 2 * ($bore / 4000) ** (2 / 3) * sqrt($slope) / 0.013;
            self::assertEqualsWithDelta(1.0757, $pipe->capacity() / $full, 2e-4, 'it carries most a little under full');
            self::assertEqualsWithDelta(0.0, $pipe->depth(0.0)->metres, 1e-9, 'nothing runs, nothing stands');
            $before = 0.0;
            foreach ([1e-6, 0.1, 0.5, 0.9, 1.0] as $share) {
                $depth = $pipe->depth($pipe->capacity() * $share);
                self::assertGreaterThan($before, $depth->metres, 'more water stands deeper');
                $before = $depth->metres;
                $area = (new Circle(Length::millimetres($bore)))->area($depth->metres);
                self::assertEqualsWithDelta($pipe->capacity() * $share, $area * $pipe->velocity($depth), 1e-9, 'flow is area times speed');
            }
            self::assertEqualsWithDelta(0.5 * $bore / 1000, $pipe->depth($full / 2)->metres, 1e-9, 'half of the full flow, half full');
            self::assertEqualsWithDelta(0.938, $before / $bore * 1000, 1e-3);
            self::assertSame(0.0, $pipe->velocity(Length::metres(0)));
            self::assertEqualsWithDelta(
                1000 * 9.80665 * $bore / 4000 * $slope, $pipe->shear(Length::millimetres($bore / 2)), 1e-9, 'ρ·g·R·S, half full R = D/4',
            );
            self::assertEqualsWithDelta($pipe->shear(Length::millimetres($bore / 2)), $pipe->shear(Length::millimetres($bore)), 1e-9);
        }
        $steep = new Manning(Length::millimetres(100), 0.04, 0.013);
        $flat = new Manning(Length::millimetres(100), 0.01, 0.013);
        self::assertEqualsWithDelta(2.0, $steep->capacity() / $flat->capacity(), 1e-9, 'four times the fall, twice the flow');
        $rough = new Manning(Length::millimetres(100), 0.01, 0.026);
        self::assertEqualsWithDelta(0.5, $rough->capacity() / $flat->capacity(), 1e-9, 'twice as rough, half the flow');
    }

    public function testAPipeThatIsFullGoesAtWhatItsBoreMakesOfTheFlow(): void
    {
        $pipe = new Manning(Length::millimetres(100), 0.0001, 0.013);
        $area = \M_PI * 0.1 ** 2 / 4;
        self::assertGreaterThan($pipe->capacity(), 0.6 * $area, 'more than it holds');
        self::assertTrue($pipe->carries(0.601 * $area, 0.6));
        self::assertFalse($pipe->carries(0.599 * $area, 0.6));
    }

    public function testTheLensTellsShareOfBoreAndOfArea(): void
    {
        $at = static fn (float $on, float $bore = 100.0) => new LensWater(
            Length::millimetres(50), Length::metres(0), Length::millimetres(20), $on, Length::millimetres($bore),
        );
        self::assertEqualsWithDelta([0.25, 0.15, 0.35], [$at(0)->shareOfBore(), $at(-1)->shareOfBore(), $at(1)->shareOfBore()], 1e-9);
        self::assertSame([false, false, true], [$at(-1)->atLeast, $at(0.999)->atLeast, $at(1)->atLeast]);
        self::assertEqualsWithDelta([0.5, 0.5], [$at(0, 50.0)->shareOfBore(), $at(0, 50.0)->shareOfArea()], 1e-9);
        self::assertEqualsWithDelta(1.0, $at(1, 30.0)->shareOfBore(), 1e-9, 'never more than the bore');
    }

    public function testTheTablesOfTheHouseSuitTheirBoreAndTheirNight(): void
    {
        $sizes = new CableSizes();
        $table = [40 => [8, 10], 50 => [8, 10], 51 => [13, 13], 75 => [13, 13], 100 => [16, 16], 101 => [19, 19], 300 => [19, 19]];
        foreach ($table as $bore => $cable) {
            [$from, $to] = $sizes->of(Length::millimetres($bore));
            self::assertEqualsWithDelta($cable, [$from->inMillimetres(), $to->inMillimetres()], 1e-9, (string) $bore);
        }
        foreach ([[6, 50, 2], [8, 50, 0], [10, 50, 0], [13, 50, 3], [13, 100, 3], [22, 150, 3]] as [$cable, $bore, $off]) {
            self::assertEqualsWithDelta($off, $sizes->off(Length::millimetres($cable), Length::millimetres($bore))->inMillimetres(), 1e-9);
        }
        $frost = new Frost(1.5);
        $nights = [
            '5' => 0.0, '0' => 0.0, '-0.1' => 0.2, '-8' => 0.2, '-8.1' => 0.3, '-14' => 0.3, '-24' => 0.4, '-36' => 0.5, '-36.1' => null,
        ];
        foreach ($nights as $night => $share) {
            self::assertSame($share, $frost->share((float) $night), $night.' °C');
        }
        $litres = $frost->litres([[Length::millimetres(10), Length::metres(30)]]);
        self::assertEqualsWithDelta(1.5 + \M_PI / 4 * 0.01 ** 2 * 30 * 1000, $litres, 1e-9);
        $tank = new Tank(500.0, 50.0, 45.0, 10.0);
        self::assertEqualsWithDelta(450 / 35, $tank->minutes(), 1e-9);
        self::assertSame([0, 0, 1, 2], array_map($tank->refills(...), [0.0, 450 / 35, 13.0, 30.0]));
        self::assertSame([null, 0], [(new Tank(500.0, 50.0, 10.0, 10.0))->minutes(), (new Tank(500.0, 50.0, 10.0, 12.0))->refills(1e6)]);
    }
}
