<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests;

use Jurvex\Core\Cable\CableSizes;
use Jurvex\Core\Calc\Catalogue;
use Jurvex\Core\Camera\CameraHead;
use Jurvex\Core\Camera\FallRange;
use Jurvex\Core\Clear\Blockage;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Jet\Frost;
use Jurvex\Core\Measure\DistanceReader;
use Jurvex\Core\Measure\Grade;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Measure\Size;
use Jurvex\Core\Measure\SizeUnit;
use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Measure\UnreadableMeasure;
use Jurvex\Core\Practice\CableStandIn;
use Jurvex\Core\Practice\Handling;
use Jurvex\Core\Practice\HiddenStoppage;
use Jurvex\Core\Practice\Line;
use Jurvex\Core\Practice\MachineState;
use Jurvex\Core\Practice\SimulatedReel;
use Jurvex\Core\Reach\FrictionFit;
use Jurvex\Core\Reach\Head;
use Jurvex\Core\Reach\Path;
use Jurvex\Core\Reach\PushedTool;
use Jurvex\Core\Reach\Straight;
use Jurvex\Core\Reel\Reading;
use Jurvex\Core\Reel\ReadingFormat;
use Jurvex\Core\Run\Coverage;
use Jurvex\Core\Run\EndReason;
use Jurvex\Core\Run\Sight;
use Jurvex\Core\Sketch\FixtureKind;
use Jurvex\Core\Sketch\Known;
use Jurvex\Core\Sketch\Mouth;
use Jurvex\Core\Sketch\Node;
use Jurvex\Core\Sketch\Pipe;
use Jurvex\Core\Triage\DangerSign;
use Jurvex\Core\Triage\Tables;
use PHPUnit\Framework\TestCase;

/** Values on the very edge of what a table or a limit holds, on either side of it. */
final class EdgesTest extends TestCase
{
    public function testACableSuitsABoreUpToItsRow(): void
    {
        $sizes = new CableSizes();
        foreach ([
            [50.0, 8.0, 10.0], [50.1, 13.0, 13.0], [75.0, 13.0, 13.0], [75.1, 16.0, 16.0], [100.0, 16.0, 16.0], [100.1, 19.0, 19.0],
            [150.0, 19.0, 19.0], [400.0, 19.0, 19.0],
        ] as [$bore, $from, $to]) {
            [$thin, $thick] = $sizes->of(Length::millimetres($bore));
            self::assertEqualsWithDelta([$from, $to], [$thin->inMillimetres(), $thick->inMillimetres()], 1e-9, (string) $bore);
        }
        foreach ([[9.0, 0.0], [8.0, 0.0], [10.0, 0.0], [7.0, 1.0], [12.0, 2.0]] as [$cable, $off]) {
            self::assertEqualsWithDelta($off, $sizes->off(Length::millimetres($cable), Length::millimetres(40))->inMillimetres(), 1e-9);
        }
        // In another order the same.
        self::assertEquals($sizes->rows, (new CableSizes(array_reverse(CableSizes::USUAL)))->rows);
    }

    public function testAMixtureStandsDownToItsOwnTemperature(): void
    {
        foreach ([
            [4.0, 0.0], [0.0, 0.0], [-0.1, 0.2], [-8.0, 0.2], [-8.1, 0.3], [-14.0, 0.3], [-14.1, 0.4], [-24.0, 0.4], [-24.1, 0.5],
            [-36.0, 0.5], [-36.1, null],
        ] as [$celsius, $share]) {
            self::assertSame($share, (new Frost(3.0))->share($celsius), (string) $celsius);
        }
        self::assertEqualsWithDelta(
            3.0 + 1000 * \M_PI / 4 * 0.01 ** 2 * 50, (new Frost(3.0))->litres([[Length::millimetres(10), Length::metres(50)]]), 1e-9,
        );
    }

    public function testEachDangerForbidsItsOwn(): void
    {
        self::assertSame([
            'sewage_rising' => [true, false, false], 'gas_smell' => [true, true, true], 'chemical_poured' => [false, true, false],
            'electric_in_water' => [true, true, true], 'under_pressure' => [true, true, false],
        ], array_combine(array_column(DangerSign::cases(), 'value'), array_map(
            static fn (DangerSign $sign) => [$sign->forbidsWater(), $sign->forbidsOpening(), $sign->clearsTheRoom()], DangerSign::cases(),
        )));
    }

