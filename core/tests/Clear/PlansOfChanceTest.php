<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Clear;

use Jurvex\Core\Calc\Catalogue;
use Jurvex\Core\Clear\Blockage;
use Jurvex\Core\Clear\Head;
use Jurvex\Core\Clear\Machine;
use Jurvex\Core\Finding\Material;
use Jurvex\Core\Run\Travel;
use Jurvex\Core\Tests\RefusesInput;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * What must hold of both plans, whatever stops the line.
 *
 * @phpstan-type Told array{head: string, way: string, from_m: float, to_m: float, works: bool, speed_m_min: ?float,
 *     minutes: ?float, litres: ?float, instead_of: ?string}
 * @phpstan-type OnePlan array{refused: ?string, steps: list<Told>, minutes: float, litres: float}
 */
final class PlansOfChanceTest extends TestCase
{
    use RefusesInput;

    private const WALLS = [
        'soft_plug', 'soft_grease', 'hard_grease', 'packed_soap', 'thin_roots', 'dense_roots', 'scale', 'silt',
    ];
    private const TURNING = ['whole_head_rotary', 'inner_rotor_cone', 'dredger'];
    /** The gentlest first. */
    private const FORCE = [
        'flusher', 'opener', 'small_head', 'retriever', 'bend_leader', 'piercer', 'ice_head', 'free_spinner', 'off_centre_cone',
        'braked_spinner', 'blade', 'dredger', 'inner_rotor_cone', 'whole_head_rotary', 'chain_flail',
    ];

    /** @return iterable<int, array<string, mixed>> by seed */
    private static function situations(): iterable
    {
        for ($seed = 1; $seed <= 150; ++$seed) {
            $chance = new Randomizer(new Mt19937($seed));
            $pick = static fn (int $count) => $chance->getInt(0, $count - 1);
            $near = $chance->getInt(0, 200) / 10;
            $bore = [50.0, 75.0, 76.0, 77.0, 100.0, 150.0, 225.0][$pick(7)];
            $jets = array_column(array_filter(Head::cases(), static fn (Head $head) => null !== $head->machine()), 'value');
            yield $seed => [
                'blockage' => Blockage::cases()[$pick(12)]->value, 'near_m' => $near, 'far_m' => $near + $chance->getInt(0, 150) / 10,
                'overrun_m' => $chance->getInt(0, 60) / 10,
                'end_m' => [null, null, $near + 2.0, $near + 30.0][$pick(4)], 'bore_mm' => $bore,
                'material' => Material::cases()[$pick(10)]->value, 'travel' => Travel::cases()[$pick(2)]->value,
                'deposit_mm' => [null, 2.0, $bore / 5][$pick(3)], 'flow_l_min' => [7.0, 8.0, 15.0, 29.0, 30.0, 44.0, 45.0, 80.0][$pick(8)],
                'heads' => [null, null, $jets, \array_slice($chance->shuffleArray($jets), 0, 8)][$pick(4)],
                'no_water' => 0 === $chance->getInt(0, 9), 'fragile' => 0 === $chance->getInt(0, 4),
                'weak_far' => 0 === $chance->getInt(0, 9), 'frost' => 0 === $chance->getInt(0, 4),
                'trap' => 0 === $chance->getInt(0, 4),
                'roof_vent' => 0 === $chance->getInt(0, 6),
            ];
        }
    }

    public function testStepsGoOnWhereTheLastOneEndedAndTheirTimesAddUp(): void
    {
        foreach (self::situations() as $seed => $in) {
            foreach (self::plans($in) as $name => $plan) {
                $at = 0.0;
                foreach ($plan['steps'] as $step) {
                    self::assertGreaterThanOrEqual(0.0, min($step['from_m'], $step['to_m']));
                    self::assertLessThanOrEqual(self::past($in) + 1e-9, max($step['from_m'], $step['to_m']), 'never past the end');
                    if ('look' === $step['way']) {
                        self::assertSame(['camera', null, null], [$step['head'], $step['minutes'], $step['litres']]);
                        continue;
                    }
                    self::assertEqualsWithDelta($at, $step['from_m'], 1e-9, 'a head begins where it is');
                    self::assertSame('in' === $step['way'], $step['to_m'] > $step['from_m']);
                    $at = $step['to_m'];
                    $way = abs($step['to_m'] - $step['from_m']);
                    self::assertEqualsWithDelta($way, ($step['speed_m_min'] ?? 0.0) * $step['minutes'], 1e-9);
                    $flow = 'jet' === $name ? self::number($in, 'flow_l_min') : 0.0;
                    self::assertEqualsWithDelta($step['minutes'] * $flow, $step['litres'], 1e-9);
                    if (!$step['works'] && 'back' === $step['way']) {
                        self::assertSame(6.0, $step['speed_m_min'], 'a free way back');
                    }
                }
                self::assertSame(0.0, $at, 'all is out again');
                self::assertEqualsWithDelta(array_sum(array_column($plan['steps'], 'minutes')), $plan['minutes'], 1e-9);
                self::assertEqualsWithDelta(array_sum(array_column($plan['steps'], 'litres')), $plan['litres'], 1e-9);
            }
        }
    }

