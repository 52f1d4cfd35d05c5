<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Reel;

use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Reel\Counter;
use Jurvex\Core\Reel\JointSpacing;
use Jurvex\Core\Reel\Pairs;
use Jurvex\Core\Reel\Reading;
use Jurvex\Core\Reel\ReadingFormat;
use Jurvex\Core\Reel\Stillness;
use Jurvex\Core\Reel\Track;
use Jurvex\Core\Run\Travel;
use Jurvex\Core\Tests\RunBuilder;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ReelTest extends TestCase
{
    public function testReadingsAreReadAndWrittenAsLines(): void
    {
        $text = "# a reel\n".ReadingFormat::HEADING."\n1.5,0.42,-1.2,3.0,lens=0.35 sonde\n\n2,0.5,,,stop\n"
            .'{"time_s":2.5,"distance_m":0.6,"tilt_deg":-1,"flags":["lens=-1"]}'."\n";
        $readings = ReadingFormat::read($text);
        self::assertEquals(
            [new Reading(1.5, 0.42, -1.2, 3.0, 0.35, true), new Reading(2, 0.5, stopped: true), new Reading(2.5, 0.6, -1.0, lens: -1.0)],
            $readings,
        );
        foreach ($readings as $reading) {
            self::assertEquals([$reading], ReadingFormat::read(ReadingFormat::write($reading)));
        }
    }

    /** @return array<string, array{string, string}> */
    public static function badLines(): array
    {
        return [
            'no number' => ['1,two,0,0,', 'not_a_number'], 'no distance' => ['1', 'missing'],
            'behind zero' => ['1,-2,0,0,', 'out_of_range'], 'lens' => ['1,2,0,0,lens=3', 'out_of_range'],
            'no JSON' => ['{oops', 'not_json'], 'a column that nobody knows' => ['time_s,distance_yd', 'unknown_value'],
            'in two units' => ['time_s,distance_m,distance_ft', 'missing'], 'no place' => ['time_s,tilt_deg', 'missing'],
        ];
    }

    #[DataProvider('badLines')]
    public function testALineThatCannotBeReadIsNamed(string $line, string $reason): void
    {
        try {
            ReadingFormat::read("0,0,0,0,\n".$line);
            self::fail('It was read.');
        } catch (BadInput $error) {
            self::assertSame([$reason, 'line 2'], [$error->reason, $error->at]);
        }
    }

    public function testColumnsAreReadByTheirNamesAndInTheirUnit(): void
    {
        $feet = "flags,distance_ft,time_s\nstop,10,1\n,20,2\ntime_s,distance_m\n3,9\n";
        self::assertEquals(
            [new Reading(1, 3.048, stopped: true), new Reading(2, 6.096), new Reading(3, 9)], ReadingFormat::read($feet),
        );
    }

    public function testWhatWasReadOnTheWayBackCounts(): void
    {
        $counter = new Counter(1.0, Length::metres(0), Length::metres(60));
        $in = array_map(static fn (int $i) => new Reading($i, $i / 10, -2.0), range(0, 50));
        $back = array_map(
            static fn (int $i) => new Reading(100 - $i, $i / 10, -1.0, lens: $i > 20 && $i < 30 ? ($i - 20) / 10 : null),
            range(49, 10),
        );
        $track = Track::none()->with($in, $counter)->with($back, $counter);
        self::assertSame([-2.0, -1.0, -2.0], array_map(static fn (int $i) => $track->cells[$i]->tilt, [5, 30, 50]));
        $wet = $track->wetStretches();
        self::assertCount(1, $wet);
        self::assertEqualsWithDelta([2.1, 2.9, 2.9], [$wet[0]->from->metres, $wet[0]->to->metres, $wet[0]->deepest->metres], 1e-9);
        self::assertEquals($track, Track::read($track->plain()));
        self::assertEquals($track, Track::none()->with([...$in, ...$back], $counter), 'in one batch or in two');
        self::assertSame([], Track::none()->pools(Length::millimetres(100), Travel::Downstream));
    }

    public function testWhatWasReadAgainstTheFlowIsTheSameInvertFromItsOtherEnd(): void
    {
        $counter = new Counter(1.0, Length::metres(0), Length::metres(60));
        $readings = static fn (int $way) => array_map(
            static fn (int $i) => new Reading($i, $i / 10, $way * (1.0 + $i / 100)), range(0, 40),
        );
        $up = Track::none()->with($readings(1), $counter)->heights(Travel::Upstream);
        $down = Track::none()->with($readings(-1), $counter)->heights(Travel::Downstream);
        self::assertSame([41, 41], [\count($up), \count($down)]);
        self::assertEqualsWithDelta(4.0, $up[40][0], 1e-9);
        [$fall, $rise] = [$up[0][1] - $up[40][1], $down[0][1] - $down[40][1]];
        self::assertEqualsWithDelta(-$rise, $fall, 1e-9, 'as far up as down');
        self::assertGreaterThan(0.05, $rise);
        $cell = Track::read(['cells' => [[3, 1.0, null], [4, 1.0, null, 1]]])->cells;
        self::assertSame([false, true], [$cell[3]->back, $cell[4]->back]);
        self::assertSame([false, true], [ReadingFormat::hasNames("1,2\n3,4"), ReadingFormat::hasNames("time_s,distance_m\n1,2")]);
    }

    /** @return array<string, array{list<float>, ?float, list<float>, float}> joints, spacing, missing, correction */
    public static function joints(): array
    {
        $every = static fn (float $step, int $count) => array_map(static fn (int $i) => round($i * $step, 3), range(1, $count));

        return [
            'clay' => [$every(0.6, 12), 0.6, [], 1.0],
            'one was missed' => [[0.6, 1.2, 1.8, 3.0, 3.6, 4.2], 0.6, [2.4], 1.0],
            'the counter reads four percent less' => [$every(0.96, 9), 0.96, [], 1.0 / 0.96],
            'another laying length altogether' => [$every(0.75, 8), 0.75, [], 1.0],
            'not steady' => [[0.97, 1.9, 2.92, 3.8, 4.86, 5.7], 0.95, [], 1.0],
            'too few' => [[0.6, 1.2, 1.8], null, [], 1.0],
            'not regular' => [[0.3, 1.9, 2.1, 5.0, 5.4, 9.0], null, [], 1.0],
        ];
    }

    /**
     * @param list<float> $at
     * @param list<float> $missing
     */
    #[DataProvider('joints')]
    public function testRegularJointsTellTheirSpacingWhatIsMissingAndTheCounter(
        array $at,
        ?float $spacing,
        array $missing,
        float $correction,
    ): void {
        $found = JointSpacing::of(array_map(Length::metres(...), $at));
        self::assertEqualsWithDelta($spacing, $found?->spacing->metres, 0.006);
        self::assertEqualsWithDelta($missing, array_map(static fn (Length $joint) => $joint->metres, $found->missing ?? []), 0.02);
        self::assertEqualsWithDelta($correction, $found?->correction() ?? 1.0, 1e-3);
    }

    public function testTheSameThingInAndBackIsOneThingAndTheDifferenceIsSlack(): void
    {
        $in = [
            RunBuilder::finding(Kind::Crack, 10.3),
            RunBuilder::finding(Kind::RootThreads, 14.4, ['size' => 5]),
            RunBuilder::finding(Kind::Crack, 20.5),
        ];
        $back = [
            RunBuilder::finding(Kind::Crack, 10.0),
            RunBuilder::finding(Kind::RootThreads, 14.0, ['size' => 5]),
            RunBuilder::finding(Kind::Stone, 20.0, ['size' => 5]),
        ];
        $ways = array_fill_keys(array_map(static fn ($finding) => $finding->id, $in), false) + array_fill_keys(
            array_map(static fn ($finding) => $finding->id, $back),
            true,
        );
        $pairs = Pairs::of([...$in, ...$back], $ways);
        self::assertSame([$in[0]->id, $in[1]->id], $pairs->doubled());
        self::assertEqualsWithDelta([0.3, 0.4], array_column($pairs->pairs, 'slack'), 1e-9);
        self::assertSame([], Pairs::of([...$in, ...$back], [])->pairs, 'nobody said which way they were logged');
    }

    public function testTheCameraIsStillWhenItsCounterHasStoodForTenSeconds(): void
    {
        $at = static fn (float $from, float $to, float $metres) => array_map(
            static fn (float $t) => new Reading($t, $metres + 0.001 * sin(7 * $t), 0.0, 0.0, null, false, false),
            range($from, $to, 0.2),
        );
        self::assertFalse(Stillness::holds([]));
        self::assertFalse(Stillness::holds($at(0, 9.8, 4.0)));
        self::assertTrue(Stillness::holds($at(0, 10.0, 4.0)));
        self::assertFalse(Stillness::holds([...$at(0, 30, 4.0), ...$at(30.2, 38, 4.1)]), 'it has moved since');
        self::assertTrue(Stillness::holds([...$at(0, 5, 1.0), ...$at(5.2, 15.4, 4.1)]));
    }
}
