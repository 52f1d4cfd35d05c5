<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Jet;

use Jurvex\Core\Calc\Catalogue;
use Jurvex\Core\Calc\JetCalculation;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Jet\Frost;
use Jurvex\Core\Jet\Hose;
use Jurvex\Core\Jet\OrificeWear;
use Jurvex\Core\Jet\Pressure;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Tests\RefusesInput;
use PHPUnit\Framework\TestCase;

/** What holds by physics of pumps, hoses, nozzles and running water, whatever the numbers. */
final class JetTest extends TestCase
{
    use RefusesInput;

    private const PUMP = ['flow_l_min' => 40.0, 'max_pressure_bar' => 180.0];
    private const HOSE = ['bore_mm' => 9.5, 'length_m' => 40.0];
    private const REAR = ['count' => 6, 'diameter_mm' => 1.3, 'angle_deg' => 20];

    public function testOfAnUnloadedPumpTwiceTheOrificeAreaTakesAQuarterOfThePressure(): void
    {
        $pressure = static fn (int $count) => self::jet(hoses: [], orifices: [['count' => $count] + self::REAR]);
        [$one, $two] = [$pressure(6), $pressure(12)];
        self::assertFalse($one['on_relief']);
        self::assertEqualsWithDelta(4, $one['nozzle_pressure_bar'] / $two['nozzle_pressure_bar'], 1e-9);
    }

    public function testFlowAndBypassAreThePumpsFlowAndHoseAndNozzleItsPressure(): void
    {
        foreach (self::benches() as [$hose, $diameter, $leak]) {
            $jet = self::jet(
                hoses: [$hose, ['bore_mm' => 6.4, 'length_m' => 3]],
                orifices: [['diameter_mm' => $diameter] + self::REAR],
                leak: $leak,
            );
            self::assertEqualsWithDelta(40.0, $jet['flow_l_min'] + $jet['bypass_l_min'], 1e-9);
            self::assertEqualsWithDelta($jet['pump_pressure_bar'], $jet['hose_loss_bar'] + $jet['nozzle_pressure_bar'], 1e-6);
            self::assertLessThanOrEqual(180.0 + 1e-9, $jet['pump_pressure_bar']);
            self::assertSame($jet['on_relief'], $jet['bypass_l_min'] > 0);
            self::assertEqualsWithDelta($jet['hose_loss_bar'], array_sum($jet['hose_losses_bar']), 1e-9);
            self::assertEqualsWithDelta(
                $jet['nozzle_pressure_bar'] * 1e5 * $jet['flow_l_min'] / 60000 * (1 - $leak) / 1000,
                $jet['nozzle_power_kw'],
                1e-9,
            );
        }
    }

    public function testWaterThatStandsLosesNoPressureAndEachHoseBeginsWhereTheOneBeforeEnds(): void
    {
        $hose = new Hose(Length::millimetres(6), Length::metres(30), Length::millimetres(0.01), 1.5);
        self::assertSame(0.0, $hose->loss(0.0)->pascal);
        $line = JetCalculation::line(new Input([
            'pump' => self::PUMP, 'hoses' => [self::HOSE, ['bore_mm' => 6.4, 'length_m' => 3]], 'nozzle' => ['orifices' => [self::REAR]],
        ]));
        $inlets = $line->inlets();
        self::assertSame($line->pumpPressure()->pascal, $inlets[0]->pascal);
        foreach ($line->losses() as $i => $loss) {
            $next = $inlets[$i + 1] ?? $line->nozzlePressure();
            self::assertEqualsWithDelta($next->pascal, $inlets[$i]->pascal - $loss->pascal, 1.0);
        }
    }

    public function testMoreHoseNeverBringsMorePressureToTheNozzle(): void
    {
        foreach (self::benches() as [$hose, $diameter]) {
            $before = \INF;
            foreach ([1, 1.5, 3, 10] as $times) {
                $now = self::jet(
                    hoses: [['length_m' => $hose['length_m'] * $times] + $hose],
                    orifices: [['diameter_mm' => $diameter] + self::REAR],
                )['nozzle_pressure_bar'];
                self::assertLessThanOrEqual($before + 1e-9, $now);
                $before = $now;
            }
        }
    }

