<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Mark;

use Jurvex\Core\Calc\Catalogue;
use Jurvex\Core\Tests\RefusesInput;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What must hold of marks wherever they lie. */
final class MarksOfChanceTest extends TestCase
{
    use RefusesInput;

    /** @return list<array{string, array<string, mixed>, string, string}> */
    public static function impossible(): array
    {
        $fixed = static fn (array ...$ties) => ['side' => 'left', 'fixed' => array_map(
            static fn (array $tie) => ['x_m' => $tie[0], 'y_m' => $tie[1], 'distance_m' => $tie[2]], $ties,
        )];
        $same = ['distance_m' => 10, 'depth_m' => 1, 'depth_spread_m' => 0, 'ground_m' => 5];

        return [
            ['tie-place', $fixed([0, 0, 2.0], [5, 0, 2.9]), 'no_such_place', 'fixed'],
            ['tie-place', $fixed([0, 0, 1.0], [5, 0, 7.0]), 'no_such_place', 'fixed'],
            ['tie-place', $fixed([1, 1, 2.0], [1, 1, 2.0]), 'no_such_place', 'fixed'],
            ['tie-place', $fixed([0, 0, 2.0]), 'missing', 'fixed.1'],
            ['tie-place', $fixed([0, 0, 2.0], [5, 0, -1.0]), 'out_of_range', 'fixed.1.distance_m'],
            ['mark-fall', ['upper' => $same, 'lower' => $same, 'minimum_percent' => 1], 'out_of_range', 'lower.distance_m'],
            ['geo', ['latitude' => 90, 'longitude' => 0, 'bearing_deg' => 0, 'x_m' => 0, 'y_m' => 1], 'out_of_range', 'latitude'],
            ['depth', ['readings_m' => []], 'missing', 'readings_m.0'],
            ['line-check', ['marks' => [['distance_m' => 0, 'x_m' => 0, 'y_m' => 0]]], 'missing', 'marks.1'],
        ];
    }

    public function testAPlaceIsFoundAgainFromItsOwnDistancesOnItsSide(): void
    {
        foreach (self::chances() as $seed => $chance) {
            $points = array_map(static fn () => ['x_m' => self::metres($chance), 'y_m' => self::metres($chance)], range(0, 2));
            $mark = ['x_m' => self::metres($chance), 'y_m' => self::metres($chance)];
            [$a, $b] = $points;
            $cross = ($b['x_m'] - $a['x_m']) * ($mark['y_m'] - $a['y_m']) - ($b['y_m'] - $a['y_m']) * ($mark['x_m'] - $a['x_m']);
            if (abs($cross) < 1.0) {
                continue;
            }
            $fixed = array_map(static fn (array $point) => $point + [
                'distance_m' => hypot($mark['x_m'] - $point['x_m'], $mark['y_m'] - $point['y_m']),
            ], $points);
            $found = self::calc('tie-place', ['fixed' => $fixed, 'side' => $cross > 0 ? 'left' : 'right', 'tape_error_m' => 0.02]);
            self::assertEqualsWithDelta([$mark['x_m'], $mark['y_m']], [$found['x_m'], $found['y_m']], 1e-6, (string) $seed);
            self::assertTrue($found['agrees']);
            self::assertEqualsWithDelta([0.0], $found['residuals_m'], 1e-6);
            self::assertGreaterThanOrEqual(0.02 * \M_SQRT2 - 1e-9, $found['error_m'], 'no better than where the tapes cross square');
        }
    }

    public function testTapesThatCrossSquareInLineAndNotAtAll(): void
    {
        $fixed = static fn (float $one, float $other) => ['side' => 'left', 'fixed' => [
            ['x_m' => 0, 'y_m' => 0, 'distance_m' => $one], ['x_m' => 5, 'y_m' => 0, 'distance_m' => $other],
        ]];
        $square = self::calc('tie-place', $fixed(3, 4));
        self::assertEqualsWithDelta([1.8, 2.4, 0.05 * \M_SQRT2], [$square['x_m'], $square['y_m'], $square['error_m']], 1e-9);
        $line = self::calc('tie-place', $fixed(2, 3));
        self::assertEqualsWithDelta(2.0, $line['x_m'], 1e-9);
        self::assertNull($line['error_m']);
    }

    public function testMarksOnALineHoldHoweverItIsTurnedAndTheOneThatIsMovedIsOdd(): void
    {
        foreach (self::chances() as $seed => $chance) {
            $turn = $chance->getInt(0, 628) / 100;
            $fall = $chance->getInt(0, 20);
            $level = cos(atan($fall / 100));
            $marks = [];
            foreach ([0, 4, 9, 15, 22] as $along) {
                $marks[] = [
                    'distance_m' => $along, 'x_m' => 3 + $along * $level * cos($turn), 'y_m' => -2 + $along * $level * sin($turn),
                ];
            }
            $check = self::calc('line-check', ['marks' => $marks, 'fall_percent' => $fall]);
            self::assertTrue($check['holds']);
            self::assertNull($check['odd']);
            self::assertEqualsWithDelta(0.0, $check['rms_m'], 1e-9, (string) $seed);
            $odd = $chance->getInt(0, 4);
            $marks[$odd]['x_m'] -= 2.5 * sin($turn);
            $marks[$odd]['y_m'] += 2.5 * cos($turn);
            $moved = self::calc('line-check', ['marks' => $marks, 'fall_percent' => $fall]);
            self::assertSame([false, $odd], [$moved['holds'], $moved['odd']], (string) $seed);
        }
        $two = self::calc('line-check', ['marks' => [
            ['distance_m' => 0, 'x_m' => 0, 'y_m' => 0], ['distance_m' => 10, 'x_m' => 12, 'y_m' => 0],
        ]]);
        self::assertSame([false, null], [$two['holds'], $two['odd']], 'of two nobody knows which');
        self::assertEqualsWithDelta([1.0, 1.0], $two['residuals_m'], 1e-9, 'turned and moved, not stretched');
    }

