<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests;

use Jurvex\Core\Clear\Blockage;
use Jurvex\Core\Clear\Care;
use Jurvex\Core\Clear\Cause;
use Jurvex\Core\Clear\Head;
use Jurvex\Core\Clear\Machine;
use Jurvex\Core\Clear\WorkRates;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Finding\Material;
use Jurvex\Core\Flow\Water;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Jet\JetLine;
use Jurvex\Core\Jet\Nozzle;
use Jurvex\Core\Jet\Orifices;
use Jurvex\Core\Jet\Pressure;
use Jurvex\Core\Jet\Pump;
use Jurvex\Core\Jet\UsualNozzle;
use Jurvex\Core\Measure\ClockPosition;
use Jurvex\Core\Measure\Grade;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Measure\SizeUnit;
use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Mend\FirmPrices;
use Jurvex\Core\Practice\Difficulty;
use Jurvex\Core\Reel\Counter;
use Jurvex\Core\Reel\Reading;
use Jurvex\Core\Reel\Track;
use Jurvex\Core\Ribbon\Scale;
use Jurvex\Core\Ribbon\Tick;
use Jurvex\Core\Run\Travel;
use Jurvex\Core\Sketch\AccessRules;
use Jurvex\Core\Sketch\Building;
use Jurvex\Core\Triage\Tables;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What the house says where nobody has said otherwise, and how measures are counted. */
final class HouseValuesTest extends TestCase
{
    use TellsRefusals;

    public function testBuildingsAreDrawnAsTheyWereLookedAt(): void
    {
        $kept = [];
        foreach (Building::cases() as $building) {
            foreach ([null, 1930, 1950, 1965, 1990] as $year) {
                $kept[$building->value.' '.($year ?? 'no year')] = $building->sketch($year)->plain();
            }
        }
        Kept::assertSame('buildings', $kept);
    }

    public function testThePriceBookBeginsWithItsStartingValues(): void
    {
        Kept::assertSame('prices', FirmPrices::USUAL);
    }

    public function testTheTablesOfTriageSumToOneAndWeighWhatIsLongBentWeakAndWasStoppedBefore(): void
    {
        $tables = Tables::usual();
        foreach ($tables->rows as $name => $row) {
            self::assertEqualsWithDelta(1.0, array_sum($row), 1e-9, $name);
        }
        Kept::assertSame('triage', ['rows' => $tables->rows, 'materials' => $tables->materials]);
        $usual = $tables->prior(10.0, 0.0, 'plastic', 0.0);
        foreach ([[20.0, 'plastic', 0.0, 2.0], [10.0, 'clay', 0.0, 3.0], [10.0, 'plastic', 1.0, 3.0]] as [$metres, $of, $past, $times]) {
            self::assertEqualsWithDelta($times, $tables->prior($metres, 0.0, $of, $past) / $usual, 1e-9, $of.' '.$past);
        }
        self::assertEqualsWithDelta(1.0 / 10.0, $tables->prior(10.0, 1.0, 'plastic', 0.0) / $usual - 1, 1e-9, 'a bend weighs as a metre');
        foreach ([['backs_up' => 0.752, 'slow' => 0.17, 'drains' => 0.08], ['backs_up' => 1.1, 'slow' => -0.1, 'drains' => 0]] as $row) {
            self::assertNotSame('taken', self::refused(static fn () => Tables::changed(new Input(['rows' => ['lowest' => $row]]))));
        }
        $within = ['lowest' => ['backs_up' => 0.7505, 'slow' => 0.17, 'drains' => 0.08]];
        self::assertSame('taken', self::refused(static fn () => Tables::changed(new Input(['rows' => $within]))));
    }

    public function testAccessRulesAreTakenWithinTheirBordersAndComeBackAsTheyWere(): void
    {
        $usual = (new AccessRules())->plain();
        self::assertSame($usual, AccessRules::read(new Input($usual))->plain());
        $borders = [['spacing_m', 1.0, 500.0], ['turn_deg', 1.0, 1000.0], ['size_percent', 10.0, 200.0]];
        foreach ($borders as [$name, $least, $most]) {
            foreach ([$least, $most] as $possible) {
                self::assertSame($possible, AccessRules::read(new Input([$name => $possible] + $usual))->plain()[$name]);
            }
            foreach ([$least - 0.5, $most + 0.5] as $impossible) {
                $read = static fn () => AccessRules::read(new Input([$name => $impossible] + $usual));
                self::assertSame('out_of_range '.$name, self::refused($read));
            }
        }
    }

