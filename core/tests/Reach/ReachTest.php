<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Reach;

use Jurvex\Core\Calc\Catalogue;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What must hold of every path and tool, whatever the numbers. */
final class ReachTest extends TestCase
{
    private const ROD = [
        'diameter_mm' => 9.0, 'stiffness_nm2' => 20.0, 'weight_n_per_m' => 1.5, 'friction' => 0.3, 'push_limit_n' => 150.0,
        'head_drag_n' => 4.0, 'head_diameter_mm' => 45.0, 'rigid_length_mm' => 70.0, 'length_m' => 60.0, 'clearance_mm' => 4.0,
    ];

    public function testMoreFrictionMoreWeightMoreDragLessPushOrALongerHeadNeverReachFarther(): void
    {
        $worse = [
            'friction' => 1.2, 'head_drag_n' => 1.5, 'push_limit_n' => 0.7, 'rigid_length_mm' => 1.6,
            'head_diameter_mm' => 1.4, 'length_m' => 0.6, 'clearance_mm' => 2.0, 'stiffness_nm2' => 0.5,
        ];
        for ($seed = 0; $seed < 150; ++$seed) {
            $path = self::path($seed);
            $before = self::push(self::ROD, $path)['reach_m'];
            foreach ($worse as $key => $factor) {
                $after = self::push([$key => self::ROD[$key] * $factor] + self::ROD, $path)['reach_m'];
                self::assertLessThanOrEqual($before + 1e-9, $after, $key.' with seed '.$seed);
            }
        }
    }

    public function testOneMoreBendNeverReachesFarther(): void
    {
        for ($seed = 0; $seed < 150; ++$seed) {
            $path = self::path($seed);
            $before = self::push(self::ROD, $path)['reach_m'];
            foreach ([0, 2, \count($path)] as $place) {
                $more = $path;
                array_splice($more, $place, 0, [['bend_deg' => 45, 'bend_radius_mm' => 150, 'pipe_id_mm' => 100]]);
                self::assertLessThanOrEqual($before + 1e-9, self::push(self::ROD, $more)['reach_m'], 'seed '.$seed);
            }
        }
    }

    public function testJustBeforeItsReachEveryForceIsWithinItsLimitAndJustBeyondOneIsNot(): void
    {
        for ($seed = 0; $seed < 200; ++$seed) {
            $path = self::path($seed);
            $reach = self::push(self::ROD, $path);
            if (!\in_array($reach['stopped_by'], ['push_limit', 'lock_up'], true)) {
                continue;
            }
            self::assertLessThanOrEqual(self::ROD['push_limit_n'] + 1e-6, $reach['push_n']);
            if ('push_limit' === $reach['stopped_by']) {
                // A rod that is a little longer than that may not go there either.
                $stronger = self::push(['push_limit_n' => 1.05 * self::ROD['push_limit_n']] + self::ROD, $path);
                self::assertGreaterThan($reach['reach_m'], $stronger['reach_m'] + 1e-12, 'seed '.$seed);
            }
        }
    }

    /** Head after head, a little farther each time, with every force worked from the head back to the hand. */
    public function testSteppingOutALittleAtATimeStopsAtTheSamePlaceForTheSameReason(): void
    {
        $step = 0.02;
        for ($seed = 0; $seed < 60; ++$seed) {
            $path = self::path($seed);
            $tool = ['push_limit_n' => 40.0 + 3 * $seed, 'stiffness_nm2' => 4.0 + $seed, 'friction' => 0.2 + $seed / 100] + self::ROD;
            [$metres, $reason] = self::steppedOut($tool, $path, $step);
            $reach = self::push($tool, $path);
            self::assertEqualsWithDelta($metres, $reach['reach_m'], $step + 1e-6, 'seed '.$seed);
            self::assertSame($reason, $reach['stopped_by'], 'seed '.$seed);
        }
    }

    public function testAHosePulledALittleAtATimeStopsWhereItsTensionMeetsTheThrust(): void
    {
        $step = 0.02;
        for ($seed = 0; $seed < 60; ++$seed) {
            $path = self::path($seed);
            $hose = ['weight_n_per_m' => 1.0 + $seed / 40, 'friction' => 0.3, 'length_m' => 25.0];
            $thrust = 10.0 + $seed;
            $reach = Catalogue::complete()->calculate('reach-pull', [
                'thrust_n' => $thrust,
                'reel_drag_n' => 2.0,
                'hose' => $hose,
                'path' => $path,
            ]);
            $at = 0.0;
            $reason = 'end_of_path';
            $end = array_sum(array_column($path, 'length_m'));
            for (; $at < $end; $at += $step) {
                if ($at > $hose['length_m']) {
                    $reason = 'out_of_length';
                    break;
                }
                if (self::tension($hose, $path, $at + 1e-9) > $thrust) {
                    $reason = 'thrust';
                    break;
                }
            }
            self::assertEqualsWithDelta(min($at, $end), $reach['reach_m'], $step + 1e-6, 'seed '.$seed);
            self::assertSame($reason, $reach['stopped_by'], 'seed '.$seed);
        }
    }