    public function testNumbersAreTakenUpToWhatCanBeReckonedWith(): void
    {
        foreach ([1e-30, -1e-30, 1e15, -1e15, 0.0] as $taken) {
            self::assertSame($taken, (new Input(['n' => $taken]))->number('n'));
        }
        foreach ([0.99e-30, 1.01e15, -1.01e15, \NAN, \INF] as $refused) {
            self::assertRefused('out_of_range', static fn () => (new Input(['n' => $refused]))->number('n'), (string) $refused);
        }
        self::assertSame(1_000_000_000, (new Input(['n' => 1e9]))->wholeNumber('n'));
        self::assertRefused('out_of_range', static fn () => (new Input(['n' => 1e9 + 1]))->wholeNumber('n'));
        self::assertSame(4000, mb_strlen((new Input(['t' => str_repeat('é', 4000)]))->text('t')));
        self::assertRefused('too_long', static fn () => (new Input(['t' => str_repeat('é', 4001)]))->text('t'));
        self::assertSame([7.0, 8.0], [(new Input(['n' => 7]))->number('n', 7, 8), (new Input(['n' => 8]))->number('n', 7, 8)]);
    }

    public function testASizeIsWithinItsUnitAndADistanceWithinWhatALineCanBe(): void
    {
        foreach (SizeUnit::cases() as $unit) {
            self::assertSame([0.0, $unit->most()], [(new Size(0.0, $unit))->value, (new Size($unit->most(), $unit))->value]);
            foreach ([-0.001, $unit->most() + 0.001, \NAN] as $bad) {
                try {
                    new Size($bad, $unit);
                    self::fail($unit->value.' took '.$bad);
                } catch (\DomainException) {
                    $this->addToAssertionCount(1);
                }
            }
        }
        foreach ([\NAN, \INF, -1e-9] as $bad) {
            try {
                Length::metres($bad);
                self::fail('A length took '.$bad);
            } catch (\DomainException) {
                $this->addToAssertionCount(1);
            }
        }
        $longest = DistanceReader::read('10000 m', UnitSystem::Metric)->metres;
        self::assertSame(10_000.0, $longest);
        $this->expectException(UnreadableMeasure::class);
        DistanceReader::read('10000.1 m', UnitSystem::Metric);
    }

    public function testAReadingIsWrittenToWhatAReelTells(): void
    {
        self::assertSame('1.23,4.568,-0.123,5.7,lens=0.46 sonde stop', ReadingFormat::write(
            new Reading(1.2345, 4.5678, -0.12345, 5.678, 0.4567, true, true),
        ));
        self::assertSame('0,0,,,', ReadingFormat::write(new Reading(0.0, 0.0)));
    }

    public function testTheFrictionThatExplainsAStopIsFoundToFiveCentimetres(): void
    {
        $path = new Path([new Straight(Length::metres(40), Length::millimetres(100), 0.0)]);
        $rod = static fn (float $friction) => new PushedTool(
            new Head(Length::millimetres(30), Length::millimetres(40), Length::millimetres(3)), Length::millimetres(10), 500.0, 2.0,
            $friction, 20.0, 4.0, Length::metres(30),
        );
        foreach ([0.3, 0.5, 0.9] as $friction) {
            $stopped = $rod($friction)->reach($path)->metres;
            foreach ([0.0, 0.04, -0.04] as $off) {
                $found = FrictionFit::explain($rod, $path, $stopped + $off);
                self::assertNotNull($found);
                self::assertEqualsWithDelta($stopped + $off, $rod($found)->reach($path)->metres, 0.05);
            }
        }
        // Frictionless it comes as far as it is long, and no farther; with the most still so far.
        self::assertNotNull(FrictionFit::explain($rod, $path, 30.04));
        self::assertNull(FrictionFit::explain($rod, $path, 30.06));
        $least = $rod(2.0)->reach($path)->metres;
        self::assertNotNull(FrictionFit::explain($rod, $path, $least - 0.04));
        self::assertNull(FrictionFit::explain($rod, $path, $least - 0.06));
    }

