<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Clear;

use Jurvex\Core\Clear\Blockage;
use Jurvex\Core\Clear\Fact;
use Jurvex\Core\Clear\Head;
use Jurvex\Core\Clear\HeadReach;
use Jurvex\Core\Clear\Machine;
use Jurvex\Core\Clear\Outlook;
use Jurvex\Core\Clear\Plan;
use Jurvex\Core\Clear\Planner;
use Jurvex\Core\Clear\Reason;
use Jurvex\Core\Clear\Risk;
use Jurvex\Core\Clear\Situation;
use Jurvex\Core\Clear\Step;
use Jurvex\Core\Clear\Stroke;
use Jurvex\Core\Clear\Weakness;
use Jurvex\Core\Clear\WeakSpot;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Finding\Material;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Reach\Stopped;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What looks and map know of the pipe, and what Reach knows of the kit, makes the plan. */
final class KnownPipeTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>, Material, ?Weakness}> */
    public static function findings(): iterable
    {
        $at = ['id' => 'f', 'from_m' => 5.0];
        yield 'a break' => [['kind' => 'broken_pipe'] + $at, Material::Clay, Weakness::Broken];
        yield 'a hole' => [['kind' => 'hole'] + $at, Material::Clay, Weakness::Hole];
        yield 'a crack' => [['kind' => 'crack'] + $at, Material::Clay, Weakness::Cracked];
        $worn = ['kind' => 'worn_invert', 'to_m' => 6.0] + $at;
        yield 'thin invert' => [['facts' => ['wear' => 'thin']] + $worn, Material::CastIron, Weakness::Worn];
        yield 'rough invert' => [['facts' => ['wear' => 'rough']] + $worn, Material::CastIron, null];
        yield 'a patch' => [['kind' => 'old_patch'] + $at, Material::Clay, Weakness::Patched];
        yield 'roots in iron' => [['kind' => 'root_cords', 'at_joint' => true] + $at, Material::CastIron, Weakness::RootedIron];
        yield 'roots in clay come in at its joints' => [['kind' => 'root_cords', 'at_joint' => true] + $at, Material::Clay, null];
        yield 'grease' => [['kind' => 'grease'] + $at, Material::CastIron, null];
    }

    /** @param array<string, mixed> $finding */
    #[DataProvider('findings')]
    public function testWhatWasFoundMakesAPipeWeak(array $finding, Material $material, ?Weakness $weakness): void
    {
        self::assertSame($weakness, Weakness::of(Finding::read(new Input($finding)), $material));
    }

    public function testABreakFarAwayIsLookedAtAndExposedAndOneNearByOnlyTakesTheForceAway(): void
    {
        $heads = static fn (array $spots, ?float $steepest = null) => self::told(
            self::plans(['weakSpots' => $spots, 'steepest' => $steepest, 'blockage' => Blockage::Scale])['cable'],
        );
        $break = static fn (float $at) => new WeakSpot(Weakness::Broken, Length::metres($at), Length::metres($at));
        self::assertSame('chain_flail', $heads([]));
        self::assertSame('blade for chain_flail: no_flail_in_fragile [looks]', $heads([$break(4.0)]));
        self::assertSame(
            'camera, blade for chain_flail: no_flail_in_fragile [looks], look_and_expose [stoppage looks]', $heads([$break(16.0)]),
        );
        self::assertSame(
            'camera, blade for chain_flail: no_flail_in_fragile [looks], look_and_expose [stoppage looks steep]',
            $heads([$break(4.0)], 25.0), 'down a steep way',
        );
        self::assertSame('chain_flail', $heads([$break(30.0)]), 'beyond where any tool comes');
        $crack = new WeakSpot(Weakness::Cracked, Length::metres(16), Length::metres(17));
        self::assertSame('blade for chain_flail: no_flail_in_fragile [looks]', $heads([$crack]), 'a crack holds no tool');
    }

    public function testAHeadThatDoesNotGetThereIsStoodInForAndWhereNoneDoesThePlanIsNotPreferred(): void
    {
        $jams = new HeadReach('p', Length::metres(9), Stopped::LockUp, 80.0, 200.0);
        $plans = self::plans(['reaches' => ['chain_flail' => $jams], 'blockage' => Blockage::Scale]);
        self::assertSame('blade for chain_flail', self::told($plans['cable']));
        self::assertTrue($plans['cable']->preferred);
        $plans = self::plans(['reaches' => ['chain_flail' => $jams, 'blade' => $jams], 'blockage' => Blockage::Scale]);
        self::assertFalse($plans['cable']->isPossible());
        self::assertTrue($plans['jet']->preferred);
        self::assertSame([Head::ChainFlail], array_column($plans['cable']->hindrances, 'head'));
        $farthest = array_map(static fn (Step $step) => Head::Camera === $step->head ? 0.0 : $step->to, $plans['cable']->steps);
        self::assertSame(9.0, max([0.0, ...$farthest]), 'no step goes beyond the reach');
        $stays = new HeadReach('p', Length::metres(40), null, 300.0, 200.0);
        $plans = self::plans(['reaches' => ['blade' => $stays, 'chain_flail' => $stays], 'blockage' => Blockage::Scale]);
        self::assertFalse($plans['cable']->preferred, 'what does not come out again is not put in');
        self::assertNull(Outlook::of($plans['cable'], self::situation([])));
    }

    public function testWhereverAHeadIsDrawnBackTheStepThatWorksThereIsKnown(): void
    {
        $found = 0;
        foreach (Blockage::cases() as $blockage) {
            foreach (self::plans(['blockage' => $blockage]) as $plan) {
                foreach ($plan->steps as $step) {
                    foreach ([$step->to, ($step->from + $step->to) / 2, $step->from] as $metres) {
                        $there = $plan->backAt($step->head, $metres);
                        $isBack = static fn (Step $each) => $each->head === $step->head && Stroke::Back === $each->way
                            && $each->to <= $metres && $metres <= $each->from;
                        $all = array_values(array_filter($plan->steps, $isBack));
                        self::assertSame($all[0] ?? null, $there);
                        $found += null === $there ? 0 : 1;
                    }
                    self::assertNull($plan->backAt($step->head, max($step->from, $step->to) + 60.0));
                }
            }
        }
        self::assertGreaterThan(30, $found);
    }

    public function testWhereTheWaterDoesNotCarryItIsFlushedFromAbove(): void
    {
        $flush = static fn (?float $fall) => str_contains(self::told(self::plans(['fall' => $fall])['jet']), 'water_from_above');
        self::assertFalse($flush(null), 'nobody knows the fall');
        self::assertFalse($flush(0.05));
        self::assertTrue($flush(0.005));
        self::assertTrue($flush(0.0));
        $plan = self::plans(['fall' => 0.005])['jet'];
        self::assertEqualsWithDelta($plan->pumpMinutes() + 5.0, $plan->minutes(), 1e-9, 'five minutes from the house, not from the tank');
        self::assertEqualsWithDelta($plan->pumpMinutes() * 45, $plan->litres(), 1e-9);
    }

    public function testThePreferredPlanGetsThereAndOutAndMoreKnownDamageIsNeverLessRisk(): void
    {
        for ($seed = 1; $seed <= 200; ++$seed) {
            $chance = new Randomizer(new Mt19937($seed));
            $reaches = [];
            foreach (Head::cases() as $head) {
                if (0 === $chance->getInt(0, 1)) {
                    $to = $chance->getInt(0, 300) / 10;
                    $reaches[$head->value] = new HeadReach(
                        $head->value, Length::metres($to), $to < 20 ? Stopped::LockUp : null, $chance->getInt(0, 300), 200.0,
                    );
                }
            }
            $given = ['reaches' => $reaches, 'blockage' => Blockage::cases()[$chance->getInt(0, 11)]];
            $risks = [];
            foreach ([[], [new WeakSpot(Weakness::Hole, Length::metres(16), Length::metres(16))]] as $spots) {
                $situation = self::situation([...$given, 'weakSpots' => $spots]);
                $plans = Planner::plans($situation, Machine::Cable);
                foreach ($plans as $name => $plan) {
                    foreach ($plan->preferred ? $plan->heads() : [] as $head) {
                        self::assertTrue($situation->isReachedBy($head), $seed.' '.$head->value);
                    }
                    $risks[$name][] = \count(Risk::of($plan, $situation));
                }
                self::assertLessThanOrEqual(1, \count(array_filter($plans, static fn (Plan $plan) => $plan->preferred)));
            }
            self::assertGreaterThan($risks['cable'][0], $risks['cable'][1]);
            self::assertGreaterThan($risks['jet'][0], $risks['jet'][1]);
        }
    }

    /** Its heads, and the rules that fired. */
    private static function told(Plan $plan): string
    {
        $heads = [];
        foreach (\array_slice($plan->steps, 0, -1) as $step) {
            $heads[] = $step->head->value.(null === $step->insteadOf ? '' : ' for '.$step->insteadOf->value);
        }
        $rules = array_map(
            static fn (Reason $reason) => $reason->code.' ['
                .implode(' ', array_map(static fn (Fact $fact) => $fact->value, $reason->facts)).']',
            array_filter($plan->reasons, static fn (Reason $reason) => 'rule' === $reason->bears->value),
        );

        return implode(', ', array_unique($heads)).([] === $rules ? '' : ': '.implode(', ', $rules));
    }

    /**
     * @param array<string, mixed> $more
     *
     * @return array{cable: Plan, jet: Plan}
     */
    private static function plans(array $more): array
    {
        return Planner::plans(self::situation($more), Machine::Cable);
    }

    public function testAWayIsSteepFromTenPercentOnAndNotWhereNobodyMeasured(): void
    {
        $isSteep = static fn (?float $percent) => self::situation(['steepest' => $percent])->isSteep();
        self::assertSame([false, false, true], array_map($isSteep, [null, 9.9, 10.0]));
    }

    /** @param array<string, mixed> $more */
    private static function situation(array $more): Situation
    {
        // @phpstan-ignore argument.type
        return new Situation(...[
            'blockage' => Blockage::HardGrease, 'near' => Length::metres(10), 'far' => Length::metres(14), 'overrun' => Length::metres(6),
            'bore' => Length::millimetres(100), 'material' => Material::Clay, 'flow' => 45.0, ...$more,
        ]);
    }
}
