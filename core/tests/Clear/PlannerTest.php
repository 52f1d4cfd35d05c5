<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Clear;

use Jurvex\Core\Clear\Blockage;
use Jurvex\Core\Clear\Fact;
use Jurvex\Core\Clear\Head;
use Jurvex\Core\Clear\Machine;
use Jurvex\Core\Clear\Plan;
use Jurvex\Core\Clear\Planner;
use Jurvex\Core\Clear\Reason;
use Jurvex\Core\Clear\Situation;
use Jurvex\Core\Clear\Step;
use Jurvex\Core\Clear\Stroke;
use Jurvex\Core\Clear\WorkedPass;
use Jurvex\Core\Clear\WorkRates;
use Jurvex\Core\Finding\Material;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Run\Travel;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PlannerTest extends TestCase
{
    /** @return iterable<string, array{Blockage}> */
    public static function blockages(): iterable
    {
        foreach (Blockage::cases() as $blockage) {
            yield $blockage->value => [$blockage];
        }
    }

    #[DataProvider('blockages')]
    public function testEveryStoppageHasBothPlansOneOfThemMarkedAndEachEndsWithALook(Blockage $blockage): void
    {
        $plans = Planner::plans(self::situation($blockage), Machine::Cable);
        self::assertCount(1, array_filter($plans, static fn (Plan $plan) => $plan->preferred));
        foreach ($plans as $plan) {
            self::assertNotSame([], $plan->reasons, 'never hidden, always with its reasons');
            if (null === $plan->refused) {
                self::assertSame(Head::Camera, $plan->steps[\count($plan->steps) - 1]->head);
                self::assertSame(
                    [],
                    array_filter(
                        $plan->steps,
                        static fn (Step $step) => $step->from < 0 || $step->to < 0 || max($step->from, $step->to) > 20.0,
                    ),
                );
            }
        }
    }

    /**
     * In 100 mm of sound clay, down the flow, 45 L/min: the cable's heads, the jet's, and what the house takes that prefers the cable.
     *
     * @return array<string, array{Blockage, list<string>, list<string>, Machine}>
     */
    public static function sequences(): array
    {
        return [
            'soft plug' => [Blockage::SoftPlug, ['opener'], ['piercer', 'whole_head_rotary', 'flusher'], Machine::Jet],
            'rags' => [Blockage::Rags, ['retriever'], ['piercer', 'flusher'], Machine::Cable],
            'soft grease' => [Blockage::SoftGrease, ['opener'], ['piercer', 'free_spinner', 'flusher'], Machine::Jet],
            'hardened grease' => [Blockage::HardGrease, ['opener'], ['inner_rotor_cone', 'whole_head_rotary', 'flusher'], Machine::Jet],
            'packed soap' => [Blockage::PackedSoap, ['opener'], ['piercer', 'braked_spinner', 'flusher'], Machine::Jet],
            'thin roots' => [
                Blockage::ThinRoots, ['opener', 'blade'], ['inner_rotor_cone', 'whole_head_rotary', 'flusher'], Machine::Cable,
            ],
            'dense roots' => [
                Blockage::DenseRoots,
                ['opener', 'small_head', 'blade'],
                ['inner_rotor_cone', 'whole_head_rotary', 'flusher'],
                Machine::Cable,
            ],
            'scale' => [Blockage::Scale, ['chain_flail'], ['inner_rotor_cone', 'whole_head_rotary', 'flusher'], Machine::Cable],
            'silt' => [Blockage::Silt, [], ['dredger', 'flusher'], Machine::Jet],
            'ice' => [Blockage::Ice, [], ['ice_head', 'flusher'], Machine::Jet],
            'hard object' => [
                Blockage::HardObject,
                ['camera', 'retriever', 'small_head'],
                ['camera', 'flusher'],
                Machine::Cable,
            ],
            'nobody knows' => [Blockage::Unknown, ['camera', 'opener', 'retriever'], ['camera', 'piercer', 'flusher'], Machine::Cable],
        ];
    }

    /**
     * @param list<string> $cable
     * @param list<string> $jet
     */
    #[DataProvider('sequences')]
    public function testTheTableOfStoppagesIsTheSequenceOfHeads(Blockage $blockage, array $cable, array $jet, Machine $preferred): void
    {
        $plans = Planner::plans(self::situation($blockage, flow: 45), Machine::Cable);
        $heads = static fn (Plan $plan) => array_values(
            array_map(
                static fn (Step $step) => $step->head->value,
                array_filter(
                    $plan->steps,
                    static fn (Step $step, int $i) => 'look_after' !== $step->why && $step->head !== ($plan->steps[$i - 1] ?? null)?->head,
                    \ARRAY_FILTER_USE_BOTH,
                ),
            ),
        );
        self::assertSame([$cable, $jet], [$heads($plans['cable']), $heads($plans['jet'])]);
        self::assertSame($preferred, $plans['cable']->preferred ? Machine::Cable : Machine::Jet);
        foreach ([...$plans['cable']->steps, ...$plans['jet']->steps] as $step) {
            self::assertSame(null === $step->minutes, null === $step->litres, 'minutes and litres go together');
            self::assertTrue(
                null === $step->speed || abs(abs($step->from - $step->to) / $step->speed - ($step->minutes ?? 0.0)) < 1e-9,
                'minutes are the way at its speed',
            );
            self::assertSame(Stroke::In === $step->way, $step->to > $step->from && Stroke::Look !== $step->way);
            self::assertSame(Head::Camera !== $step->head, null !== $step->minutes, 'only a look has no minutes');
            self::assertTrue(Head::Camera === $step->head || null !== $step->head->machine());
        }
    }

    /**
     * What is so, and what forbids the cable and the jet.
     *
     * @return array<string, array{array{crossBore?: bool, gas?: bool, chemicals?: bool, noWater?: bool}, ?string, ?string}>
     */
    public static function overruling(): array
    {
        return [
            'another utility in the pipe' => [['crossBore' => true], 'cross_bore_stop', 'cross_bore_stop'],
            'gas' => [['gas' => true], 'gas_stop', 'gas_stop'],
            'chemicals in the line' => [['chemicals' => true], 'chemicals_first', 'chemicals_first'],
            'no water may be let in' => [['noWater' => true], null, 'no_water_indoors'],
            'nothing' => [[], null, null],
        ];
    }

    /** @param array{crossBore?: bool, gas?: bool, chemicals?: bool, noWater?: bool} $so */
    #[DataProvider('overruling')]
    public function testWhatOverrulesTakesAPlanOutAndSaysSo(array $so, ?string $cable, ?string $jet): void
    {
        $plans = Planner::plans(self::situation(Blockage::SoftGrease, ...$so), Machine::Jet);
        self::assertSame([$cable, $jet], [$plans['cable']->refused, $plans['jet']->refused]);
        foreach ($plans as $plan) {
            self::assertSame(null === $plan->refused, [] !== $plan->steps);
            self::assertFalse(null !== $plan->refused && $plan->preferred, 'what is forbidden is never the one to take');
        }
    }

    public function testAFragilePipeSeesNoFlailAndNoRotaryUnderFullPressure(): void
    {
        foreach ([
            self::situation(Blockage::Scale, fragile: true), self::situation(Blockage::Scale, material: Material::BituminisedFibre),
            self::situation(Blockage::Scale, weakFar: true),
        ] as $situation) {
            $plans = Planner::plans($situation, Machine::Cable);
            $heads = [...self::heads($plans['cable']), ...self::heads($plans['jet'])];
            self::assertSame([], array_intersect(
                ['chain_flail', 'whole_head_rotary', 'inner_rotor_cone'], array_column($heads, 'value'),
            ));
            self::assertContains('less_pressure_in_fragile', self::codes($plans['jet']));
            self::assertContains('no_flail_in_fragile', self::codes($plans['cable']));
            $blades = array_filter($plans['cable']->steps, static fn (Step $step) => Head::ChainFlail === $step->insteadOf);
            self::assertSame([Head::Blade], array_values(array_unique(array_column($blades, 'head'), \SORT_REGULAR)), 'a blade stands in');
        }
        self::assertContains(Head::ChainFlail, self::heads(Planner::plans(self::situation(Blockage::Scale), Machine::Cable)['cable']));
    }

    public function testAWeakPipeOutOfReachAndAnUnknownObjectAreLookedAtFirst(): void
    {
        foreach (Planner::plans(self::situation(Blockage::DenseRoots, weakFar: true), Machine::Cable) as $plan) {
            self::assertSame(['look_and_expose', Head::Camera], [$plan->steps[0]->why, $plan->steps[0]->head]);
        }
        self::assertSame('look_first', Planner::plans(self::situation(Blockage::HardObject), Machine::Cable)['cable']->steps[0]->why);
        self::assertNotSame(Head::Camera, Planner::plans(self::situation(Blockage::Rags), Machine::Cable)['cable']->steps[0]->head);
    }

    public function testAGreasePlugIsPiercedWorkedAndFlushedWithItsMinutesAndLitres(): void
    {
        $jet = Planner::plans(self::situation(Blockage::SoftGrease), Machine::Cable)['jet'];
        self::assertSame([Head::Piercer, Head::FreeSpinner, Head::Flusher, Head::Camera], self::heads($jet));
        $work = self::works($jet);
        // From 20 m to a metre before 8 m at 3 m/min × 30/45.
        self::assertEqualsWithDelta(
            [2.0, 6.5, 195.0, 20.0, 7.0], [$work->speed, $work->minutes, $work->litres, $work->from, $work->to], 1e-9,
        );
        // In to 8 m and on through at 2 m/min, back; in, walls, the rest back; in and back with the flusher.
        $minutes = 8 / 6 + 12 / 2 + 20 / 6 + 20 / 6 + 6.5 + 7 / 6 + 40 / 6;
        self::assertEqualsWithDelta([$minutes, 30 * $minutes], [$jet->minutes(), $jet->litres()], 1e-9);
        $own = self::works(Planner::plans(
            self::situation(Blockage::SoftGrease, rates: WorkRates::changed(new Input(['soft_grease' => 6]))),
            Machine::Cable,
        )['jet']);
        self::assertEqualsWithDelta(4.0, $own->speed, 1e-9, 'the firm\'s own table');
        self::assertEqualsWithDelta(
            4.5,
            WorkRates::usual()->of(Blockage::SoftGrease, Head::FreeSpinner, 500.0),
            1e-9,
            'no more than half as fast again',
        );
        self::assertNull(WorkRates::usual()->of(Blockage::Rags, Head::Piercer, 45.0));
    }

    public function testTheNozzleFitsTheBoreAndTheFlow(): void
    {
        $heads = static fn (Blockage $blockage, float $bore, float $flow) => self::heads(
            Planner::plans(self::situation($blockage, bore: $bore, flow: $flow), Machine::Jet)['jet'],
        );
        self::assertContains(Head::BrakedSpinner, $heads(Blockage::HardGrease, 76, 45));
        self::assertContains(Head::WholeHeadRotary, $heads(Blockage::HardGrease, 76.1, 45));
        self::assertContains(Head::WholeHeadRotary, $heads(Blockage::HardGrease, 100, 45));
        self::assertContains(Head::OffCentreCone, $heads(Blockage::DenseRoots, 100, 20), 'the root choice for small machines');
        self::assertContains(Head::Dredger, $heads(Blockage::Silt, 225, 60));
        self::assertContains(
            'too_little_flow',
            self::codes(Planner::plans(self::situation(Blockage::Silt, bore: 225, flow: 20), Machine::Jet)['jet']),
        );
    }

    public function testTheShopsOwnMedianTakesOverOnceThereAreEnoughPasses(): void
    {
        $pass = static fn (
            float $metres,
            float $minutes,
            float $flow = 45,
            Head $head = Head::FreeSpinner,
        ) => new WorkedPass(Blockage::SoftGrease, $head, Length::metres($metres), $minutes, $flow);
        $two = WorkRates::usual()->learntFrom([$pass(2, 1), $pass(4, 1)]);
        self::assertSame([3.0, 0], [
            $two->of(Blockage::SoftGrease, Head::FreeSpinner, 45),
            $two->passes(Blockage::SoftGrease, Head::FreeSpinner),
        ]);
        $four = WorkRates::usual()->learntFrom([
            $pass(2, 1), $pass(4, 1), $pass(0.75, 1, 22.5), $pass(90, 3), $pass(50, 1, 45, Head::Flusher),
        ]);
        self::assertSame(
            [3.0, 4],
            [$four->of(Blockage::SoftGrease, Head::FreeSpinner, 45), $four->passes(Blockage::SoftGrease, Head::FreeSpinner)],
            '1.5, 2, 4 and 30 m/min at 45 L/min',
        );
        self::assertEqualsWithDelta(3.0 * 30 / 45, $four->of(Blockage::SoftGrease, Head::FreeSpinner, 30), 1e-9);
        $plan = Planner::plans(self::situation(Blockage::SoftGrease, rates: $four), Machine::Jet)['jet'];
        self::assertSame([4], array_values(array_filter(array_map(static fn (Step $step) => $step->passes, $plan->steps))));
        self::assertSame(4, self::works($plan)->passes);
    }

    public function testEveryReasonNamesTheFactsThatFiredIt(): void
    {
        foreach (Blockage::cases() as $blockage) {
            foreach ([[], ['fragile' => true], ['noWater' => true], ['weakFar' => true], ['gas' => true], ['bore' => 50]] as $so) {
                foreach (Planner::plans(self::situation($blockage, ...$so), Machine::Cable) as $plan) {
                    self::assertSame([], array_filter($plan->reasons, static fn (Reason $reason) => [] === $reason->facts));
                }
            }
        }
        $far = new Situation(
            Blockage::ThinRoots, Length::metres(15), Length::metres(22), Length::metres(6), Length::millimetres(100),
            Material::CastIron, 30, fragile: true,
        );
        $cable = Planner::plans($far, Machine::Cable)['cable'];
        self::assertSame('look_and_expose', $cable->steps[0]->why, 'rooted, rusted and far away');
        self::assertContains(Fact::Far, array_merge(...array_map(static fn (Reason $reason) => $reason->facts, $cable->reasons)));
    }

    public function testTheStoppageMayBeAnywhereOnlyWhereNothingOfItsPlaceIsKnown(): void
    {
        foreach ([[0, 0, false], [0, 6, true], [3, 0, true], [3, 6, true]] as [$near, $overrun, $isKnown]) {
            $situation = new Situation(
                Blockage::SoftGrease, Length::metres($near), Length::metres(14), Length::metres($overrun),
                Length::millimetres(100), Material::Clay, 45,
            );
            self::assertSame($isKnown, $situation->isPlaceKnown());
        }
    }

    public function testATrapIsPassedWithALeaderAndHardStuffIsPushedDownTheFlowOnly(): void
    {
        $jet = static fn (Travel $travel, bool $trap) => self::heads(
            Planner::plans(
                new Situation(
                    Blockage::HardGrease, Length::metres(8), Length::metres(14), Length::metres(6),
                    Length::millimetres(100), Material::Clay, 45, travel: $travel, trap: $trap,
                ),
                Machine::Jet,
            )['jet'],
        );
        self::assertSame([Head::Piercer, Head::WholeHeadRotary, Head::Flusher, Head::Camera], $jet(Travel::Upstream, false));
        self::assertSame(
            [Head::BendLeader, Head::InnerRotorCone, Head::WholeHeadRotary, Head::Flusher, Head::Camera],
            $jet(Travel::Downstream, true),
        );
    }

    private static function situation(
        Blockage $blockage, float $bore = 100, Material $material = Material::Clay, float $flow = 30,
        bool $noWater = false, bool $fragile = false, bool $weakFar = false, bool $crossBore = false, bool $gas = false,
        bool $chemicals = false, ?WorkRates $rates = null,
    ): Situation {
        return new Situation(
            $blockage, Length::metres(8), Length::metres(14), Length::metres(6), Length::millimetres($bore), $material,
            $flow, false, $noWater, $fragile, $weakFar, $crossBore, $gas, $chemicals, rates: $rates,
        );
    }

    private static function works(Plan $plan): Step
    {
        $works = array_values(array_filter($plan->steps, static fn (Step $step) => $step->works));
        self::assertCount(1, $works);

        return $works[0];
    }

    /** @return list<Head> each once, in their order */
    private static function heads(Plan $plan): array
    {
        return array_values(array_unique(array_map(static fn (Step $step) => $step->head, $plan->steps), \SORT_REGULAR));
    }

    /** @return list<string> */
    private static function codes(Plan $plan): array
    {
        return array_map(static fn (Reason $reason) => $reason->code, $plan->reasons);
    }
}