    public function testACableStandInOpensDrainsAndSpinsWhereItsStoppageIs(): void
    {
        $hidden = new HiddenStoppage(Blockage::SoftPlug, Length::metres(3.0), Length::metres(4.0));
        $cable = new CableStandIn($hidden, Length::metres(10));
        $in = static fn (float $metres, float $opened) => new MachineState(metres: $metres, opened: $opened);
        foreach ([[2.9, 'free'], [3.0, 'spins'], [4.0, 'spins'], [4.1, 'free']] as [$at, $felt]) {
            self::assertSame($felt, $cable->after($in($at, 4.5), Handling::Hold, true, 1.0)->felt, (string) $at);
        }
        $through = $cable->after($in(5.0, 5.0), Handling::Hold, true, 59.9);
        self::assertSame(['dropping', 59.9], [$through->water, $through->gaveWay]);
        self::assertSame('gone', $cable->after($through, Handling::Hold, true, 0.1)->water);
        self::assertSame('standing', $cable->after($in(2.0, 3.9), Handling::Hold, true, 1.0)->water);
        self::assertEqualsWithDelta(1.0, $cable->after($in(6.0, 6.0), Handling::Back, true, 60.0)->metres, 1e-9);
        $grease = new CableStandIn(new HiddenStoppage(Blockage::SoftGrease, Length::metres(0.0), Length::metres(9.0)), Length::metres(20));
        self::assertEqualsWithDelta(1.5, $grease->after($in(0.0, 0.0), Handling::Feed, true, 60.0)->opened, 1e-6);
        $sand = new CableStandIn(new HiddenStoppage(Blockage::Silt, Length::metres(0.0), Length::metres(9.0)), Length::metres(20));
        self::assertEqualsWithDelta(0.1, $sand->after($in(0.0, 0.0), Handling::Feed, true, 60.0)->opened, 1e-6);
        $long = ['felt' => str_repeat('x', 21)] + $in(1, 1)->plain();
        self::assertRefused('too_long', static fn () => MachineState::read(new Input($long)));
        $wordy = ['water' => str_repeat('x', 21)] + $in(1, 1)->plain();
        self::assertRefused('too_long', static fn () => MachineState::read(new Input($wordy)));
        foreach (['metres', 'opened', 'bar', 'flow', 'tank', 'gave_way'] as $name) {
            self::assertSame(0.0, MachineState::read(new Input([$name => 0] + $in(1, 1)->plain()))->plain()[$name]);
            self::assertRefused('out_of_range', static fn () => MachineState::read(new Input([$name => -0.1] + $in(1, 1)->plain())));
        }
        self::assertEquals(new MachineState(), MachineState::read(new Input((new MachineState())->plain())));
    }

    public function testWhatWasSeenDimlyIsMeasured(): void
    {
        $run = RunBuilder::run([
            RunBuilder::finding(Kind::SightLimited, 4.0, ['to_m' => 6.0]), RunBuilder::finding(Kind::SightLimited, 8.0, ['to_m' => 9.0]),
        ], reached: 20.0);
        $coverage = Coverage::of($run);
        self::assertEqualsWithDelta([3.0, 17.0], [$coverage->metres(Sight::Dim), $coverage->metres(Sight::Seen)], 1e-9);
        self::assertFalse($coverage->isComplete());
        self::assertTrue(Coverage::of(RunBuilder::run([]))->isComplete());
        // Somebody expects more than was reached: then the end is known, only not seen.
        foreach ([[null, true], [20.0, true], [20.1, false]] as [$expected, $isOpen]) {
            $short = RunBuilder::run([], expected: $expected, reached: 20.0, ended: EndReason::RodOut);
            self::assertSame([$isOpen, false], [Coverage::of($short)->openEnded, Coverage::of($short)->isComplete()]);
        }
    }

    public function testAHeadWithoutAValueHasTheHouses(): void
    {
        $plain = CameraHead::of(null, null, null, null);
        $same = CameraHead::of(38.0, 0.0, null, null);
        self::assertSame($plain->tiltStep, $same->tiltStep);
        foreach ([[30.0, 50.0, 25.0], [30.0, 30.0, 15.0], [30.0, null, 15.0], [30.0, 20.0, 15.0]] as [$head, $skid, $middle]) {
            $depth = CameraHead::of($head, $skid, null, null)->depth(0.0, Length::millimetres(100));
            self::assertEqualsWithDelta($middle, $depth->depth->inMillimetres(), 1e-9, 'the lens sits in the middle of the larger one');
        }
    }

