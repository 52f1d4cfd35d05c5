<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Clear;

use Jurvex\Core\Clear\Blockage;
use Jurvex\Core\Clear\Machine;
use Jurvex\Core\Clear\Planner;
use Jurvex\Core\Clear\Reason;
use Jurvex\Core\Clear\Situation;
use Jurvex\Core\Finding\Material;
use Jurvex\Core\Measure\Length;
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
                $kept[$blockage->value.' '.$plan->machine->value] = [
                    $plan->refused, $plan->preferred, array_map(static fn (Reason $reason) => $reason->code, $plan->reasons),
                    array_map(get_object_vars(...), $plan->steps),
                ];
            }
        }
        Kept::assertSame('clearing', $kept);
    }
}
