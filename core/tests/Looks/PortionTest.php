<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Looks;

use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Judge\PlacedVerdict;
use Jurvex\Core\Judge\Stretch;
use Jurvex\Core\Judge\Verdict;
use Jurvex\Core\LineMap\Faces;
use Jurvex\Core\Looks\LaidRun;
use Jurvex\Core\Looks\Portion;
use Jurvex\Core\Looks\UnitedLine;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Run\Boundary;
use Jurvex\Core\Run\Division;
use Jurvex\Core\Run\EndReason;
use Jurvex\Core\Run\Sight;
use Jurvex\Core\Run\SightSpan;
use Jurvex\Core\Run\Travel;
use Jurvex\Core\Sketch\FixtureKind;
use Jurvex\Core\Sketch\Joins;
use Jurvex\Core\Sketch\Known;
use Jurvex\Core\Sketch\Mouth;
use Jurvex\Core\Sketch\Node;
use Jurvex\Core\Sketch\Pipe;
use Jurvex\Core\Sketch\RunWay;
use Jurvex\Core\Sketch\Sketch;
use Jurvex\Core\Sketch\Source;
use Jurvex\Core\Tests\RunBuilder;
use PHPUnit\Framework\TestCase;

/** What is known of the line from one opening, stretch by stretch. */
final class PortionTest extends TestCase
{
    public function testItIsCutWhereTheMapDividesTheLineAndWhereSomebodySawIt(): void
    {
        $portion = self::portion([self::look('first', [], 20.0, EndReason::MainReached)]);
        self::assertSame(
            [['zero', 0.0, 'tie_in'], ['tie_in', 8.0, 'main_reached']],
            self::told($portion->stretches([], [])),
        );
        $seen = new Division(Length::metres(13.0), Boundary::Transition);
        $again = new Division(Length::metres(7.6), Boundary::Transition);
        self::assertSame(
            [['zero', 0.0, 'transition'], ['transition', 7.6, 'transition'], ['transition', 13.0, 'main_reached']],
            self::told($portion->stretches([$seen, $again], [])),
            'what was seen counts where the map has something within half a metre',
        );
        self::assertCount(2, $portion->stretches([new Division(Length::metres(0.4), Boundary::TieIn)], []), 'not at its beginning');
        self::assertCount(2, $portion->stretches([new Division(Length::metres(19.8), Boundary::Tap)], []), 'nor at its very end');
    }

    public function testAMapThatOnlyGuessesDividesNothing(): void
    {
        $sketch = self::tied(Source::Guessed);
        $run = RunBuilder::run([], reached: 20.0, ended: EndReason::MainReached);
        $portion = self::portion([LaidRun::along('first', 1.0, 'yard', $run, RunWay::along($sketch, 'yard', Travel::Downstream))]);
        self::assertSame([['zero', 0.0, 'main_reached']], self::told($portion->stretches([], [])));
    }

    public function testAFindingDecidesItsOwnStretchOnly(): void
    {
        $portion = self::portion([self::look('first', [], 20.0, EndReason::MainReached)]);
        foreach ([[3.0, 3.0, [0]], [7.0, 9.0, [0, 1]], [8.0, 8.0, [1]], [20.0, 20.0, [1]]] as [$from, $to, $bad]) {
            $found = [new PlacedVerdict('hole', Length::metres($from), Length::metres($to), Verdict::DoesNotPass)];
            foreach ($portion->stretches([], $found) as $i => $stretch) {
                self::assertSame(\in_array($i, $bad, true) ? Verdict::DoesNotPass : Verdict::Passes, $stretch->verdict, $from.' in '.$i);
                self::assertSame(\in_array($i, $bad, true) ? ['hole'] : [], $stretch->because);
            }
        }
    }

    public function testWhatNobodySawIsInOneStretchEach(): void
    {
        $short = self::look('first', [RunBuilder::finding(Kind::SightLimited, 6.0, ['to_m' => 9.0])], 11.0, EndReason::RodOut);
        $portion = self::portion([$short]);
        self::assertSame([20.0, Boundary::LineEnd], [$portion->end->metres, $portion->ends]);
        self::assertSame(
            [[2.0, 0.0, Verdict::NotFullySeen], [1.0, 9.0, Verdict::NotFullySeen]],
            array_map(
                static fn (Stretch $each) => [$each->dimMetres, $each->unreachedMetres, $each->verdict], $portion->stretches([], []),
            ),
        );
        $other = self::portion([$short, self::look('second', [], 20.0, EndReason::MainReached)]);
        self::assertSame([Verdict::Passes, Verdict::Passes], array_column($other->stretches([], []), 'verdict'), 'the second saw the rest');
    }