    public function testLengthsGradesAndClocksAreTheSameInEachOfTheirMeasures(): void
    {
        foreach ([0.0, 0.0254, 0.3048, 1.0, 26.9] as $metres) {
            $length = Length::metres($metres);
            self::assertEqualsWithDelta(
                [$metres * 1000, $metres / 0.3048, $metres / 0.0254],
                [$length->inMillimetres(), $length->inFeet(), $length->inInches()], 1e-9,
            );
            self::assertEqualsWithDelta(array_fill(0, 3, $metres), [
                Length::millimetres($length->inMillimetres())->metres, Length::feet($length->inFeet())->metres,
                Length::inches($length->inInches())->metres,
            ], 1e-12);
            $longer = Length::metres($metres + 1);
            self::assertSame([0, -1, 1], [$length->compareTo($length), $length->compareTo($longer), $longer->compareTo($length)]);
        }
        $quarter = Grade::inchesPerFoot(0.25);
        self::assertEqualsWithDelta(
            [2.0833333, 1.1935, 20.833333], [$quarter->inPercent(), $quarter->inDegrees(), $quarter->inMillimetresPerMetre()], 1e-4,
        );
        self::assertEqualsWithDelta(0.25, Grade::millimetresPerMetre(20.8333333)->inInchesPerFoot(), 1e-8);
        foreach ([[3, 6, 3], [3, 3, 6], [1, 9, 10], [12, 12, 6], [6, 12, 12], [0.5, 6, 0.5], [11.5, 7, 10.5]] as [$seen, $bottom, $is]) {
            $upright = ClockPosition::hours($seen)->correctedForRoll(ClockPosition::hours($bottom));
            self::assertSame((float) $is, $upright->hours, $seen.' over '.$bottom);
        }
        foreach ([[3.0, 9.0], [12.0, 12.0], [6.0, 6.0], [1.5, 10.5]] as [$there, $back]) {
            self::assertSame($back, ClockPosition::hours($there)->seenFromBehind()->hours);
        }
        $heights = array_map(static fn (float $at) => ClockPosition::hours($at)->height(), [12.0, 3.0, 6.0]);
        self::assertEqualsWithDelta([1.0, 0.0, -1.0], $heights, 1e-9);
    }

    public function testTicksAreRoundFarEnoughApartAndAsManyAsFit(): void
    {
        $kept = [];
        foreach (UnitSystem::cases() as $units) {
            foreach ([1.0, 4.0, 12.0, 31.0, 60.0, 140.0, 400.0, 1200.0, 5000.0, 9999.0] as $length) {
                $ticks = (new Scale(1160, $length, Travel::Downstream))->ticks($units);
                $first = \array_slice($ticks, 0, 3);
                $kept[$units->value.' '.$length] = array_map(static fn (Tick $tick) => [$tick->x, $tick->label], $first);
                $unit = UnitSystem::Metric === $units ? 1.0 : 0.3048;
                $farthest = max([0, ...array_map(static fn (Tick $tick) => $tick->label, $ticks)]);
                self::assertLessThanOrEqual($length + 1e-6, $farthest * $unit);
                foreach (\array_slice($ticks, 1) as $i => $tick) {
                    self::assertGreaterThan(45, $tick->x - $ticks[$i]->x, 'no two of them touch');
                }
                $mirrored = (new Scale(1160, $length, Travel::Upstream))->ticks($units);
                self::assertEqualsWithDelta(1160, $ticks[0]->x + $mirrored[0]->x, 0.11, 'against the flow it is the other way round');
            }
        }
        Kept::assertSame('ticks', $kept);
    }

