<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests;

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
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Properties made by chance, the same for the same seed. */
final class SketchBuilder
{
    public static function byChance(int $seed, int $parts): Sketch
    {
        $chance = new Randomizer(new Mt19937($seed));
        $sketch = new Sketch(
            [Node::outlet('main'), Node::fixture('first', FixtureKind::Toilet, '')],
            [self::pipe($chance, 'first-pipe', 'first', 'main', 20.0)],
        );
        for ($i = 0; $i < $parts; ++$i) {
            $pipes = array_values($sketch->pipes);
            $at = $pipes[$chance->getInt(0, \count($pipes) - 1)];
            $up = $at->length->value * $chance->getInt(1, 9) / 10;
            $sketch = match ($chance->getInt(0, 4)) {
                0 => $sketch->redraw()->split(
                    $at->id,
                    $up,
                    Node::opening(
                        'opening-'.$i,
                        'cleanout',
                        '',
                        new Mouth(
                            new Known([78.0, 102.0, 150.0][$chance->getInt(0, 2)]),
                            [Faces::Downstream, Faces::Both][$chance->getInt(0, 1)], new Known($chance->getInt(0, 20) / 10), 45.0,
                            150.0,
                        ),
                    ),
                ),
                1 => $sketch->redraw()->withFixture(
                    Node::fixture('fixture-'.$i, FixtureKind::Sink, ''),
                    self::pipe($chance, 'fixture-'.$i.'-pipe', 'fixture-'.$i, '', 4.0)->with(joins: Joins::Tee),
                    $at->id, $up, 'join-'.$i,
                ),
                default => $sketch->redraw()->withFixture(
                    Node::fixture('fixture-'.$i, FixtureKind::Toilet, ''),
                    self::pipe($chance, 'fixture-'.$i.'-pipe', 'fixture-'.$i, '', 9.0), $at->id, $up, 'join-'.$i,
                ),
            };
        }

        return $sketch;
    }

    private static function pipe(Randomizer $chance, string $id, string $from, string $to, float $longest): Pipe
    {
        $length = $chance->getInt(5, (int) ($longest * 10)) / 10;
        $bends = 0 === $chance->getInt(0, 1) ? [] : [new PipeBend($length / 2, [22.5, 45.0, 90.0][$chance->getInt(0, 2)], 180.0)];

        return new Pipe(
            $id, $from, $to, new Known($length), new Known([78.0, 102.0, 102.0, 150.0][$chance->getInt(0, 3)]),
            Material::cases()[$chance->getInt(0, 9)], bends: $bends,
        );
    }
}