    public function testOnAStraightLevelPipeTheReachIsTheClosedForm(): void
    {
        $level = [['length_m' => 500, 'pipe_id_mm' => 60, 'down_deg' => 0]];
        $rod = ['stiffness_nm2' => 1e6, 'length_m' => 500.0] + self::ROD;
        self::assertEqualsWithDelta((150 - 4) / (1.5 * 0.3), self::push($rod, $level)['reach_m'], 1e-9);
        $jam = 2 * \M_SQRT2 * sqrt(20 * 1.5 / ((0.060 - 0.009) / 2));
        $limp = self::push(['push_limit_n' => 1e6, 'length_m' => 500.0] + self::ROD, $level);
        self::assertSame('lock_up', $limp['stopped_by']);
        self::assertEqualsWithDelta(($jam - 4) / (1.5 * 0.3), $limp['reach_m'], 1e-9);
    }

    public function testSteepEnoughItSlidesInByItselfAndIsHardToPullOut(): void
    {
        $steep = [['length_m' => 40, 'pipe_id_mm' => 100, 'down_deg' => 30]];
        $in = self::push(self::ROD, $steep);
        self::assertSame([40.0, 'end_of_path'], [$in['reach_m'], $in['stopped_by']]);
        self::assertSame(0.0, $in['push_n']);
        $tool = ['weight_n_per_m' => 1.5, 'friction' => 0.3, 'head_drag_n' => 4.0];
        $out = Catalogue::complete()->calculate('pull-out', ['tool' => $tool + ['pull_limit_n' => 40.0], 'path' => $steep, 'at_m' => 40]);
        self::assertEqualsWithDelta(4 + 40 * 1.5 * (0.3 * cos(\M_PI / 6) + 0.5), $out['pull_n'], 1e-9);
        self::assertFalse($out['possible']);
    }

    public function testAHoseIsStoppedByItsLengthItsThrustOrItsHead(): void
    {
        $pull = static fn (array $change, array $path) => Catalogue::complete()->calculate(
            'reach-pull',
            $change + [
                'thrust_n' => 100,
                'reel_drag_n' => 2,
                'hose' => ['weight_n_per_m' => 2, 'friction' => 0.4, 'length_m' => 300],
                'path' => $path,
            ],
        );
        $level = [['length_m' => 200, 'pipe_id_mm' => 100, 'down_deg' => 0]];
        self::assertEqualsWithDelta(98 / 0.8, $pull([], $level)['reach_m'], 1e-9);
        self::assertSame(['thrust', 100.0], [$pull([], $level)['stopped_by'], $pull([], $level)['tension_n']]);
        self::assertSame(
            'out_of_length',
            $pull(['hose' => ['weight_n_per_m' => 2, 'friction' => 0.4, 'length_m' => 30]], $level)['stopped_by'],
        );
        $bent = [
            ['length_m' => 10, 'pipe_id_mm' => 100, 'down_deg' => 0],
            ['bend_deg' => 90, 'bend_radius_mm' => 80, 'pipe_id_mm' => 100],
            ...$level,
        ];
        self::assertSame(
            'bend_too_tight',
            $pull(['head' => ['diameter_mm' => 80, 'rigid_length_mm' => 200, 'clearance_mm' => 2]], $bent)['stopped_by'],
        );
        $atBend = $pull(['thrust_n' => 12], $bent);
        self::assertSame([10.0, 'thrust'], [$atBend['reach_m'], $atBend['stopped_by']]);
        self::assertEqualsWithDelta(10.0, $atBend['tension_n'], 1e-9, 'the tension before the bend');
    }

    /**
     * @param array<string, float> $tool
     * @param list<array<string, mixed>> $path
     *
     * @return array{reach_m: float, stopped_by: string, push_n: float}
     */
    private static function push(array $tool, array $path): array
    {
        $result = Catalogue::complete()->calculate('reach-push', ['tool' => $tool, 'path' => $path]);
        \assert(\is_float($result['reach_m']) && \is_string($result['stopped_by']) && \is_float($result['push_n']));

        return ['reach_m' => $result['reach_m'], 'stopped_by' => $result['stopped_by'], 'push_n' => $result['push_n']];
    }