    public function testWithoutAMapItEndsWhereTheLookDid(): void
    {
        $run = LaidRun::along('alone', 1.0, 'yard', RunBuilder::run([], reached: 12.0, ended: EndReason::RodOut), null);
        $portion = Portion::of([$run], new UnitedLine([$run->look()]));
        self::assertSame(
            [['zero', 0.0, 'run_end'], ['run_end', 12.0, 'unknown']], self::told($portion->stretches([], [])),
        );
        self::assertTrue($portion->isOpenEnded);
        self::assertFalse($portion->isWhollySeen());
        self::assertTrue(self::portion([self::look('first', [], 20.0, EndReason::MainReached)])->isWhollySeen());
        self::assertFalse(self::portion([self::look('first', [], 11.0, EndReason::RodOut)])->isWhollySeen());
    }

    public function testStretchesCoverThePortionOnceAndItsGapsWholly(): void
    {
        for ($seed = 0; $seed < 100; ++$seed) {
            $record = RunBuilder::random($seed);
            $run = LaidRun::along('of chance', 1.0, 'yard', $record, null);
            $portion = Portion::of([$run], new UnitedLine([$run->look()]));
            $divisions = array_map(static fn (Finding $each) => new Division($each->from, Boundary::TieIn), $record->findings);
            $at = $unseen = 0.0;
            foreach ($portion->stretches($divisions, []) as $stretch) {
                self::assertSame($at, $stretch->starts->at->metres, 'seed '.$seed);
                $at = $stretch->to->metres ?? $at;
                $unseen += $stretch->dimMetres + $stretch->submergedMetres + $stretch->unreachedMetres;
            }
            self::assertEqualsWithDelta($portion->end->metres, $at, 1e-9);
            $gaps = array_filter($portion->gaps, static fn (SightSpan $gap) => Sight::Seen !== $gap->sight);
            self::assertEqualsWithDelta(
                array_sum(array_map(static fn (SightSpan $gap) => $gap->lengthMetres(), $gaps)), $unseen, 1e-9, 'seed '.$seed,
            );
        }
    }

    /** From the yard 8 m to where a sink joins, 12 m on to the main. */
    private static function tied(Source $known = Source::Measured): Sketch
    {
        $bore = new Known(100.0);

        return new Sketch(
            [
                Node::opening('yard', 'cleanout', '', new Mouth($bore, Faces::Both)), Node::fixture('sink', FixtureKind::Sink, ''),
                Node::junction('join'), Node::outlet('main'),
            ],
            [
                new Pipe('upper', 'yard', 'join', new Known(8.0, $known), $bore),
                new Pipe('side', 'sink', 'join', new Known(3.0, $known), $bore, joins: Joins::Wye),
                new Pipe('lower', 'join', 'main', new Known(12.0, $known), $bore),
            ],
        );
    }

    /** @param list<Finding> $findings */
    private static function look(string $id, array $findings, float $reached, EndReason $ended): LaidRun
    {
        return LaidRun::along(
            $id, 'first' === $id ? 1.0 : 2.0, 'yard', RunBuilder::run($findings, reached: $reached, ended: $ended),
            RunWay::along(self::tied(), 'yard', Travel::Downstream),
        );
    }

    /** @param non-empty-list<LaidRun> $runs */
    private static function portion(array $runs): Portion
    {
        return Portion::of($runs, new UnitedLine(array_map(static fn (LaidRun $run) => $run->look(), $runs)));
    }

    /**
     * @param list<Stretch> $stretches
     *
     * @return list<array{string, float, string}>
     */
    private static function told(array $stretches): array
    {
        return array_map(
            static fn (Stretch $each) => [$each->starts->boundary->value, $each->starts->at->metres, $each->ends->value], $stretches,
        );
    }
}