    public function testTheFallOfTwoMarksIsToldWithItsRange(): void
    {
        $between = static fn (?float $upper, ?float $lower, float $spread = 0.0, float $minimum = 1.0) => self::calc('mark-fall', [
            'upper' => ['distance_m' => 10, 'depth_m' => 1.0, 'depth_spread_m' => $spread, 'ground_m' => $upper, 'ground_error_m' => 0],
            'lower' => ['distance_m' => 20, 'depth_m' => 1.0, 'depth_spread_m' => $spread, 'ground_m' => $lower, 'ground_error_m' => 0],
            'minimum_percent' => $minimum,
        ]);
        $level = $between(5.0, 5.0);
        self::assertSame([0.0, 'short'], [$level['fall_percent'], $level['verdict']], 'equal depths on level ground are no fall');
        self::assertSame('no_ground', $between(null, 5.0)['verdict']);
        self::assertNull($between(5.0, null)['fall_percent']);
        self::assertSame('meets', $between(5.2, 5.0)['verdict']);
        self::assertSame('against', $between(4.9, 5.0)['verdict']);
        $wide = $between(5.1, 5.0, 0.2);
        $half = self::number($wide, 'fall_high_percent') - self::number($wide, 'fall_percent');
        self::assertEqualsWithDelta(100 * 0.1 * \M_SQRT2 / 10, $half, 1e-9);
        self::assertSame('cannot_tell', $wide['verdict']);
    }

    public function testAPlaceOnEarthIsAsFarAwayAsOnThePlan(): void
    {
        foreach (self::chances() as $seed => $chance) {
            $latitude = $chance->getInt(-70, 70) + 0.123;
            $at = ['x_m' => self::metres($chance), 'y_m' => self::metres($chance)];
            $site = ['latitude' => $latitude, 'longitude' => 10.0, 'bearing_deg' => $chance->getInt(0, 359)];
            $there = self::calc('geo', $site + $at);
            $north = deg2rad(self::number($there, 'latitude') - $latitude) * 6367449;
            $east = deg2rad(self::number($there, 'longitude') - 10.0) * 6367449 * cos(deg2rad($latitude));
            $far = hypot($at['x_m'], $at['y_m']);
            self::assertEqualsWithDelta($far, hypot($north, $east), 0.012 * $far + 1e-6, 'the earth is a ball but for a hundredth: '.$seed);
            self::assertEqualsWithDelta(
                [$latitude, 10.0], array_values(self::calc('geo', ['x_m' => 0, 'y_m' => 0] + $site)), 1e-12,
            );
        }
        $north = self::calc('geo', ['latitude' => 50, 'longitude' => 0, 'bearing_deg' => 0, 'x_m' => 0, 'y_m' => 100]);
        self::assertGreaterThan(50, $north['latitude']);
        self::assertSame(0.0, $north['longitude']);
        $east = self::calc('geo', ['latitude' => 50, 'longitude' => 0, 'bearing_deg' => 90, 'x_m' => 0, 'y_m' => 100]);
        self::assertGreaterThan(0, $east['longitude'], 'y points to the bearing');
    }

    public function testEveryDoubtOfADepthIsNamedAndNothingElse(): void
    {
        foreach ([
            [[], 'good'], [['readings_m' => [1.0, 1.01]], 'too_few'], [['readings_m' => [1.0, 1.05, 1.1]], 'good'],
            [['readings_m' => [1.0, 1.05, 1.11]], 'spread'], [['readings_m' => [2.0, 2.05, 2.16]], 'spread'],
            [['lift' => ['raised_m' => 0.3, 'reading_m' => 1.35]], 'good'], [['lift' => ['raised_m' => 0.3, 'reading_m' => 1.36]], 'lift'],
            [['lift' => ['raised_m' => 1.0, 'reading_m' => 2.1]], 'good'], [['metal' => true, 'standing_water' => true], 'metal,water'],
            [['readings_m' => [1.0, 1.3], 'limit_percent' => 50, 'limit_m' => 1, 'at_least' => 2], 'good'],
        ] as [$more, $told]) {
            $depth = self::calc('depth', $more + ['readings_m' => [1.0, 1.0, 1.0]]);
            $why = 'good' === $told ? [] : explode(',', $told);
            self::assertSame([$why, [] === $why], [$depth['why'], $depth['good']]);
        }
    }

    /** @return iterable<int, Randomizer> by seed */
    private static function chances(): iterable
    {
        for ($seed = 1; $seed <= 60; ++$seed) {
            yield $seed => new Randomizer(new Mt19937($seed));
        }
    }

    private static function metres(Randomizer $chance): float
    {
        return $chance->getInt(-3000, 3000) / 100;
    }

    /**
     * @param array<string, mixed> $input
     *
     * @return array<string, mixed>
     */
    private static function calc(string $name, array $input): array
    {
        return Catalogue::complete()->calculate($name, $input);
    }

    /** @param array<string, mixed> $result */
    private static function number(array $result, string $key): float
    {
        self::assertIsFloat($result[$key]);

        return $result[$key];
    }
}
