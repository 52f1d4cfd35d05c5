<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Practice;

use Jurvex\Core\Calc\JetCalculation;
use Jurvex\Core\Clear\Blockage;
use Jurvex\Core\Clear\Head;
use Jurvex\Core\Clear\WorkRates;
use Jurvex\Core\Flow\Water;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Jet\JetLine;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Practice\CableStandIn;
use Jurvex\Core\Practice\Handling;
use Jurvex\Core\Practice\HiddenStoppage;
use Jurvex\Core\Practice\JetterStandIn;
use Jurvex\Core\Practice\MachineState;
use Jurvex\Core\Tests\Kept;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class StandInTest extends TestCase
{
    public function testTheSameSeedHidesTheSameStoppageOnTheLine(): void
    {
        foreach (range(1, 200) as $seed) {
            $hidden = HiddenStoppage::fromSeed($seed, Length::metres(20));
            self::assertEquals($hidden, HiddenStoppage::fromSeed($seed, Length::metres(20)));
            self::assertGreaterThan(0, $hidden->far->metres - $hidden->near->metres);
            self::assertLessThan(20, $hidden->far->metres);
        }
    }

    public function testAJetterShowsWhatTheHydraulicsSayAndOpensAtTheHouseRate(): void
    {
        $line = self::line();
        $jetter = self::jetter($line);
        $still = $jetter->after($jetter->begin(), Handling::Feed, false, 600);
        self::assertSame(
            [2.0, 0.0, 'standing'],
            [$still->metres, $still->bar, $still->water],
            'without water it goes as far as a hand pushes it',
        );
        $state = $jetter->after($still, Handling::Feed, true, 10);
        self::assertEqualsWithDelta(
            [3.0, $line->pumpPressure()->inBar(), Water::perMinute($line->flow), 500 - Water::perMinute($line->flow) / 6],
            [$state->metres, $state->bar, $state->flow, $state->tank],
            1e-6,
        );
        self::assertSame(['free', 'rising'], [$state->felt, $state->water]);

        // From the plug's near end to its far end: 1 m at the rate of the table.
        $rate = WorkRates::usual()->of(Blockage::SoftGrease, Head::FreeSpinner, Water::perMinute($line->flow)) ?? 0.0;
        $state = $jetter->after($state, Handling::Feed, true, 50);
        self::assertSame([8.0, 'rising'], [round($state->metres, 6), $state->water]);
        $middle = $jetter->after($state, Handling::Feed, true, 60 * 0.5 / $rate);
        self::assertEqualsWithDelta(8.5, $middle->metres, 1e-6);
        self::assertSame('drag', $middle->felt);
        $through = $jetter->after($middle, Handling::Feed, true, 60 * 0.5 / $rate);
        self::assertSame('dropping', $through->water);
        self::assertSame('gone', $jetter->after($through, Handling::Feed, true, 60)->water);
    }

    public function testAPumpThatStandsShowsNoPressure(): void
    {
        $jetter = self::jetter(self::line());
        self::assertSame([0.0, 0.0], [$jetter->begin()->bar, $jetter->after($jetter->begin(), Handling::Feed, false, 5)->bar]);
        self::assertGreaterThan(1.0, $jetter->after($jetter->begin(), Handling::Hold, true, 5)->bar);
    }

    public function testAPumpWithoutWaterIsStarvedAndTheHoseStops(): void
    {
        $jetter = self::jetter(self::line());
        $state = $jetter->begin();
        for ($i = 0; $i < 200; ++$i) {
            $state = $jetter->after($state, Handling::Hold, true, 10);
            self::assertGreaterThanOrEqual(0, $state->tank);
        }
        self::assertSame([0.0, 0.0], [$state->bar, $state->flow]);
        self::assertSame('stops_dead', $jetter->after(new MachineState(5.0, 8.0, tank: 10.0), Handling::Feed, true, 60)->felt);
    }

    public function testACableOpensTurningOnlyAndNeverPassesItsReach(): void
    {
        $cable = new CableStandIn(new HiddenStoppage(Blockage::DenseRoots, Length::metres(8), Length::metres(9)), Length::metres(12));
        $at = $cable->after($cable->begin(), Handling::Feed, false, 300);
        self::assertSame([8.0, 'free'], [$at->metres, $at->felt]);
        self::assertSame('stops_dead', $cable->after($at, Handling::Feed, false, 300)->felt);
        $in = $cable->after($at, Handling::Feed, true, 120);
        self::assertEqualsWithDelta(8.5, $in->metres, 1e-9);
        self::assertSame('grabs', $in->felt);
        $through = $cable->after($cable->after($in, Handling::Feed, true, 120), Handling::Feed, true, 600);
        self::assertSame([12.0, 'dropping'], [$through->metres, $cable->after($in, Handling::Feed, true, 120)->water]);
        self::assertSame(0.0, $cable->after($through, Handling::Back, true, 600)->metres);
        self::assertEquals($through, MachineState::read(new Input($through->plain())));
    }

    public function testManySmallStepsAreOneLargeStep(): void
    {
        $jetter = self::jetter(self::line());
        $small = $jetter->begin();
        for ($i = 0; $i < 95; ++$i) {
            $small = $jetter->after($small, Handling::Feed, true, 1);
        }
        self::assertEqualsWithDelta($jetter->after($jetter->begin(), Handling::Feed, true, 95)->metres, $small->metres, 1e-9);
    }

    public function testWhateverTheHandsDoNothingIsMadeOfNothing(): void
    {
        $line = self::line();
        $flow = Water::perMinute($line->flow);
        for ($seed = 1; $seed <= 40; ++$seed) {
            $chance = new Randomizer(new Mt19937($seed));
            $hidden = HiddenStoppage::fromSeed($seed, Length::metres(25));
            $jetter = new JetterStandIn($line, $hidden, Head::Piercer, WorkRates::usual(), Length::metres(22), 400, 40, 8);
            $cable = new CableStandIn($hidden, Length::metres(22));
            [$jet, $turned] = [$jetter->begin(), $cable->begin()];
            for ($i = 0; $i < 60; ++$i) {
                [$hands, $on, $seconds] = [
                    Handling::cases()[$chance->getInt(0, 2)],
                    1 === $chance->getInt(0, 1),
                    (float) $chance->getInt(1, 60),
                ];
                $next = $jetter->after($jet, $hands, $on, $seconds);
                $drawn = $jet->tank - $next->tank + 8 * $seconds / 60;
                self::assertLessThanOrEqual($flow * $seconds / 60 + 1e-6, $drawn, 'no more water than the pump draws');
                self::assertTrue($next->tank >= 0 && $next->tank <= 400);
                self::assertGreaterThanOrEqual($jet->opened, $next->opened, 'what is open stays open');
                self::assertLessThanOrEqual(6.0 * $seconds / 60 + 1e-6, abs($next->metres - $jet->metres), 'no faster than a hand');
                self::assertTrue($next->metres >= 0 && $next->metres <= 22 + 1e-9);
                self::assertSame($on && $jet->tank > 40, $next->bar > 0);
                $jet = $next;
                $after = $cable->after($turned, $hands, $on, $seconds);
                self::assertTrue(
                    $on || $after->opened <= $turned->opened + 1e-9 || $turned->opened >= $hidden->far->metres,
                    'a cable that stands opens nothing',
                );
                self::assertTrue($after->metres >= 0 && $after->metres <= 22 + 1e-9);
                $turned = $after;
            }
        }
    }

    private static function line(): JetLine
    {
        return JetCalculation::line(
            new Input([
                'pump' => ['flow_l_min' => 45, 'max_pressure_bar' => 180],
                'hoses' => [['bore_mm' => 12.7, 'length_m' => 60]],
                'nozzle' => ['orifices' => [['count' => 6, 'diameter_mm' => 0.95, 'angle_deg' => 25]]],
            ]),
        );
    }

    private static function jetter(JetLine $line): JetterStandIn
    {
        return new JetterStandIn(
            $line, new HiddenStoppage(Blockage::SoftGrease, Length::metres(8), Length::metres(9)), Head::FreeSpinner,
            WorkRates::usual(), Length::metres(30), 500, 50, 0,
        );
    }

    public function testTheMachinesDoWhatTheyDidYesterday(): void
    {
        $kept = [];
        foreach (range(1, 6) as $seed) {
            $hidden = HiddenStoppage::fromSeed($seed, Length::metres(16));
            $jetter = new JetterStandIn(self::line(), $hidden, Head::cases()[$seed], WorkRates::usual(), Length::metres(14), 300, 40, 8);
            $cable = new CableStandIn($hidden, Length::metres(14));
            [$jet, $turned] = [$jetter->begin(), $cable->begin()];
            for ($i = 0; $i < 24; ++$i) {
                $hands = Handling::cases()[[0, 0, 1, 0, 2, 0][$i % 6]];
                $jet = $jetter->after($jet, $hands, 0 !== $i % 5, 17.0);
                $turned = $cable->after($turned, $hands, 0 !== $i % 4, 23.0);
                $kept[$seed.' '.$i] = [$jet, $turned];
            }
            $kept[$seed.' hidden'] = $hidden;
        }
        Kept::assertSame('machines', $kept);
    }
}
