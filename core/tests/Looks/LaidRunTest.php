<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Looks;

use Jurvex\Core\Compare\Fit;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Looks\LaidPiece;
use Jurvex\Core\Looks\LaidRun;
use Jurvex\Core\Looks\Look;
use Jurvex\Core\Looks\PlacedFinding;
use Jurvex\Core\Looks\Portion;
use Jurvex\Core\Looks\SeenSpan;
use Jurvex\Core\Looks\UnitedFinding;
use Jurvex\Core\Looks\UnitedLine;
use Jurvex\Core\Run\Coverage;
use Jurvex\Core\Run\Sight;
use Jurvex\Core\Run\SightSpan;
use Jurvex\Core\Run\Travel;
use Jurvex\Core\Sketch\Known;
use Jurvex\Core\Sketch\Mouth;
use Jurvex\Core\Sketch\Node;
use Jurvex\Core\Sketch\Pipe;
use Jurvex\Core\Sketch\RunWay;
use Jurvex\Core\Sketch\Sketch;
use Jurvex\Core\Sketch\Source;
use Jurvex\Core\Tests\Kept;
use Jurvex\Core\Tests\RunBuilder;
use PHPUnit\Framework\TestCase;

/** A run laid on the property's map: every place of it is a pipe and metres along that. */
final class LaidRunTest extends TestCase
{
    private const LENGTHS = ['first' => 4.0, 'second' => 7.5, 'third' => 5.5];

    public function testTheSamePlaceFromBothEndsIsOnePlace(): void
    {
        $line = self::line(Source::Measured);
        $whole = array_sum(self::LENGTHS);
        foreach ([0.0, 1.0, 3.99, 4.0, 4.5, 11.5, 12.0, 16.9] as $from) {
            $down = self::look($line, 'top', Travel::Downstream, [RunBuilder::finding(Kind::Crack, $from)])->findings[0];
            $up = self::look($line, 'end', Travel::Upstream, [RunBuilder::finding(Kind::Crack, $whole - $from)])->findings[0];
            self::assertSame($down->pipe, $up->pipe, (string) $from);
            self::assertEqualsWithDelta($down->finding->from->metres, $up->finding->from->metres, 1e-9);
            self::assertSame(0.0, round($down->gapTo($up), 6));
        }
        $spot = static fn (float $from, float $to) => [
            RunBuilder::finding(Kind::LowSpot, $from, ['to_m' => $to, 'size' => 30, 'facts' => ['water' => 'off']]),
        ];
        $down = self::look($line, 'top', Travel::Downstream, $spot(5.0, 9.0))->findings[0];
        $up = self::look($line, 'end', Travel::Upstream, $spot($whole - 9.0, $whole - 5.0))->findings[0];
        foreach ([$down, $up] as $each) {
            self::assertSame('second', $each->pipe);
            self::assertEqualsWithDelta([1.0, 5.0], [$each->finding->from->metres, $each->finding->end()->metres], 1e-9, 'from above');
        }
    }

    public function testAPieceOfACounterThatCountsTooMuchLeadsThereAndBack(): void
    {
        foreach ([true, false] as $isDown) {
            $piece = new LaidPiece('p', 3.0, 14.0, $isDown, stretch: 1.1);
            foreach ([0.0, 2.5, 10.0] as $metres) {
                self::assertEqualsWithDelta(($isDown ? 3.0 : 14.0) + ($isDown ? 1.1 : -1.1) * $metres, $piece->onRun($metres), 1e-9);
                self::assertEqualsWithDelta($metres, $piece->onPipe($piece->onRun($metres)), 1e-9);
            }
        }
    }

    public function testAPlaceOnAPipeLiesOnTheRunFromItsZeroOn(): void
    {
        $line = self::line(Source::Measured);
        foreach (['top' => Travel::Downstream, 'end' => Travel::Upstream] as $from => $travel) {
            $record = RunBuilder::run([], reached: 17.0, travel: $travel);
            $run = LaidRun::along('r', 1.0, $from, $record, RunWay::along($line, $from, $travel));
            self::assertNotSame([], $run->pieces);
            foreach ($run->pieces as $piece) {
                foreach ([[0.2, 0.7], [0.7, 0.2], [1.0, 3.0]] as [$one, $other]) {
                    $ends = [max(0.0, $piece->onRun($one)), max(0.0, $piece->onRun($other))];
                    $on = array_map(static fn ($end) => $end->metres, $run->onRun($piece->pipe, $one, $other) ?? []);
                    self::assertSame([min($ends), max($ends)], $on);
                }
            }
            self::assertNull($run->onRun('no pipe of it', 0.0, 1.0));
        }
    }

    public function testRunsOfChanceAreLaidAsTheyWereLookedAt(): void
    {
        $kept = [];
        foreach ([Source::Measured, Source::Guessed] as $source) {
            $line = self::line($source);
            for ($seed = 1; $seed < 60; ++$seed) {
                $record = RunBuilder::random($seed);
                $from = Travel::Downstream === $record->travel ? 'top' : 'end';
                $run = LaidRun::along('r', 1.0, $from, $record, RunWay::along($line, $from, $record->travel, 0.7 * ($seed % 2)));
                $united = new UnitedLine([$run->look()]);
                $portion = Portion::of([$run], $united);
                $kept[$source->value.' '.$seed] = hash('crc32b', (string) json_encode([
                    array_map(static fn (PlacedFinding $placed) => [
                        $placed->pipes(), round($placed->finding->from->metres, 6), round($placed->finding->end()->metres, 6),
                    ], $run->look()->findings),
                    array_map(
                        static fn (SeenSpan $span) => [$span->pipe, round($span->from, 6), round($span->to, 6), $span->sight],
                        $united->coverage,
                    ),
                    array_map(
                        static fn (SightSpan $gap) => [round($gap->from->metres, 6), round($gap->to->metres, 6), $gap->sight],
                        $portion->gaps,
                    ),
                    $portion->isOpenEnded, $portion->ends, round($portion->end->metres, 6),
                ]));
            }
        }
        Kept::assertSame('looks', $kept);
    }