    public function testWhatEqualsALimitKeepsIt(): void
    {
        $calc = static fn (string $name, array $in): array => Catalogue::complete()->calculate($name, $in);
        $number = static function (mixed $value): float {
            self::assertIsFloat($value);

            return $value;
        };
        $tilt = ['tilt_deg' => -89.0, 'travel' => 'downstream', 'minimum_percent' => 1];
        self::assertSame('meets', $calc('tilt-grade', ['resolution_deg' => 1.99] + $tilt)['verdict']);
        // At its very minimum a line meets it.
        $range = static fn (float $least, float $most) => (new FallRange(
            Grade::percent(($least + $most) / 2), Grade::percent($least), Grade::percent($most),
        ))->verdict(Grade::percent(1.0));
        self::assertSame(
            ['meets', 'cannot_tell', 'cannot_tell', 'short'], [$range(1.0, 2.0), $range(0.9, 1.1), $range(0.5, 1.0), $range(0.2, 0.9)],
        );
        self::assertRefused('out_of_range', static fn () => $calc('tilt-grade', ['resolution_deg' => 2.0] + $tilt));
        $carry = ['pipe_id_mm' => 100, 'fall_percent' => 2, 'manning_n' => 0.012, 'flow_l_min' => 60];
        $velocity = $number($calc('carry', $carry)['velocity_m_s']);
        self::assertSame([true, false], [
            $calc('carry', ['carry_velocity_m_s' => $velocity] + $carry)['carries'],
            $calc('carry', ['carry_velocity_m_s' => $velocity * 1.0001] + $carry)['carries'],
        ]);
        $pass = ['pipe_id_mm' => 100, 'bend_radius_mm' => 150, 'head_diameter_mm' => 40];
        $longest = $number($calc('rigid-pass', ['rigid_length_mm' => 1] + $pass)['max_rigid_length_mm']);
        self::assertSame([true, false], [
            $calc('rigid-pass', ['rigid_length_mm' => $longest] + $pass)['passes'],
            $calc('rigid-pass', ['rigid_length_mm' => $longest * 1.0001] + $pass)['passes'],
        ]);
        $tool = ['weight_n_per_m' => 3, 'friction' => 0.4, 'head_drag_n' => 5];
        $way = ['path' => [['length_m' => 12, 'pipe_id_mm' => 100, 'down_deg' => 2]], 'at_m' => 12];
        $pull = $number($calc('pull-out', ['tool' => ['pull_limit_n' => 1] + $tool] + $way)['pull_n']);
        self::assertTrue($calc('pull-out', ['tool' => ['pull_limit_n' => $pull] + $tool] + $way)['possible']);
        self::assertFalse($calc('pull-out', ['tool' => ['pull_limit_n' => $pull * 0.9999] + $tool] + $way)['possible']);
    }

    public function testPlacesOnAMapAndTheirFallAreWhatTheyAre(): void
    {
        $bore = new Known(100.0);
        self::assertSame([true, true, false, false, false], array_map(static fn (Node $node) => $node->isPlace(), [
            Node::fixture('a', FixtureKind::Sink, ''), Node::opening('b', 'cleanout', '', new Mouth($bore)), Node::junction('c'),
            Node::trap('d'), Node::outlet('e'),
        ]));
        $pipe = static fn (float $degrees) => new Pipe('p', 'a', 'e', new Known(5.0), $bore, down: new Known($degrees));
        self::assertEqualsWithDelta(100 * tan(deg2rad(2)), $pipe(2.0)->fallPercent(), 1e-9);
        self::assertNull($pipe(90.0)->fallPercent());
    }

    public function testHouseTablesAndLimitsTakeTheirOwnEnds(): void
    {
        $usual = Tables::usual()->materials;
        foreach ([[0.01, true], [0.009, false], [100.0, true], [100.1, false]] as [$factor, $isTaken]) {
            $read = static fn () => Tables::changed(new Input(['materials' => ['clay' => $factor]]));
            if (!$isTaken) {
                self::assertRefused('out_of_range', $read);
                continue;
            }
            self::assertEquals(array_replace($usual, ['clay' => $factor]), $read()->materials);
        }
        $judge = static fn (float $limit) => Catalogue::complete()->calculate('judge', [
            'water' => 'carrying', 'roots' => 'upkeep', 'limits' => ['offset_watch_percent' => $limit], 'run' => [
                'material' => 'clay', 'bore_mm' => 100, 'reached_m' => 10,
                'findings' => [['id' => 'a', 'kind' => 'offset_joint', 'from_m' => 3, 'size' => 5, 'facts' => ['facing' => 'with_flow']]],
            ],
        ])['classes'];
        self::assertSame([['a' => 'mend'], ['a' => 'watch']], [(array) $judge(0.0), (array) $judge(10.0)]);
    }

    public function testWithoutAKitTheStandInsLensLiesNineteenMillimetresUp(): void
    {
        $water = RunBuilder::finding(Kind::StandingWater, 3.0, ['to_m' => 5.0, 'size' => 19]);
        $reel = new SimulatedReel(Line::of(RunBuilder::run([$water], reached: 10.0)), Length::metres(10));
        self::assertSame([null, 0.0], [$reel->table(1.0)[1][2], $reel->table(1.0)[4][2]]);
    }

    /** @param \Closure(): mixed $take */
    private static function assertRefused(string $reason, \Closure $take, string $what = ''): void
    {
        try {
            $take();
            self::fail('It was taken. '.$what);
        } catch (BadInput $refused) {
            self::assertSame($reason, $refused->reason, $what);
        }
    }
}
