<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Practice;

use Jurvex\Core\Camera\Pool;
use Jurvex\Core\Finding\Fact;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Judge\HouseRules;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Practice\Comparison;
use Jurvex\Core\Practice\Difficulty;
use Jurvex\Core\Practice\Line;
use Jurvex\Core\Practice\LineMaker;
use Jurvex\Core\Practice\SimulatedReel;
use Jurvex\Core\Reel\Counter;
use Jurvex\Core\Reel\Reading;
use Jurvex\Core\Reel\Track;
use Jurvex\Core\Run\EndReason;
use Jurvex\Core\Run\RunRecord;
use Jurvex\Core\Run\Travel;
use Jurvex\Core\Tests\Kept;
use Jurvex\Core\Tests\RunBuilder;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class LineTest extends TestCase
{
    /** @return iterable<string, array{int, Difficulty}> */
    public static function seeds(): iterable
    {
        foreach (Difficulty::cases() as $difficulty) {
            for ($seed = 1; $seed <= 12; ++$seed) {
                yield $difficulty->value.' '.$seed => [$seed, $difficulty];
            }
        }
    }

    #[DataProvider('seeds')]
    public function testASeedMakesOneLineAndItsWaterStandsWhereItsInvertHoldsIt(int $seed, Difficulty $difficulty): void
    {
        $line = LineMaker::fromSeed($seed, $difficulty);
        self::assertEquals($line, LineMaker::fromSeed($seed, $difficulty));
        $reel = new SimulatedReel($line, $line->length, resolution: 0.001);
        $track = Track::none()->with($reel->inAndBack(0.2, 0.25), new Counter(1.0, Length::metres(0), Length::metres(80)));
        $pools = array_values(
            array_filter($track->pools(Length::millimetres(100), Travel::Downstream), static fn (Pool $pool) => $pool->deepest > 0.004),
        );
        $spots = array_values(array_filter($line->record->findings, static fn (Finding $finding) => Kind::LowSpot === $finding->kind));
        self::assertCount(\count($spots), $pools);
        foreach ($spots as $i => $spot) {
            self::assertEqualsWithDelta([$spot->from->metres, $spot->end()->metres], [$pools[$i]->from, $pools[$i]->to], 0.35);
            self::assertEqualsWithDelta($spot->size?->value, $pools[$i]->deepest * 1000, 4.0, 'as deep as the finding says');
            self::assertEqualsWithDelta(($spot->size->value ?? 0) / 1000, $line->waterAt($spot->deepest->metres ?? 0), 1e-9);
        }
        self::assertSame(
            [],
            array_filter($line->record->findings, static fn (Finding $finding) => $finding->end()->metres > $line->length->metres),
        );
    }

    public function testUpstreamTheSameLowSpotHoldsTheSameWater(): void
    {
        $spot = RunBuilder::finding(Kind::LowSpot, 6.0, ['to_m' => 8.0, 'deepest_m' => 6.8, 'size' => 30]);
        foreach (Travel::cases() as $travel) {
            $line = Line::of(RunBuilder::run([$spot], reached: 15, travel: $travel));
            $track = Track::none()->with(
                (new SimulatedReel($line, $line->length, resolution: 0.001))->inAndBack(),
                new Counter(1.0, Length::metres(0), Length::metres(60)),
            );
            $pools = $track->pools(Length::millimetres(100), $travel);
            self::assertEqualsWithDelta([6.0, 8.0, 30.0], [$pools[0]->from, $pools[0]->to, 1000 * $pools[0]->deepest], 2.0, $travel->value);
            self::assertEqualsWithDelta(6.0, $pools[0]->from, 0.3, $travel->value);
            self::assertSame(Travel::Downstream === $travel ? -1 : 1, $track->cells[30]->tilt <=> 0.0);
        }
    }

    public function testALineOfARecordIsTheLineThatWasLookedAt(): void
    {
        $kept = [];
        foreach (Travel::cases() as $travel) {
            $line = new Line(self::everything($travel), Length::metres(19.0), 0.03, 1.5);
            $at = range(0.0, 19.0, 0.25);
            $kept[$travel->value] = [
                array_map($line->heightAt(...), $at), array_map($line->waterAt(...), $at), array_map($line->tiltAt(...), $at),
                $line->joints(), $line->path()->pieces,
                array_map(static fn (float $reach) => array_map(
                    static fn (Finding $finding) => [$finding->kind, $finding->fact(Fact::LensUnder)],
                    $line->perfectRecord(Length::metres($reach), Length::millimetres(35))->findings,
                ), [0.0, 4.0, 9.5, 19.0]),
            ];
        }
        Kept::assertSame('lines', $kept);
    }

    public function testALookThatCameWithinFiveCentimetresOfTheEndReachedIt(): void
    {
        $line = new Line(self::everything(Travel::Downstream), Length::metres(19.0));
        foreach ([[18.94, EndReason::CannotPass], [18.96, EndReason::MainReached], [25.0, EndReason::MainReached]] as [$reach, $end]) {
            $seen = $line->perfectRecord(Length::metres($reach), Length::millimetres(35));
            self::assertSame([$end, min(19.0, $reach)], [$seen->ended, $seen->reached->metres]);
        }
        self::assertSame(1.0, Line::of(RunBuilder::run([], reached: 0.2))->length->metres, 'no line is shorter than a metre');
    }

    private static function everything(Travel $travel): RunRecord
    {
        return RunBuilder::run([
            RunBuilder::finding(Kind::Bend, 1.0, ['id' => 'a']), RunBuilder::finding(Kind::SoundJoint, 1.2, ['id' => 'b']),
            RunBuilder::finding(Kind::LowSpot, 2.0, ['id' => 'c', 'to_m' => 5.0, 'deepest_m' => 2.0, 'size' => 35]),
            RunBuilder::finding(Kind::LowSpot, 6.0, ['id' => 'd', 'to_m' => 8.0]),
            RunBuilder::finding(Kind::Transition, 8.5, ['id' => 'e', 'size' => 75, 'facts' => ['material_after' => 'abs']]),
            RunBuilder::finding(Kind::StandingWater, 9.0, ['id' => 'f', 'to_m' => 10.0, 'size' => 20]),
            RunBuilder::finding(Kind::StandingWater, 9.5, ['id' => 'g', 'to_m' => 9.75]),
            RunBuilder::finding(Kind::Bend, 11.0, ['id' => 'h', 'size' => 22.5]),
            RunBuilder::finding(Kind::LowSpot, 12.0, ['id' => 'i', 'to_m' => 12.0, 'size' => 50]),
            RunBuilder::finding(Kind::Transition, 13.0, ['id' => 'j', 'facts' => ['material_after' => 'concrete']]),
            RunBuilder::finding(Kind::Transition, 16.0, ['id' => 'k', 'size' => 150, 'facts' => ['material_after' => 'copper']]),
            RunBuilder::finding(Kind::LowSpot, 16.5, ['id' => 'l', 'to_m' => 18.5, 'deepest_m' => 18.5, 'size' => 12]),
        ], reached: 19, travel: $travel);
    }

    public function testThePushedCounterReadsMoreByTheSlackAndTheDrawnBackOneTheTruth(): void
    {
        $line = Line::of(RunBuilder::run([], reached: 20));
        $readings = (new SimulatedReel($line, Length::metres(20), factor: 1.04, slack: 0.05))->inAndBack();
        $stopped = array_values(array_filter($readings, static fn (Reading $reading) => $reading->stopped));
        self::assertEqualsWithDelta(21.0 / 1.04, $stopped[0]->metres, 0.1);
        $lying = array_filter($stopped, static fn (Reading $reading) => $reading->metres * 1.04 > 20.001);
        self::assertGreaterThan(8, \count($lying), 'the slack comes out before the head moves');
        $counter = new Counter(1.04, Length::metres(0), Length::metres(60));
        self::assertEqualsWithDelta(20.0, $counter->distance(Length::metres($stopped[\count($stopped) - 1]->metres))->metres, 0.1);
        self::assertSame(0.0, $readings[\count($readings) - 1]->metres);
    }

    public function testTheReelStopsWhereTheRodDoesAndATiltComesInSteps(): void
    {
        $line = LineMaker::fromSeed(3, Difficulty::Usual);
        $reel = new SimulatedReel($line, Length::metres(7.3), resolution: 0.5);
        foreach ($reel->inAndBack() as $i => $reading) {
            self::assertEqualsWithDelta(0.5 * ($i + 1), $reading->seconds, 1e-9);
            self::assertLessThanOrEqual(7.3 + 1e-9, $reading->metres);
            self::assertEqualsWithDelta(0.0, fmod(abs($reading->tilt ?? 0.0) + 1e-9, 0.5), 1e-6);
        }
        self::assertCount(74, $reel->table());
    }

    public function testAVerticalBeginningIsUprightAndTheReachMeetsEveryBend(): void
    {
        $line = new Line(
            RunBuilder::run([RunBuilder::finding(Kind::Bend, 4.0, ['size' => 90])], reached: 16),
            Length::metres(16),
            vertical: 4.0,
        );
        self::assertSame(-90.0, $line->tiltAt(2.0));
        self::assertEqualsWithDelta(-1.146, $line->tiltAt(9.0), 0.01);
        self::assertCount(3, $line->path()->pieces);
        self::assertEqualsWithDelta(16.0, $line->path()->metres(), 1e-9);
    }

    #[DataProvider('seeds')]
    public function testAPerfectLogIsWorthAHundredAndEveryFaultTakesFromItsOwnPart(int $seed, Difficulty $difficulty): void
    {
        $line = LineMaker::fromSeed($seed, $difficulty);
        $truth = $line->perfectRecord($line->length, Length::millimetres(29));
        $compare = static fn (Finding ...$findings) => self::against($truth, array_values($findings));
        $perfect = $compare(...$truth->findings);
        self::assertSame(100, $perfect->score());
        self::assertSame([[], [], []], [$perfect->missed, $perfect->invented, $perfect->judgedOtherwise]);

        $without = array_values(array_filter($truth->findings, static fn (Finding $finding) => Kind::Bend !== $finding->kind));
        $missed = $compare(...$without);
        self::assertLessThan(40.0, $missed->points['found']);
        self::assertEqualsWithDelta(
            [15.0, 15.0, 10.0],
            [$missed->points['places'], $missed->points['sizes'], $missed->points['clock']],
            1e-9,
        );

        $made = $compare(...[...$truth->findings, RunBuilder::finding(Kind::BrokenCable, 5.5, ['size' => 20])]);
        self::assertSame([1, 97], [\count($made->invented), $made->score()]);
    }

    public function testPlacesSizesAndClockAreJudgedByThemselves(): void
    {
        $truth = self::ended([RunBuilder::finding(Kind::RootCords, 5.0, ['size' => 30, 'clock_from' => 11.5])]);
        $logged = static fn (float $at, int $size, float $clock, Kind $kind = Kind::RootCords) => new Comparison(
            $truth,
            self::ended([RunBuilder::finding($kind, $at, ['size' => $size, 'clock_from' => $clock])]),
            HouseRules::starting(),
        );
        self::assertSame(100, $logged(5.2, 33, 12.5 - 12)->score(), 'within what is allowed; the clock goes round');
        self::assertSame([0.0, 15.0, 10.0], self::parts($logged(5.6, 30, 11.5)));
        self::assertSame([15.0, 0.0, 10.0], self::parts($logged(5.0, 20, 11.5)));
        self::assertSame([15.0, 15.0, 0.0], self::parts($logged(5.0, 30, 6)));
        self::assertSame(0.0, $logged(5.0, 30, 11.5, Kind::RootClump)->points['found'], 'another kind of the family is not found');
        self::assertCount(1, $logged(7.0, 30, 11.5)->missed, 'too far off to be the same');
        $stopped = RunBuilder::run($truth->findings, ended: EndReason::CannotPass);
        self::assertFalse((new Comparison($truth, $stopped, HouseRules::starting()))->unseenDeclared);
        $under = self::ended([
            RunBuilder::finding(Kind::LowSpot, 3.0, ['to_m' => 5.0, 'size' => 60, 'facts' => [Fact::LensUnder->value => 'yes']]),
        ]);
        $silent = self::ended([RunBuilder::finding(Kind::LowSpot, 3.0, ['to_m' => 5.0, 'size' => 60])]);
        self::assertFalse((new Comparison($under, $silent, HouseRules::starting()))->unseenDeclared, 'what lies under water was not seen');
    }

    #[DataProvider('seeds')]
    public function testWhatIsLeftOutIsMissedWhatIsMovedFarIsMissedAndMadeUpAndNeitherScoresMore(int $seed, Difficulty $difficulty): void
    {
        $line = LineMaker::fromSeed($seed, $difficulty);
        $truth = $line->perfectRecord($line->length, Length::millimetres(29));
        $notable = array_values(array_filter($truth->findings, static fn (Finding $finding) => Kind::Tap !== $finding->kind));
        foreach ($notable as $out) {
            $others = array_filter($notable, static fn (Finding $finding) => $finding !== $out);
            $missed = self::against($truth, $others);
            self::assertCount(1, $missed->missed);
            self::assertLessThan(100, $missed->score());
            $alone = array_filter($notable, static fn (Finding $finding) => $finding->kind->family() === $out->kind->family());
            if (1 === \count($alone) && null === $out->to) {
                $moved = self::against($truth, [
                    ...$others,
                    RunBuilder::finding($out->kind, $out->from->metres + 1.5, [
                        'clock_from' => $out->clockFrom?->hours,
                        'size' => $out->size?->value,
                    ]),
                ]);
                self::assertSame([1, 1], [\count($moved->missed), \count($moved->invented)], $out->kind->value);
                self::assertLessThan($missed->score(), $moved->score(), 'made up is worse than missed');
            }
        }
        self::assertSame(
            0,
            (new Comparison($truth, RunBuilder::run([], reached: 1, ended: null), HouseRules::starting()))->score(),
            'nothing logged is worth nothing',
        );
    }

    #[DataProvider('seeds')]
    public function testReadingsInAnyBatchesAreOneTrackAndAnEvenFallIsFound(int $seed, Difficulty $difficulty): void
    {
        $line = LineMaker::fromSeed($seed, $difficulty);
        $readings = (new SimulatedReel($line, $line->length, noise: 0.003, slack: 0.01))->inAndBack();
        $counter = new Counter(1.0, Length::metres(0), Length::metres(90));
        $whole = Track::none()->with($readings, $counter);
        $parts = Track::none();
        foreach (array_chunk($readings, max(1, $seed * 7)) as $batch) {
            $parts = Track::read($parts->with($batch, $counter)->plain());
        }
        self::assertEquals($whole->plain(), $parts->plain());
        $heights = $whole->heights(Travel::Downstream);
        self::assertEqualsWithDelta(
            $line->heightAt($line->length->metres - 0.1) - $line->heightAt(0.0),
            $heights[\count($heights) - 1][1] - $heights[0][1],
            0.12,
            'the fall of the whole line, within what a tenth of a degree can tell',
        );
        foreach ($whole->pools(Length::millimetres(100), Travel::Downstream) as $pool) {
            self::assertTrue($pool->from < $pool->to && $pool->deepest > 0 && $pool->volume > 0);
            self::assertLessThanOrEqual(\M_PI / 4 * 0.01 * ($pool->to - $pool->from) + 1e-9, $pool->volume, 'no more than the bore holds');
        }
    }

    /** @param array<Finding> $findings */
    private static function against(RunRecord $truth, array $findings): Comparison
    {
        return new Comparison(
            $truth,
            new RunRecord(
                array_values($findings), $truth->material, $truth->bore, $truth->travel, $truth->expected,
                $truth->reached, $truth->ended,
            ),
            HouseRules::starting(),
        );
    }

    /** @return list<float> */
    private static function parts(Comparison $comparison): array
    {
        return [$comparison->points['places'], $comparison->points['sizes'], $comparison->points['clock']];
    }

    /** @param list<Finding> $findings */
    private static function ended(array $findings): RunRecord
    {
        return RunBuilder::run($findings, reached: 30, ended: EndReason::MainReached);
    }

    public function testTheLinesOfPracticeAreThoseOfYesterday(): void
    {
        $kept = [];
        foreach (Difficulty::cases() as $difficulty) {
            foreach ([1, 2, 3, 77] as $seed) {
                $line = LineMaker::fromSeed($seed, $difficulty);
                $places = range(0.0, $line->length->metres, 1.7);
                $kept[$difficulty->value.' '.$seed] = [
                    array_map(
                        static fn (Finding $finding) => \array_slice(array_values($finding->plain()), 1),
                        $line->perfectRecord($line->length, Length::millimetres(29))->findings,
                    ),
                    array_map($line->tiltAt(...), $places), array_map($line->heightAt(...), $places),
                    array_map($line->waterAt(...), $places),
                    $line->joints(), array_map(static fn (float $at) => $line->boreAt($at)->metres, $places), $line->path()->metres(),
                ];
            }
        }
        Kept::assertSame('practice-lines', $kept);
    }

    public function testTheSimulatedReelReadsWhatItReadYesterday(): void
    {
        $line = LineMaker::fromSeed(5, Difficulty::cases()[1]);
        $reel = new SimulatedReel(
            $line, Length::metres(14), 1.03, 0.4, 0.2, 0.1, Length::millimetres(20), Length::millimetres(18),
        );
        $readings = array_values(array_filter($reel->inAndBack(0.2, 1.0), static fn (int $i) => 0 === $i % 7, \ARRAY_FILTER_USE_KEY));
        Kept::assertSame('reel', ['readings' => $readings, 'table' => $reel->table(0.5)]);
    }
}