    /**
     * @param array<string, float> $tool
     * @param list<array<string, mixed>> $path
     *
     * @return array{float, string}
     */
    private static function steppedOut(array $tool, array $path, float $step): array
    {
        $end = array_sum(array_column($path, 'length_m'));
        for ($head = 0.0; $head < $end; $head += $step) {
            $size = self::sizeStop($tool, $path, $head + 1e-9);
            $force = self::forceStop($tool, $path, $head + 1e-9);
            if (null !== $size || null !== $force) {
                return [$head, $size ?? $force];
            }
            if ($head > $tool['length_m']) {
                return [$head, 'out_of_length'];
            }
        }

        return [$end, 'end_of_path'];
    }

    /**
     * @param array<string, float> $tool
     * @param list<array<string, mixed>> $path
     */
    private static function sizeStop(array $tool, array $path, float $head): ?string
    {
        foreach (self::before($path, $head) as [$piece]) {
            if ($tool['head_diameter_mm'] + $tool['clearance_mm'] > $piece['pipe_id_mm']) {
                return 'too_narrow';
            }
            if (isset($piece['bend_deg'])) {
                $outer = $piece['bend_radius_mm'] + $piece['pipe_id_mm'] / 2;
                $inner = $piece['bend_radius_mm'] - $piece['pipe_id_mm'] / 2 + $tool['head_diameter_mm'];
                if ($tool['rigid_length_mm'] > 2 * sqrt(max(0.0, $outer ** 2 - $inner ** 2))) {
                    return 'bend_too_tight';
                }
            }
        }

        return null;
    }

    /**
     * @param array<string, float> $tool
     * @param list<array<string, mixed>> $path
     */
    private static function forceStop(array $tool, array $path, float $head): ?string
    {
        $force = $tool['head_drag_n'];
        $locked = false;
        foreach (array_reverse(self::before($path, $head)) as [$piece, $within]) {
            if (isset($piece['bend_deg'])) {
                $force *= exp($tool['friction'] * deg2rad($piece['bend_deg']));
                continue;
            }
            $slope = deg2rad($piece['down_deg']);
            $room = ($piece['pipe_id_mm'] - $tool['diameter_mm']) / 2000;
            $jam = max(
                2 * \M_SQRT2 * sqrt($tool['stiffness_nm2'] * $tool['weight_n_per_m'] * cos($slope) / $room),
                5.55 * ($tool['stiffness_nm2'] * $tool['weight_n_per_m'] ** 2) ** (1 / 3),
            );
            $locked = $locked || $force > $jam;
            $force = max(0.0, $force + $within * $tool['weight_n_per_m'] * ($tool['friction'] * cos($slope) - sin($slope)));
            $locked = $locked || $force > $jam;
        }

        return $locked ? 'lock_up' : ($force > $tool['push_limit_n'] ? 'push_limit' : null);
    }

    /**
     * @param array<string, float> $hose
     * @param list<array<string, mixed>> $path
     */
    private static function tension(array $hose, array $path, float $head): float
    {
        $tension = 2.0;
        foreach (self::before($path, $head) as [$piece, $within]) {
            $slope = deg2rad($piece['down_deg'] ?? 0.0);
            $tension = isset($piece['bend_deg']) ? $tension * exp($hose['friction'] * deg2rad($piece['bend_deg']))
                : max(0.0, $tension + $within * $hose['weight_n_per_m'] * ($hose['friction'] * cos($slope) - sin($slope)));
        }

        return $tension;
    }

    /**
     * @param list<array<string, mixed>> $path
     *
     * @return list<array{array<string, float>, float}> the pieces that the head has begun, with the metres of it within each
     */
    private static function before(array $path, float $head): array
    {
        $before = [];
        $at = 0.0;
        foreach ($path as $piece) {
            if ($at >= $head - 1e-10) {
                break;
            }
            /** @var array<string, float> $piece */
            $within = isset($piece['bend_deg']) ? 0.0 : min($piece['length_m'], $head - $at);
            $before[] = [$piece, $within];
            $at += $within;
        }

        return $before;
    }

    /** @return list<array<string, mixed>> a path of chance, the same for the same seed */
    private static function path(int $seed): array
    {
        $chance = new Randomizer(new Mt19937($seed));
        $path = [];
        for ($i = $chance->getInt(1, 6); $i > 0; --$i) {
            $bore = [75, 100, 150][$chance->getInt(0, 2)];
            $path[] = ['length_m' => $chance->getInt(5, 200) / 10, 'pipe_id_mm' => $bore, 'down_deg' => $chance->getInt(-20, 60) / 10];
            $path[] = [
                'bend_deg' => [22.5, 45, 90][$chance->getInt(0, 2)],
                'bend_radius_mm' => $bore * $chance->getInt(8, 20) / 10,
                'pipe_id_mm' => $bore,
            ];
        }

        return $path;
    }
}
