<?php

declare(strict_types=1);

namespace App\Demo;

use Jurvex\Core\Finding\Material;
use Jurvex\Core\LineMap\Faces;
use Jurvex\Core\Sketch\FixtureKind;
use Jurvex\Core\Sketch\Joins;
use Jurvex\Core\Sketch\Known;
use Jurvex\Core\Sketch\Mouth;
use Jurvex\Core\Sketch\Node;
use Jurvex\Core\Sketch\Pipe;
use Jurvex\Core\Sketch\PipeBend;
use Jurvex\Core\Sketch\Sketch;

/** A property of 300 pipes with 60 fixtures and 20 openings, for bin/bench: a long line with branches that branch again. */
final class LargeMap
{
    private const BRANCHES = 20;
    private const FORKS_EACH = 2;
    private const PIECES = 300;

    public static function sketch(): Sketch
    {
        $nodes = [Node::outlet('main')];
        $pipes = [];
        $below = 'main';
        for ($i = 0; $i < self::BRANCHES; ++$i) {
            $nodes[] = Node::opening(
                'opening-'.$i,
                'cleanout',
                '',
                new Mouth(new Known(102.0), 0 === $i % 2 ? Faces::Both : Faces::Downstream, new Known(0.6), 45.0, 150.0),
            );
            $nodes[] = Node::junction('join-'.$i);
            $pipes[] = self::pipe('opening-'.$i, $below, 3.0 + $i % 4);
            $pipes[] = self::pipe('join-'.$i, 'opening-'.$i, 2.0);
            self::branch($i, $nodes, $pipes);
            $below = 'join-'.$i;
        }
        // The rest is a line of short lengths above, as cameras make them.
        for ($i = \count($pipes); $i < self::PIECES; ++$i) {
            $nodes[] = Node::junction('piece-'.$i);
            $pipes[] = self::pipe('piece-'.$i, $below, 0.6);
            $below = 'piece-'.$i;
        }

        return new Sketch($nodes, $pipes);
    }

    /**
     * @param list<Node> $nodes
     * @param list<Pipe> $pipes
     */
    private static function branch(int $number, array &$nodes, array &$pipes): void
    {
        $below = 'join-'.$number;
        for ($i = 0; $i < self::FORKS_EACH; ++$i) {
            $fixture = 'fixture-'.$number.'-'.$i;
            $nodes[] = Node::fixture($fixture, FixtureKind::cases()[$i], '', new Known(0.4 + $number % 5));
            $join = 'fork-'.$number.'-'.$i;
            $nodes[] = Node::junction($join);
            $pipes[] = self::pipe($join, $below, 2.5)->with(
                joins: 0 === $i ? Joins::Wye : Joins::Straight,
                bends: [new PipeBend(1.0, 45.0, 150.0)],
            );
            $pipes[] = self::pipe($fixture, $join, 1.2)->with(joins: Joins::Tee, bore: new Known(78.0));
            $below = $join;
        }
        $top = 'fixture-'.$number.'-top';
        $nodes[] = Node::fixture($top, FixtureKind::Shower, '', new Known(0.2 + $number % 5));
        $pipes[] = self::pipe($top, $below, 1.5);
    }

    private static function pipe(string $from, string $to, float $metres): Pipe
    {
        return new Pipe($from.'-pipe', $from, $to, new Known($metres), new Known(102.0), Material::PvcGasketed);
    }
}
