<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Camera;

use Jurvex\Core\Calc\Catalogue;
use Jurvex\Core\Camera\Invert;
use Jurvex\Core\Camera\Pool;
use Jurvex\Core\Flow\Circle;
use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Measure\Length;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class CameraTest extends TestCase
{
    public function testALineThatFallsEverywhereHoldsNoWater(): void
    {
        $invert = new Invert([[0.0, -1.0], [3.0, -0.2], [5.0, -2.0], [9.0, -0.1]]);
        self::assertSame([], $invert->pools(Length::metres(0.1)));
        self::assertGreaterThan(0, $invert->totalFall());
    }

    public function testADipHoldsWaterUpToItsSillAndAsMuchAsFitsIn(): void
    {
        // Down 1 in 100 for 2 m, up as steeply for 2 m, and away.
        $down = rad2deg(asin(-0.01));
        $invert = new Invert([[0.0, $down], [2.0, $down], [2.0, -$down], [4.0, -$down], [4.0, $down], [9.0, $down]]);
        $pools = $invert->pools(Length::metres(0.1));
        self::assertCount(1, $pools);
        self::assertEqualsWithDelta([0.0, 4.0, 0.02], [$pools[0]->from, $pools[0]->to, $pools[0]->deepest], 1e-9);
        $circle = new Circle(Length::metres(0.1));
        $steps = 4000;
        $sum = 0.0;
        for ($i = 0; $i < $steps; ++$i) {
            $at = ($i + 0.5) * 4 / $steps;
            $sum += $circle->area(0.01 * min($at, 4 - $at)) * 4 / $steps;
        }
        self::assertEqualsWithDelta($sum, $pools[0]->volume, 1e-8);
    }

    public function testWaterIsAsHighAsTheHighestInvertDownstreamOfItWhateverTheLine(): void
    {
        for ($seed = 0; $seed < 60; ++$seed) {
            $chance = new Randomizer(new Mt19937($seed));
            $readings = [];
            $at = 0.0;
            for ($i = 0; $i < 30; ++$i) {
                $readings[] = [$at, $chance->getInt(-250, 150) / 100];
                $at += $chance->getInt(2, 20) / 10;
            }
            $invert = new Invert($readings);
            $pools = $invert->pools(Length::metres(0.1));
            for ($i = 0; $i < \count($readings) - 1; ++$i) {
                $depth = max($invert->heights[$i], ...\array_slice($invert->heights, $i)) - $invert->heights[$i];
                $in = array_filter($pools, static fn (Pool $pool) => $pool->from < $readings[$i][0] + 1e-9 && $readings[$i][0] < $pool->to);
                self::assertSame(
                    $depth > 1e-9,
                    [] !== array_filter($in, static fn (Pool $pool) => $pool->deepest >= $depth - 1e-9 && $depth > 1e-9),
                    "seed $seed at $i",
                );
            }
            foreach ($pools as $i => $pool) {
                self::assertGreaterThan($pool->from, $pool->to);
                self::assertGreaterThan(0, $pool->volume);
                self::assertLessThanOrEqual(
                    \M_PI / 4 * 0.01 * ($pool->to - $pool->from) + 1e-12,
                    $pool->volume,
                    'no more than the pipe holds',
                );
                self::assertGreaterThanOrEqual($pools[$i - 1]->to ?? 0.0, $pool->from + 1e-9);
            }
        }
    }

    public function testTheRangeOfAReadoutDecidesWhatCanBeSaidOfTheFall(): void
    {
        $fall = static fn (float $tilt, float $resolution, string $travel, float $minimum) => Catalogue::complete()->calculate(
            'tilt-grade',
            ['tilt_deg' => $tilt, 'resolution_deg' => $resolution, 'travel' => $travel, 'minimum_percent' => $minimum],
        );
        self::assertSame($fall(-1, 0.1, 'downstream', 1)['fall_percent'], $fall(1, 0.1, 'upstream', 1)['fall_percent']);
        foreach ([[1.0, 0.1, 'meets'], [1.0, 1.0, 'cannot_tell'], [0.2, 0.1, 'short'], [
            0.0,
            0.0,
            'short',
        ]] as [$tilt, $resolution, $verdict]) {
            self::assertSame($verdict, $fall(-$tilt, $resolution, 'downstream', 1.04)['verdict']);
        }
        $this->expectExceptionObject(new BadInput('out_of_range', 'tilt_deg'));
        $fall(89.8, 1.0, 'upstream', 1);
    }

    public function testTheWindowsMiddleIsHalfOfTheHeadAndAFullLensIsAtLeast(): void
    {
        $water = static fn (float $onLens, float $skid = 0) => Catalogue::complete()->calculate(
            'lens-water',
            [
                'head_diameter_mm' => 40, 'skid_diameter_mm' => $skid, 'window_diameter_mm' => 24,
                'water_on_lens' => $onLens, 'pipe_id_mm' => 100,
            ],
        );
        self::assertEqualsWithDelta([20.0, 8.0, 32.0], [$water(0)['depth_mm'], $water(-1)['depth_mm'], $water(1)['depth_mm']], 1e-9);
        self::assertSame([false, true], [$water(0.99)['at_least'], $water(1)['at_least']]);
        self::assertEqualsWithDelta(
            [50.0, 50.0],
            [$water(0, 100)['depth_percent'], $water(0, 100)['area_percent']],
            1e-9,
            'half deep is half full',
        );
    }
}
