<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Looks;

use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Looks\LaidRun;
use Jurvex\Core\Looks\Look;
use Jurvex\Core\Looks\Portion;
use Jurvex\Core\Looks\SeenSpan;
use Jurvex\Core\Looks\UnitedFinding;
use Jurvex\Core\Looks\UnitedLine;
use Jurvex\Core\Run\EndReason;
use Jurvex\Core\Run\RunRecord;
use Jurvex\Core\Run\Sight;
use Jurvex\Core\Tests\RunBuilder;
use PHPUnit\Framework\TestCase;

final class UnitedLineTest extends TestCase
{
    public function testALookNeverTakesAwayWhatItDidNotSee(): void
    {
        for ($seed = 1; $seed < 120; ++$seed) {
            $looks = array_map(static fn (int $i) => self::look($seed + 1000 * $i, $i), [1, 2, 3]);
            $before = new UnitedLine(\array_slice($looks, 0, 2));
            $after = new UnitedLine($looks);
            $clear = array_filter($looks[2]->spans, static fn (SeenSpan $span) => Sight::Seen === $span->sight);
            foreach ($before->findings as $thing) {
                $finding = $thing->newest->finding;
                $isSeen = [] !== array_filter($clear, static fn (SeenSpan $span) => $span->from <= $finding->end()->metres + 1e-6
                    && $span->to >= $finding->from->metres - 1e-6);
                if ($thing->isThere() && !$isSeen) {
                    self::assertTrue(self::with($after, $thing->sightings[0])->isThere(), 'seed '.$seed);
                }
            }
            foreach (Sight::cases() as $sight) {
                // What was seen well before is seen well after, and nothing that was seen is lost.
                $worst = array_search($sight, Sight::cases(), true);
                self::assertGreaterThanOrEqual(self::metres($before, $worst) - 1e-6, self::metres($after, $worst), 'seed '.$seed);
            }
        }
    }

    public function testTheOrderInWhichLooksOfOneTimeAreGivenDoesNotMatter(): void
    {
        for ($seed = 1; $seed < 80; ++$seed) {
            $looks = array_map(static fn (int $i) => self::look($seed + 1000 * $i, 1 + $i % 2), [1, 2, 3, 4]);
            self::assertEquals((new UnitedLine($looks))->findings, (new UnitedLine(array_reverse($looks)))->findings);
            self::assertEquals((new UnitedLine($looks))->coverage, (new UnitedLine(array_reverse($looks)))->coverage);
        }
    }

    public function testASecondShorterLookLeavesWhatLiesBeyondItAndFindsGoneWhatItSawThePlaceOf(): void
    {
        $first = RunBuilder::run([
            RunBuilder::finding(Kind::RootClump, 6, ['size' => 40]),
            RunBuilder::finding(Kind::Hole, 22, ['facts' => ['void_seen' => 'yes']]),
        ], reached: 25.0);
        $second = RunBuilder::run([RunBuilder::finding(Kind::RootThreads, 3)], reached: 12.0, ended: EndReason::CannotPass);
        $line = self::united($first, $second);
        self::assertSame(
            ['root_threads 3 ', 'root_clump 6 r2', 'hole 22 '],
            array_map(
                static fn (UnitedFinding $thing) => $thing->newest->finding->kind->value.' '.$thing->newest->finding->from->metres.' '
                    .$thing->goneSince,
                $line->findings,
            ),
        );
        $portion = Portion::of([self::laid('r1', $first), self::laid('r2', $second)], $line);
        self::assertTrue($portion->isWhollySeen(), 'the first look saw all of it');
        self::assertSame('r1', $portion->run->id);
    }

    public function testWhatNoLookSawIsAGapWithItsSight(): void
    {
        $wet = RunBuilder::finding(Kind::LowSpot, 4, ['to_m' => 6, 'size' => 90, 'facts' => ['lens_under' => 'yes', 'water' => 'off']]);
        $run = RunBuilder::run([$wet], expected: 20.0, reached: 11.0, ended: EndReason::CannotPass);
        $portion = Portion::of([self::laid('r1', $run)], self::united($run));
        self::assertSame(
            [[4.0, 6.0, Sight::Submerged], [11.0, 20.0, Sight::Unreached]],
            array_map(static fn ($gap) => [$gap->from->metres, $gap->to->metres, $gap->sight], $portion->gaps),
        );
        self::assertFalse($portion->isOpenEnded);
        $dry = RunBuilder::run([], reached: 8.0, ended: EndReason::CannotPass);
        $again = Portion::of([self::laid('r1', $run), self::laid('r2', $dry)], self::united($run, $dry));
        self::assertSame([11.0], array_map(static fn ($gap) => $gap->from->metres, $again->gaps), 'seen with the water gone');
    }

    private static function laid(string $id, RunRecord $record): LaidRun
    {
        return LaidRun::along($id, (float) substr($id, 1), 'yard', $record, null);
    }

    private static function united(RunRecord ...$records): UnitedLine
    {
        $looks = [];
        foreach ($records as $record) {
            $looks[] = self::laid('r'.(\count($looks) + 1), $record)->look();
        }

        return new UnitedLine($looks);
    }

    private static function look(int $seed, int $at): Look
    {
        return LaidRun::along('l'.$seed, $at, 'yard', RunBuilder::random($seed), null)->look();
    }

    private static function with(UnitedLine $line, string $sighting): UnitedFinding
    {
        foreach ($line->findings as $thing) {
            if (\in_array($sighting, $thing->sightings, true)) {
                return $thing;
            }
        }
        self::fail($sighting.' is lost');
    }

    /** Metres seen so well, or better. */
    private static function metres(UnitedLine $line, int|false $worst): float
    {
        $metres = 0.0;
        foreach ($line->coverage as $span) {
            $metres += array_search($span->sight, Sight::cases(), true) <= $worst ? $span->to - $span->from : 0.0;
        }

        return $metres;
    }
}
