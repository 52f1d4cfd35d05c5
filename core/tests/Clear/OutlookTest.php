<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Clear;

use Jurvex\Core\Clear\Blockage;
use Jurvex\Core\Clear\Head;
use Jurvex\Core\Clear\Machine;
use Jurvex\Core\Clear\Outlook;
use Jurvex\Core\Clear\Plan;
use Jurvex\Core\Clear\Planner;
use Jurvex\Core\Clear\Situation;
use Jurvex\Core\Finding\Material;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Run\Travel;
use PHPUnit\Framework\TestCase;

final class OutlookTest extends TestCase
{
    public function testWhatEachPlanDoesAndLeavesIsTheHousesTable(): void
    {
        foreach ([
            ['soft_plug', 'opens plug', 'washes'],
            ['rags', 'brings_back', 'brings_back'],
            ['soft_grease', 'opens wall', 'washes'],
            ['hard_grease', 'opens wall', 'washes'],
            ['packed_soap', 'opens crooked_tunnel', 'washes'],
            ['thin_roots', 'cuts ring', 'cuts'],
            ['dense_roots', 'cuts ring', 'cuts'],
            ['scale', 'strikes fallen', 'washes'],
            ['silt', '', 'lifts'],
            ['ice', '', 'melts'],
            ['hard_object', 'brings_back', 'goes_past thing'],
            ['unknown', 'opens', 'opens'],
        ] as [$blockage, $cable, $jet]) {
            self::assertSame([$cable, $jet], self::outlooks($blockage, null), $blockage);
        }
    }

    public function testWhatStandsInDoesNoMoreThanItCan(): void
    {
        $kit = [Head::Piercer, Head::FreeSpinner, Head::Flusher, Head::Opener, Head::Blade];
        foreach ([
            ['rags', 'opens thing', 'brings_back'],
            ['dense_roots', 'cuts ring', 'washes roots'],
            ['scale', 'cuts fallen', 'washes'],
            ['silt', '', 'washes'],
            ['ice', '', 'opens wall'],
            ['hard_object', 'opens thing', 'goes_past thing'],
        ] as [$blockage, $cable, $jet]) {
            self::assertSame([$cable, $jet], self::outlooks($blockage, $kit), $blockage);
        }
        self::assertSame(['opens wall', 'opens wall'], self::outlooks('hard_grease', [Head::Opener, Head::Piercer]));
        self::assertSame(['opens roots', ''], self::outlooks('thin_roots', [Head::Opener]), 'nothing that cuts, no jet');
    }

    public function testHowLongItLastsFollowsWhatIsLeft(): void
    {
        foreach ([
            // what, with which heads: after the cable, after the jet
            ['soft_plug', null, 'soon', 'lasts'], ['rags', null, 'lasts', 'lasts'], ['soft_grease', null, 'soon', 'lasts'],
            ['hard_grease', null, 'later', 'lasts'], ['packed_soap', null, 'later', 'lasts'], ['thin_roots', null, 'later', 'later'],
            ['dense_roots', [Head::Opener, Head::FreeSpinner], 'soon', 'soon'], ['scale', null, 'soon', 'lasts'],
            ['hard_object', null, 'lasts', 'soon'], ['unknown', null, 'unknown', 'unknown'],
        ] as [$blockage, $heads, $cable, $jet]) {
            $lasts = array_map(static fn (?Outlook $each) => $each?->lasts->value, self::of($blockage, $heads));
            self::assertSame([$cable, $jet], $lasts, $blockage);
        }
    }

    public function testEachPlanRunsTheRisksOfWhatStopsTheLineAndOfTheWay(): void
    {
        foreach ([
            // what, which way, fall: of the cable, of the jet
            ['soft_plug', Travel::Upstream, null, [], []],
            ['soft_plug', Travel::Downstream, null, [], ['pushes_on']],
            ['rags', Travel::Upstream, null, ['shreds'], []],
            ['rags', Travel::Downstream, 0.0, ['shreds'], ['pushes_on', 'stays_in_the_line']],
            ['hard_object', Travel::Upstream, null, ['unknown_thing'], ['unknown_thing']],
            ['soft_grease', Travel::Upstream, 0.2, [], []],
            ['soft_grease', Travel::Upstream, 0.001, [], ['stays_in_the_line']],
        ] as [$blockage, $travel, $fall, $cable, $jet]) {
            $risks = array_map(
                static fn (?Outlook $each) => array_column($each->risks ?? [], 'value'), self::of($blockage, null, $travel, $fall),
            );
            self::assertSame([$cable, $jet], $risks, $blockage);
        }
    }

    /**
     * @param ?list<Head> $heads
     *
     * @return list<string> of the cable, of the jet
     */
    private static function outlooks(string $blockage, ?array $heads): array
    {
        return array_map(
            static fn (?Outlook $each) => trim(($each->deed->value ?? '').' '.($each?->leaves->value ?? '')), self::of($blockage, $heads),
        );
    }

    /**
     * @param ?list<Head> $heads
     *
     * @return list<?Outlook>
     */
    private static function of(
        string $blockage, ?array $heads, Travel $travel = Travel::Downstream, ?float $fall = null,
    ): array {
        $situation = new Situation(
            Blockage::from($blockage), Length::metres(8), Length::metres(14), Length::metres(6), Length::millimetres(100),
            Material::Clay, 45, travel: $travel, heads: $heads, fall: $fall,
        );

        return array_map(
            static fn (Plan $plan) => Outlook::of($plan, $situation), array_values(Planner::plans($situation, Machine::Cable)),
        );
    }
}