    public function testTheMatchedOrificeBringsThePumpJustToItsSetting(): void
    {
        foreach (self::benches() as [$hose, , $leak]) {
            $matched = self::jet(hoses: [$hose], leak: $leak)['matched_orifice_mm'];
            if (null === $matched) {
                continue;
            }
            $jet = self::jet(hoses: [$hose], orifices: [['diameter_mm' => $matched] + self::REAR], leak: $leak);
            self::assertEqualsWithDelta(180.0, $jet['pump_pressure_bar'], 1e-6);
            self::assertEqualsWithDelta(40.0, $jet['flow_l_min'], 1e-6);
        }
        self::assertNull(self::jet(hoses: [['bore_mm' => 4, 'length_m' => 200]])['matched_orifice_mm'], 'the hose alone uses it up');
    }

    public function testEqualJetsAgainstEachOtherPushNothing(): void
    {
        $jet = self::jet(orifices: [['angle_deg' => 30] + self::REAR, ['angle_deg' => 150] + self::REAR]);
        self::assertEqualsWithDelta(0, $jet['net_thrust_n'], 1e-9);
        self::assertLessThan(0, self::jet(orifices: [['angle_deg' => 180] + self::REAR])['net_thrust_n']);
    }

    public function testAPipeHalfFullRunsAsFastAsAFullOneAndCarriesHalfOfIt(): void
    {
        foreach ([[100, 2.0, 0.013], [150, 0.8, 0.01]] as [$bore, $fall, $roughness]) {
            $d = $bore / 1000;
            $full = ($d / 4) ** (2 / 3) * sqrt($fall / 100) / $roughness;
            $half = $full * \M_PI * $d ** 2 / 8 * 60000;
            $carry = Catalogue::complete()->calculate('carry', [
                'pipe_id_mm' => $bore,
                'fall_percent' => $fall,
                'manning_n' => $roughness,
                'flow_l_min' => $half,
            ]);
            self::assertEqualsWithDelta($bore / 2, $carry['depth_mm'], 1e-6);
            self::assertEqualsWithDelta($full, $carry['velocity_m_s'], 1e-9);
            self::assertGreaterThan(2 * $half, $carry['capacity_l_min'], 'a little under full it carries most');
            $at = Catalogue::complete()->calculate('carry', [
                'pipe_id_mm' => $bore,
                'fall_percent' => $fall,
                'manning_n' => $roughness,
                'flow_l_min' => $carry['capacity_l_min'],
            ]);
            self::assertSame('part_full', $at['state']);
            \assert(\is_float($at['depth_mm']));
            self::assertEqualsWithDelta(0.938, $at['depth_mm'] / $bore, 0.001);
        }
    }

    public function testWhatTheDrawBackTakesAwayIsTheDeposit(): void
    {
        $back = Catalogue::complete()->calculate('pull-back', [
            'pipe_id_mm' => 100, 'deposit_mm' => 15, 'flow_l_min' => 45, 'solids_fraction' => 0.05, 'length_m' => 12,
        ]);
        \assert(\is_float($back['deposit_area_cm2']) && \is_float($back['water_l']));
        self::assertEqualsWithDelta(
            $back['deposit_area_cm2'] * 1e-4 * 12 * 1000,
            $back['water_l'] * 0.05,
            1e-9,
            'solids in the water are the ring',
        );
    }

    public function testAntifreezeFillsPumpAndHosesAndIsStrongerTheColderItIs(): void
    {
        $frost = new Frost(1.5);
        self::assertEqualsWithDelta(
            1.5 + \M_PI / 4 * 0.0127 ** 2 * 60 * 1000,
            $frost->litres([[Length::millimetres(12.7), Length::metres(60)]]),
            1e-9,
        );
        self::assertSame([0.0, 0.2, 0.3, 0.5, null], [
            $frost->share(1), $frost->share(-5), $frost->share(-14), $frost->share(-30), $frost->share(-40),
        ]);
    }

