<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Sketch;

use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Finding\Material;
use Jurvex\Core\LineMap\Faces;
use Jurvex\Core\Run\Travel;
use Jurvex\Core\Sketch\FixtureKind;
use Jurvex\Core\Sketch\Joins;
use Jurvex\Core\Sketch\Known;
use Jurvex\Core\Sketch\Mouth;
use Jurvex\Core\Sketch\Node;
use Jurvex\Core\Sketch\Pipe;
use Jurvex\Core\Sketch\RunWay;
use Jurvex\Core\Sketch\Sketch;
use Jurvex\Core\Sketch\TieInMatch;
use Jurvex\Core\Tests\RunBuilder;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A yard opening, a sink joining at 4 m, a tub at 6 m, the lane opening at 12 m, the main at 20 m. */
final class TieInMatchTest extends TestCase
{
    /** @return array<string, array{list<array{Kind, float}>, array<string, float>, list<float>}> seen, matched by node, left */
    public static function looks(): array
    {
        return [
            'each its own' => [[[Kind::TieIn, 4.1], [Kind::TieIn, 5.9]], ['sink' => 4.1, 'tub' => 5.9], []],
            'the nearest and not the first' => [[[Kind::TieIn, 5.2]], ['tub' => 5.2], []],
            'the nearest and not the last' => [[[Kind::TieIn, 4.8]], ['sink' => 4.8], []],
            'one junction is one thing' => [[[Kind::TieIn, 5.9], [Kind::TieIn, 6.1]], ['tub' => 5.9], [6.1]],
            'none behind one that was passed' => [[[Kind::TieIn, 5.3], [Kind::TieIn, 5.5]], ['tub' => 5.3], [5.5]],
            'two metres off it may be' => [[[Kind::TieIn, 2.0]], ['sink' => 2.0], []],
            'more than two it is another' => [[[Kind::TieIn, 1.99]], [], [1.99]],
            'far out a quarter of the way' => [[[Kind::OpeningSeen, 15.0]], ['lane' => 15.0], []],
            'and no more' => [[[Kind::OpeningSeen, 15.01]], [], []],
            'an opening is no tie-in' => [[[Kind::TieIn, 12.0]], [], [12.0]],
            'a tie-in is no opening' => [[[Kind::OpeningSeen, 4.0]], [], []],
            'nothing else is asked' => [[[Kind::Bend, 4.0]], [], []],
        ];
    }

    /**
     * @param list<array{Kind, float}> $seen
     * @param array<string, float> $matched
     * @param list<float> $left
     */
    #[DataProvider('looks')]
    public function testWhatWasSeenIsTheNearestThatTheMapHasThere(array $seen, array $matched, array $left): void
    {
        $findings = array_map(static fn (array $each) => RunBuilder::finding($each[0], $each[1]), $seen);
        $match = new TieInMatch(self::map(), $findings, RunWay::along(self::map(), 'yard', Travel::Downstream));
        $at = static fn (Finding $finding) => $finding->from->metres;
        self::assertSame([$matched, $left], [array_map($at, $match->matched), array_map($at, $match->unmatched)]);
    }

    public function testOneThatWasTakenOverIsItselfAndNothingElses(): void
    {
        $seen = RunBuilder::finding(Kind::TieIn, 5.0);
        $map = self::map('seen-'.$seen->id.'-join');
        $way = RunWay::along($map, 'yard', Travel::Downstream);
        self::assertSame(['seen-'.$seen->id.'-join'], array_keys((new TieInMatch($map, [$seen], $way))->matched));
        // What another run saw beside it is no proof of it.
        self::assertSame([], (new TieInMatch($map, [RunBuilder::finding(Kind::TieIn, 3.5)], $way))->matched);
    }

    private static function map(string $first = 'sink'): Sketch
    {
        $pipe = static fn (string $from, string $to, float $metres) => new Pipe(
            $from.'+', $from, $to, new Known($metres), new Known(100.0), Material::Clay,
        );
        $opening = static fn (string $id) => Node::opening(
            $id, 'cleanout', '', new Mouth(new Known(100.0), Faces::Both, new Known(0.0), 45.0, 150.0),
        );

        return new Sketch(
            [
                Node::outlet('main'), $opening('yard'), $opening('lane'), Node::junction($first), Node::junction('tub'),
                Node::fixture('a', FixtureKind::Sink, ''), Node::fixture('b', FixtureKind::Sink, ''),
            ],
            [
                $pipe('yard', $first, 4.0), $pipe($first, 'tub', 2.0), $pipe('tub', 'lane', 6.0), $pipe('lane', 'main', 8.0),
                $pipe('a', $first, 3.0)->with(joins: Joins::Tee), $pipe('b', 'tub', 3.0)->with(joins: Joins::Tee),
            ],
        );
    }
}