    public function testWallWorkCoversTheWholeStretchAtNoMoreThanTheWaterCarries(): void
    {
        foreach (self::situations() as $seed => $in) {
            $jet = self::plans($in)['jet'];
            $works = array_values(array_filter($jet['steps'], static fn (array $step) => $step['works']));
            self::assertCount(null === $jet['refused'] && \in_array($in['blockage'], self::WALLS, true) ? 1 : 0, $works);
            foreach ($works as $work) {
                self::assertEqualsWithDelta(self::past($in), $work['from_m'], 1e-9);
                self::assertEqualsWithDelta(max(0.0, min(self::number($in, 'near_m'), self::past($in)) - 1), $work['to_m'], 1e-9);
                if (null !== $in['deposit_mm']) {
                    $most = Catalogue::complete()->calculate('pull-back', [
                        'pipe_id_mm' => $in['bore_mm'], 'deposit_mm' => $in['deposit_mm'], 'flow_l_min' => $in['flow_l_min'],
                        'solids_fraction' => 0.05, 'length_m' => 1,
                    ])['max_speed_m_min'];
                    self::assertIsFloat($most);
                    self::assertLessThanOrEqual($most + 1e-9, $work['speed_m_min']);
                }
            }
        }
    }

    public function testALongerHoseNeverShortensTheWork(): void
    {
        $flowWith = static fn (float $metres) => Catalogue::complete()->calculate('jet', [
            'pump' => ['flow_l_min' => 60.0, 'max_pressure_bar' => 150.0], 'hoses' => [['bore_mm' => 9.5, 'length_m' => $metres]],
            'nozzle' => ['orifices' => [['count' => 6, 'diameter_mm' => 1.0, 'angle_deg' => 30]]],
        ])['flow_l_min'];
        $compared = 0;
        foreach (self::situations() as $seed => $in) {
            [$short, $long] = array_map(
                static fn (float $metres) => self::plans(['flow_l_min' => $flowWith($metres)] + $in)['jet'], [20.0, 120.0],
            );
            // With less water another class may do the work; of the same heads none gets quicker.
            if (array_column($short['steps'], 'head') === array_column($long['steps'], 'head')) {
                ++$compared;
                self::assertGreaterThanOrEqual($short['minutes'] - 1e-9, $long['minutes'], (string) $seed);
            }
        }
        self::assertGreaterThan(100, $compared);
    }

    public function testEveryHeadIsOfTheKitAndFitsPipeAndPump(): void
    {
        foreach (self::situations() as $seed => $in) {
            $isSmall = true === $in['roof_vent'] || $in['bore_mm'] <= 76;
            $isWeak = true === $in['fragile'] || true === $in['weak_far'] || 'bituminised_fibre' === $in['material'];
            foreach (self::plans($in) as $name => $plan) {
                foreach ($plan['steps'] as $step) {
                    $head = Head::from($step['head']);
                    if (Head::Camera === $head) {
                        continue;
                    }
                    self::assertSame(Machine::from($name), $head->machine());
                    self::assertTrue(!\is_array($in['heads']) || \in_array($head->value, $in['heads'], true), 'of the kit');
                    self::assertFalse($isSmall && \in_array($head->value, self::TURNING, true), 'the small machine turns none of these');
                    self::assertFalse($isWeak && \in_array($head->value, ['whole_head_rotary', 'inner_rotor_cone', 'chain_flail'], true));
                    self::assertFalse('hard_object' === $in['blockage'] && 'piercer' === $head->value);
                    self::assertLessThanOrEqual($in['flow_l_min'], 'jet' === $name ? $head->leastFlow() : 0.0);
                    self::assertNotSame($step['head'], $step['instead_of']);
                    $lacks = null !== $in['heads'] || $isWeak || $in['flow_l_min'] < 15;
                    self::assertTrue($lacks || null === $step['instead_of']);
                }
            }
        }
    }