    public function testATankThatIsFilledAsFastAsItIsDrawnNeverRunsOut(): void
    {
        $tank = static fn (float $refill, float $minutes) => Catalogue::complete()->calculate(
            'tank',
            ['tank_l' => 400, 'reserve_l' => 40, 'draw_l_min' => 36, 'refill_l_min' => $refill, 'job_minutes' => $minutes],
        );
        self::assertSame(['run_minutes' => null, 'refills' => 0, 'water_l' => 3600.0], $tank(36, 100));
        self::assertSame([10.0, 0, 1, 2], [
            $tank(0, 10)['run_minutes'],
            $tank(0, 10)['refills'],
            $tank(0, 10.5)['refills'],
            $tank(0, 30)['refills'],
        ]);
        self::assertSame(0, $tank(0, 0)['refills']);
    }

    public function testEveryCouplingOfTheCableIsCountedAndTheCutterIsTheLargestThatPasses(): void
    {
        $given = [
            'drop_m' => 1, 'distance_min_m' => 14, 'distance_max_m' => 20, 'overrun_m' => 6, 'tail_m' => 2,
            'drum_m' => 15, 'section_m' => 4.5, 'sections_on_hand' => 2, 'hand_margin_m' => 3, 'opening_mm' => 78,
            'bores_mm' => [100, 102], 'target_bore_mm' => 102, 'clearance_mm' => 3, 'cutters_mm' => [100, 50, 75, 38],
        ];
        $plan = Catalogue::complete()->calculate('cable-plan', $given);
        self::assertSame([29.0, 4, 24.0, 5.0, 2, [4.5, 9.0, 13.5, 18.0]], [
            $plan['needed_m'], $plan['sections'], $plan['available_m'], $plan['short_m'], $plan['hand_fed_sections'],
            $plan['couplings_from_head_m'],
        ]);
        self::assertEqualsWithDelta(75.0, $plan['cutter_mm'], 1e-9, '78 less 3 lets just 75 through');
        self::assertEqualsWithDelta(100 * (75 / 102) ** 2, $plan['swept_area_percent'], 1e-9);
        self::assertNull(Catalogue::complete()->calculate('cable-plan', ['cutters_mm' => []] + $given)['cutter_mm']);
    }

    /** @return list<array{string, array<string, mixed>, string, string}> */
    public static function impossible(): array
    {
        $jet = ['pump' => self::PUMP, 'hoses' => [self::HOSE], 'nozzle' => ['orifices' => [self::REAR]]];
        $carry = ['pipe_id_mm' => 100, 'fall_percent' => 2, 'manning_n' => 0.013, 'flow_l_min' => 20];
        $back = ['pipe_id_mm' => 100, 'deposit_mm' => 10, 'flow_l_min' => 40, 'solids_fraction' => 0.05, 'length_m' => 10];
        $tank = ['tank_l' => 400, 'reserve_l' => 40, 'draw_l_min' => 36, 'refill_l_min' => 0, 'job_minutes' => 10];

        return [
            ['jet', ['nozzle' => ['orifices' => []]] + $jet, 'missing', 'nozzle.orifices.0'],
            ['jet', ['hoses' => [['bore_mm' => 0, 'length_m' => 3]]] + $jet, 'out_of_range', 'hoses.0.bore_mm'],
            ['jet', ['hoses' => [self::HOSE, ['length_m' => 3]]] + $jet, 'missing', 'hoses.1.bore_mm'],
            ['jet', ['nozzle' => ['orifices' => [['count' => 0] + self::REAR]]] + $jet, 'out_of_range', 'nozzle.orifices.0.count'],
            ['jet', ['nozzle' => ['leak_fraction' => 1, 'orifices' => [self::REAR]]] + $jet, 'out_of_range', 'nozzle.leak_fraction'],
            ['carry', ['manning_n' => 0] + $carry, 'out_of_range', 'manning_n'],
            ['carry', ['flow_l_min' => -1] + $carry, 'out_of_range', 'flow_l_min'],
            ['pull-back', ['deposit_mm' => 0] + $back, 'out_of_range', 'deposit_mm'],
            ['pull-back', ['deposit_mm' => 50] + $back, 'out_of_range', 'deposit_mm'],
            ['tank', ['reserve_l' => 401] + $tank, 'out_of_range', 'reserve_l'],
            [
                'cable-plan',
                ['distance_max_m' => 5, 'distance_min_m' => 6, 'drop_m' => 0, 'overrun_m' => 0, 'tail_m' => 0],
                'out_of_range',
                'distance_min_m',
            ],
            [
                'cable-plan',
                ['distance_max_m' => 5, 'distance_min_m' => 4, 'drop_m' => 0, 'overrun_m' => 0, 'tail_m' => 0],
                'missing',
                'drum_m',
            ],
        ];
    }

