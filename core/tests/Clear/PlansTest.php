<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Clear;

use Jurvex\Core\Clear\Blockage;
use Jurvex\Core\Clear\Head;
use Jurvex\Core\Clear\HeadReach;
use Jurvex\Core\Clear\Machine;
use Jurvex\Core\Clear\Planner;
use Jurvex\Core\Clear\Reason;
use Jurvex\Core\Clear\Situation;
use Jurvex\Core\Clear\Step;
use Jurvex\Core\Finding\Material;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Reach\Stopped;
use Jurvex\Core\Tests\Kept;
use PHPUnit\Framework\TestCase;

final class PlansTest extends TestCase
{
    public function testThePlansAreThoseOfYesterday(): void
    {
        $kept = [];
        foreach (Blockage::cases() as $i => $blockage) {
            $situation = new Situation(
                $blockage, Length::metres(8), Length::metres(14), Length::metres(6), Length::millimetres([50, 75, 100, 150, 200][$i % 5]),
                Material::cases()[$i % \count(Material::cases())], 20 + 7 * $i, false, false, 0 === $i % 3, 0 === $i % 4,
                false, false, false,
            );
            foreach (Planner::plans($situation, Machine::cases()[$i % 2]) as $plan) {
                $heads = array_map(
                    static fn (array $steps) => array_unique(array_map(spl_object_id(...), array_column($steps, 'head'))), $plan->byHead(),
                );
                self::assertSame($plan->steps, array_merge(...$plan->byHead()));
                self::assertSame(array_fill(0, \count($heads), 1), array_map(\count(...), $heads), 'one head a group');
                self::assertCount(self::changes($plan->steps) + ([] === $heads ? 0 : 1), $heads, 'and another one in the next');
                $kept[$blockage->value.' '.$plan->machine->value] = [
                    $plan->refused, $plan->preferred, array_map(static fn (Reason $reason) => $reason->code, $plan->reasons),
                    array_map(get_object_vars(...), $plan->steps),
                ];
            }
        }
        Kept::assertSame('clearing', $kept);
    }

    /** @param list<Step> $steps */
    private static function changes(array $steps): int
    {
        return \count(array_filter(array_keys($steps), static fn (int $i) => $i > 0 && $steps[$i]->head !== $steps[$i - 1]->head));
    }

    public function testEveryBoreFlowAndPlaceHasItsPlan(): void
    {
        $kept = [];
        foreach (Blockage::cases() as $blockage) {
            foreach ([50.0, 74.9, 75.0, 75.1, 100.0, 150.1] as $bore) {
                foreach ([[0.0, 0.0, 0.0], [2.0, 2.5, 0.0], [2.0, 14.9, 1.0], [0.0, 15.0, 3.0]] as [$near, $far, $overrun]) {
                    $told = [];
                    foreach ($this->flows() as $flow) {
                        foreach ([Material::CastIron, Material::BituminisedFibre] as $material) {
                            $situation = new Situation(
                                $blockage, Length::metres($near), Length::metres($far), Length::metres($overrun),
                                Length::millimetres($bore), $material, $flow, trap: $flow > 40,
                            );
                            foreach (Planner::plans($situation, Machine::Jet) as $plan) {
                                $told[] = [
                                    $plan->refused, $plan->preferred, array_map(get_object_vars(...), $plan->reasons),
                                    array_map(get_object_vars(...), $plan->steps), $plan->minutes(),
                                ];
                            }
                        }
                    }
                    $kept[$blockage->value.' '.$bore.' '.$far] = hash('crc32b', (string) json_encode($told));
                }
            }
        }
        Kept::assertSame('plans-by-border', $kept);
    }

    public function testTheHeaviestIsByItsOwnLimitAndWhatNobodyKnowsIsNone(): void
    {
        $reaches = [
            'a' => new HeadReach('a', Length::metres(9), null, 100.0, 400.0),
            'b' => new HeadReach('b', Length::metres(9), null, 80.0, 100.0),
            'c' => new HeadReach('c', Length::metres(9)),
        ];
        self::assertSame(['b', null], [self::heaviest($reaches), self::heaviest(['c' => $reaches['c']])]);
    }

    /** @param array<string, HeadReach> $reaches */
    private static function heaviest(array $reaches): ?string
    {
        return (new Situation(
            Blockage::DenseRoots, Length::metres(8), Length::metres(9), Length::metres(1), Length::millimetres(100), Material::Clay, 60.0,
            reaches: $reaches,
        ))->heaviestPull()?->piece;
    }

    public function testOnlyWhatDoesNotGetThereStandsInTheWay(): void
    {
        foreach ([3 => true, 40 => false] as $metres => $isHindered) {
            $reach = new HeadReach('piece', Length::metres($metres), Stopped::cases()[0]);
            $situation = new Situation(
                Blockage::DenseRoots, Length::metres(8), Length::metres(9), Length::metres(1), Length::millimetres(100), Material::Clay,
                60.0, reaches: array_fill_keys(array_column(Head::cases(), 'value'), $reach),
            );
            foreach (Planner::plans($situation, Machine::Jet) as $plan) {
                self::assertSame($isHindered, [] !== $plan->hindrances, $plan->machine->value.' '.$metres);
            }
        }
    }

    /** @return list<float> on either side of what any head wants */
    private function flows(): array
    {
        $flows = [];
        foreach (Head::cases() as $head) {
            array_push($flows, max(1.0, $head->leastFlow() - 0.1), max(1.0, $head->leastFlow()), $head->leastFlow() + 1.1);
        }

        return array_values(array_unique($flows, \SORT_NUMERIC));
    }
}