    public function testHeadsRatesAndDifficultiesStayAsTheyWere(): void
    {
        $kept = ['difficulties' => array_map(static fn (Difficulty $each) => [
            $each->metres(), $each->findings(), $each->lowSpots(), $each->bends(), $each->transitions(),
        ], Difficulty::cases())];
        foreach (Head::cases() as $head) {
            $kept['head '.$head->value] = [$head->machine(), $head->leastFlow(), $head->usefulFlow(30), $head->spin()];
        }
        foreach (Machine::cases() as $machine) {
            $kept['gate '.$machine->value] = $machine->gate();
            $kept['checks '.$machine->value] = $machine->checks();
            foreach (Care::of($machine) as $care) {
                $kept['care '.$machine->value.' '.$care->value] = [$care->usualHours()];
            }
        }
        $line = new JetLine(new Pump(Water::perSecond(45), Pressure::bar(180)), [], new Nozzle([self::orifice(1, 0)], 0));
        foreach (UsualNozzle::classes() as $class) {
            $kept['usual '.$class->value] = array_map(static fn (Orifices $each) => [
                $each->count, round($each->diameter->inMillimetres(), 3), $each->degrees, $each->discharge,
            ], UsualNozzle::fitting($class, $line)->orifices ?? []);
        }
        foreach (Blockage::cases() as $blockage) {
            $shown = array_filter(Kind::cases(), $blockage->isShownBy(...));
            $kept['shown '.$blockage->value] = [array_values($shown), $blockage->lasts(), Cause::told($blockage)];
        }
        foreach (Material::cases() as $material) {
            $kept['material '.$material->value] = [$material->group(), $material->isSolventWelded()];
        }
        foreach (SizeUnit::cases() as $unit) {
            $kept['unit '.$unit->value] = $unit->most();
        }
        foreach (Kind::cases() as $kind) {
            $kept['kind '.$kind->value] = [
                $kind->family(), $kind->units(), $kind->measure(), $kind->extent(), $kind->facts(), $kind->isWater(), $kind->isPlain(),
                $kind->trouble(),
            ];
        }
        $rates = WorkRates::usual();
        foreach (Blockage::cases() as $blockage) {
            $kept['rate '.$blockage->value] = array_map(
                static fn (float $flow) => $rates->of($blockage, Head::FreeSpinner, $flow), [20.0, 45.0, 60.0, 67.5, 70.0, 200.0],
            );
        }
        Kept::assertSame('codes', $kept);
    }

    public function testReadingsOfChanceComeToOneTrackHoweverTheyAreBatched(): void
    {
        $kept = [];
        $counter = new Counter(1.02, Length::metres(0), Length::metres(80));
        for ($seed = 1; $seed <= 20; ++$seed) {
            $chance = new Randomizer(new Mt19937($seed));
            $at = 0.0;
            $readings = [];
            for ($i = 0; $i < 300; ++$i) {
                $at = max(0.0, $at + $chance->getInt($i < 150 ? -1 : -4, $i < 150 ? 4 : 1) / 10);
                $readings[] = new Reading(
                    $i / 2, round($at, 3), 0 === $i % 7 ? null : $chance->getInt(-40, 20) / 10, null,
                    0 === $chance->getInt(0, 9) ? $chance->getInt(-10, 10) / 10 : null,
                );
            }
            $whole = Track::none()->with($readings, $counter);
            $piecemeal = array_reduce(
                array_chunk($readings, $chance->getInt(1, 40)),
                static fn (Track $track, array $batch) => $track->with($batch, $counter), Track::none(),
            );
            self::assertEquals($whole->plain(), $piecemeal->plain(), 'seed '.$seed);
            self::assertEquals($whole->plain(), Track::read($whole->plain())->plain());
            $kept[$seed] = [
                $whole->deepest, \count($whole->cells), substr(hash('sha256', (string) json_encode($whole->plain())), 0, 12),
                array_map(static fn ($wet) => [$wet->from->metres, $wet->to->metres, $wet->lens], $whole->wetStretches()),
                array_map(
                    static fn ($pool) => [$pool->from, $pool->to, $pool->deepest],
                    $whole->pools(Length::millimetres(100), Travel::Downstream),
                ),
            ];
        }
        Kept::assertSame('tracks', $kept);
    }

    private static function orifice(float $millimetres, float $degrees): Orifices
    {
        return new Orifices(6, Length::millimetres($millimetres), $degrees, 0.95);
    }
}