    /** @return iterable<array{array{bore_mm: float, length_m: float}, float, float}> hose, orifice, leak */
    private static function benches(): iterable
    {
        foreach ([4.8, 6.4, 9.5, 12.7] as $bore) {
            foreach ([0.8, 1.2, 2.0] as $diameter) {
                foreach ([0.0, 0.3] as $leak) {
                    yield [['bore_mm' => $bore, 'length_m' => 20.0 + 10 * $diameter], $diameter, $leak];
                }
            }
        }
    }

    /**
     * @param list<array<string, mixed>> $hoses
     * @param list<array<string, mixed>> $orifices
     *
     * @return array{
     *     flow_l_min: float, bypass_l_min: float, pump_pressure_bar: float, hose_loss_bar: float,
     *     nozzle_pressure_bar: float, net_thrust_n: float, nozzle_power_kw: float, on_relief: bool,
     *     matched_orifice_mm: ?float, hose_losses_bar: list<float>,
     * }
     */
    private static function jet(array $hoses = [self::HOSE], array $orifices = [self::REAR], float $leak = 0.0): array
    {
        /**
         * @var array{
         *     flow_l_min: float, bypass_l_min: float, pump_pressure_bar: float, hose_loss_bar: float,
         *     nozzle_pressure_bar: float, net_thrust_n: float, nozzle_power_kw: float, on_relief: bool,
         *     matched_orifice_mm: ?float, hose_losses_bar: list<float>,
         * } $result
         */
        $result = Catalogue::complete()->calculate('jet', [
            'pump' => self::PUMP,
            'hoses' => $hoses,
            'nozzle' => ['orifices' => $orifices, 'leak_fraction' => $leak],
        ]);

        return $result;
    }

    public function testTheMeasuredFlowTellsABlockedOrificeFromAWornOne(): void
    {
        $nozzle = JetCalculation::line(
            new Input([
                'pump' => ['flow_l_min' => 45, 'max_pressure_bar' => 180],
                'hoses' => [],
                'nozzle' => ['leak_fraction' => 0.1, 'orifices' => [['count' => 6, 'diameter_mm' => 1, 'angle_deg' => 30]]],
            ]),
        )->nozzle;
        $drilled = $nozzle->flow(Pressure::bar(100));
        self::assertEqualsWithDelta(100.0, $nozzle->pressure($drilled)->inBar(), 1e-9, 'the flow at a pressure makes that pressure');
        foreach ([[5 / 6, true, false], [0.95, false, false], [1.05, false, false], [1.2, false, true]] as [$share, $blocked, $worn]) {
            $wear = OrificeWear::measured($nozzle, $share * $drilled, Pressure::bar(100));
            self::assertSame([$blocked, $worn], [$wear->isBlocked(), $wear->isWorn()]);
            self::assertEqualsWithDelta($share, $wear->share, 1e-12);
        }
    }
}