    public function testOneThingOnEitherSideOfWhereTwoPipesMeetIsOne(): void
    {
        $line = self::line(Source::Measured);
        $whole = array_sum(self::LENGTHS);
        foreach ([[3.8, 4.2, 1], [4.2, 3.8, 1], [3.75, 4.25, 1], [3.6, 4.2, 2], [11.3, 11.7, 1]] as [$one, $other, $many]) {
            $down = self::look($line, 'top', Travel::Downstream, [RunBuilder::finding(Kind::RootCords, $one)]);
            $up = self::look($line, 'end', Travel::Upstream, [RunBuilder::finding(Kind::RootThreads, $whole - $other)], 2.0);
            self::assertEqualsWithDelta(abs($one - $other), $down->findings[0]->startsApart($up->findings[0]), 1e-9);
            foreach ([[$down, $up], [$up, $down]] as $looks) {
                $there = array_filter((new UnitedLine($looks))->findings, static fn (UnitedFinding $thing) => $thing->isThere());
                // Two things: the later look saw the place of the first one and did not find it.
                self::assertSame([1, 3 - $many], [\count($there), \count(array_values($there)[0]->sightings)], $one.' and '.$other);
            }
        }
        $first = new PlacedFinding('first', RunBuilder::finding(Kind::Crack, 1.0));
        self::assertSame(\INF, $first->gapTo(new PlacedFinding('elsewhere', RunBuilder::finding(Kind::Crack, 1.0))));
    }

    public function testWhatNobodyMeasuredLiesWhereItsOwnOpeningSawItAndNowhereElse(): void
    {
        $line = self::line(Source::Guessed);
        $down = self::look($line, 'top', Travel::Downstream, [RunBuilder::finding(Kind::Crack, 5.0)])->findings[0];
        $up = self::look($line, 'end', Travel::Upstream, [RunBuilder::finding(Kind::Crack, 12.0)])->findings[0];
        self::assertNotSame($down->pipe, $up->pipe);
    }

    public function testByAnotherCounterEveryEndOfAFindingIsWhereThePipeHasIt(): void
    {
        $line = self::line(Source::Seen);
        $way = RunWay::along($line, 'top', Travel::Downstream);
        foreach ([0.0, 1.1] as $from) {
            $record = RunBuilder::run([RunBuilder::finding(Kind::LowSpot, $from, ['to_m' => 2.2])], reached: 17.0);
            $laid = LaidRun::along('r', 1.0, 'top', $record, $way, Fit::by(0.0, 1.1))->look()->findings[0]->finding;
            self::assertEqualsWithDelta($from / 1.1, $laid->from->metres, 1e-9);
            self::assertEqualsWithDelta(2.0, $laid->end()->metres, 1e-9);
        }
    }

    public function testNothingThatWasSeenIsLostWhenItIsLaid(): void
    {
        $line = self::line(Source::Seen);
        for ($seed = 1; $seed <= 60; ++$seed) {
            $record = RunBuilder::random($seed);
            $from = Travel::Downstream === $record->travel ? 'top' : 'end';
            $laid = LaidRun::along('r'.$seed, 1.0, $from, $record, RunWay::along($line, $from, $record->travel));
            self::assertSame($from.'/'.$record->travel->value, $laid->portion());
            $look = $laid->look();
            foreach ([Sight::Seen, Sight::Dim, Sight::Submerged] as $sight) {
                $metres = array_sum(array_map(
                    static fn (SeenSpan $span) => $span->sight === $sight ? $span->to - $span->from : 0.0, $look->spans,
                ));
                self::assertEqualsWithDelta(Coverage::of($record)->metres($sight), $metres, 1e-9, 'seed '.$seed);
            }
            $names = array_map(static fn ($placed) => $placed->finding->id, $look->findings);
            self::assertSame(array_column($record->findings, 'id'), $names);
            foreach ($look->findings as $placed) {
                self::assertLessThanOrEqual($placed->finding->end()->metres, $placed->finding->from->metres);
                $length = self::LENGTHS[$placed->pipe] ?? \INF;
                self::assertLessThanOrEqual($length + 1e-9, $placed->finding->end()->metres, 'ends with its pipe');
            }
        }
    }

    /** @param list<Finding> $findings */
    private static function look(Sketch $line, string $from, Travel $travel, array $findings, float $at = 1.0): Look
    {
        $record = RunBuilder::run($findings, reached: 17.0, travel: $travel);

        return LaidRun::along('r'.$at, $at, $from, $record, RunWay::along($line, $from, $travel))->look();
    }

    private static function line(Source $source): Sketch
    {
        $mouth = new Mouth(new Known(102));
        $nodes = [Node::outlet('main'), Node::opening('top', 'cleanout', '', $mouth), Node::junction('a'), Node::junction('b')];
        $pipes = [new Pipe('last', 'end', 'main', new Known(0.0, $source), new Known(102.0))];
        foreach (['first' => ['top', 'a'], 'second' => ['a', 'b'], 'third' => ['b', 'end']] as $id => [$from, $to]) {
            $pipes[] = new Pipe($id, $from, $to, new Known(self::LENGTHS[$id], $source), new Known(102.0));
        }

        return new Sketch([...$nodes, Node::opening('end', 'chamber', '', $mouth)], $pipes);
    }
}