    public function testAPlanIsRefusedForAReasonOnlyAndOneOfTheOthersIsPreferred(): void
    {
        foreach (self::situations() as $seed => $in) {
            ['cable' => $cable, 'jet' => $jet] = self::plans($in);
            self::assertContains($cable['refused'], [null, 'nothing_in_kit', 'against.moves_no_silt', 'against.melts_no_ice']);
            self::assertSame(\in_array($in['blockage'], ['silt', 'ice'], true), str_starts_with($cable['refused'] ?? '', 'against.'));
            self::assertContains($jet['refused'], [null, 'nothing_in_kit', 'no_water_indoors']);
            self::assertSame(true === $in['no_water'], 'no_water_indoors' === $jet['refused']);
            foreach ([$cable, $jet] as $plan) {
                self::assertSame(null === $plan['refused'], [] !== $plan['steps']);
                self::assertTrue(null !== $in['heads'] || 'nothing_in_kit' !== $plan['refused'], 'of a whole kit something does it');
                $first = $plan['steps'][0]['way'] ?? 'look';
                self::assertTrue('look' === $first || !\in_array($in['blockage'], ['unknown', 'hard_object'], true), 'looked at first');
                self::assertTrue('look' === $first || true !== $in['weak_far']);
            }
            $preferred = Catalogue::complete()->calculate('plan', $in)['preferred'];
            $wanted = \in_array($in['blockage'], ['soft_plug', 'soft_grease', 'hard_grease', 'packed_soap', 'silt', 'ice'], true)
                ? ['jet', 'cable'] : ['cable', 'jet'];
            $open = array_values(array_filter($wanted, static fn (string $name) => null === self::plans($in)[$name]['refused']));
            self::assertSame($open[0] ?? null, $preferred);
        }
    }

    public function testMoreKnownDamageIsNeverRougherFrostChangesNothingAndMoreOverrunIsNeverQuicker(): void
    {
        foreach (self::situations() as $seed => $in) {
            $sound = self::plans(['fragile' => false, 'weak_far' => false] + $in);
            foreach ([['fragile' => true], ['weak_far' => true], ['fragile' => true, 'weak_far' => true]] as $damage) {
                foreach (self::plans($damage + ['fragile' => false, 'weak_far' => false] + $in) as $name => $plan) {
                    if (null === $sound[$name]['refused']) {
                        self::assertLessThanOrEqual(self::force($sound[$name]), self::force($plan), $name);
                    }
                }
            }
            self::assertEquals(self::plans(['frost' => false] + $in), self::plans(['frost' => true] + $in));
            foreach (self::plans(['overrun_m' => self::number($in, 'overrun_m') + 3] + $in) as $name => $plan) {
                self::assertGreaterThanOrEqual(self::plans($in)[$name]['minutes'] - 1e-9, $plan['minutes']);
            }
        }
    }

    /** @return list<array{string, array<string, mixed>, string, string}> */
    public static function impossible(): array
    {
        /** @var array<string, mixed> $in */
        $in = [
            'blockage' => 'silt', 'near_m' => 3, 'far_m' => 8, 'overrun_m' => 6, 'bore_mm' => 100, 'material' => 'clay',
            'travel' => 'upstream', 'flow_l_min' => 45,
        ];

        $impossible = [];
        foreach ([
            ['out_of_range', 'near_m', ['near_m' => 8.1]], ['out_of_range', 'deposit_mm', ['deposit_mm' => 50]],
            ['out_of_range', 'deposit_mm', ['deposit_mm' => 0]], ['out_of_range', 'flow_l_min', ['flow_l_min' => 0]],
            ['unknown_value', 'heads.1', ['heads' => ['piercer', 'hammer']]], ['unknown_value', 'blockage', ['blockage' => 'snow']],
            ['missing', 'far_m', ['far_m' => null]], ['out_of_range', 'end_m', ['end_m' => -1]],
        ] as [$reason, $at, $bad]) {
            $impossible[] = ['plan', $bad + $in, $reason, $at];
        }

        return $impossible;
    }

    /** @param OnePlan $plan */
    private static function force(array $plan): int
    {
        return max([-1, ...array_map(
            static fn (array $step) => (int) array_search($step['head'], self::FORCE, true), $plan['steps'],
        )]);
    }

    /**
     * @param array<string, mixed> $in
     *
     * @return array{cable: OnePlan, jet: OnePlan}
     */
    private static function plans(array $in): array
    {
        /** @var array{cable: OnePlan, jet: OnePlan} $plans */
        $plans = array_intersect_key(Catalogue::complete()->calculate('plan', $in), ['cable' => 0, 'jet' => 0]);

        return $plans;
    }

    /** @param array<string, mixed> $in */
    private static function past(array $in): float
    {
        $end = $in['end_m'];

        return min(self::number($in, 'far_m') + self::number($in, 'overrun_m'), \is_float($end) ? $end : \INF);
    }

    /** @param array<string, mixed> $in */
    private static function number(array $in, string $name): float
    {
        self::assertIsNumeric($in[$name]);

        return (float) $in[$name];
    }
}
