<?php

declare(strict_types=1);

namespace Jurvex\Core\Sketch;

use Jurvex\Core\Finding\Material;

/** Starting points for common buildings: sketches of guesses that are then altered. */
enum Building: string
{
    case SlabBath = 'slab_bath';
    case CrawlSpace = 'crawl_space';
    case Basement = 'basement';
    case Flats = 'flats';
    case Shop = 'shop';
    case Bare = 'bare';

    private const OPENING_MM = 102.0;

    /** @param ?int $year of building */
    public function sketch(?int $year): Sketch
    {
        $fixture = static fn (FixtureKind $kind, float $level = 0.0) => Node::fixture(
            $kind->value,
            $kind,
            '',
            new Known($level + $kind->usualLevel()),
        );

        return match ($this) {
            self::Bare => Sketch::bare(),
            self::SlabBath => self::line($year, 14.0, ['cleanout', 4.0], [
                [
                    10.0,
                    $fixture(FixtureKind::Toilet),
                    1.5,
                ], [10.8, $fixture(FixtureKind::Basin), 2.0], [
                    11.5,
                    $fixture(FixtureKind::Shower),
                    2.0,
                ], [12.5, $fixture(FixtureKind::Sink), 4.0],
            ]),
            self::CrawlSpace => self::line($year, 16.0, ['cleanout', 6.0], [
                [
                    10.0,
                    $fixture(FixtureKind::Toilet, 0.6),
                    2.0,
                ], [11.0, $fixture(FixtureKind::Bath, 0.6), 2.5], [13.0, $fixture(FixtureKind::Sink, 0.6), 5.0], [
                    14.0,
                    $fixture(FixtureKind::Washer, 0.6),
                    3.0,
                ],
            ]),
            self::Basement => self::line($year, 18.0, ['cleanout', 7.5], [
                [8.5, $fixture(FixtureKind::FloorDrain), 2.0], [10.0, $fixture(FixtureKind::Washer), 3.0], [
                    12.0,
                    $fixture(FixtureKind::Toilet, 2.7),
                    4.5,
                ], [12.6, $fixture(FixtureKind::Sink, 2.7), 6.0],
            ]),
            self::Flats => self::flats($year),
            self::Shop => self::line($year, 20.0, ['chamber', 5.0], [
                [9.0, $fixture(FixtureKind::GreaseTrap), 3.0], [
                    12.0,
                    $fixture(FixtureKind::FloorDrain),
                    2.5,
                ], [15.0, $fixture(FixtureKind::Toilet), 3.0], [16.0, $fixture(FixtureKind::Basin), 2.0],
            ]),
        };
    }

    /**
     * A straight line to the main with branches.
     *
     * @param array{string, float}            $opening  its kind, and metres from the main
     * @param list<array{float, Node, float}> $fixtures metres from the main, the fixture, and the length of its own pipe; farther up each time
     */
    private static function line(?int $year, float $metres, array $opening, array $fixtures): Sketch
    {
        $last = array_pop($fixtures) ?? throw new \LogicException('A building has a fixture.');
        $sketch = self::withLine($year, $metres, $last[1]);
        $bottom = 'line';
        [$kind, $end] = $opening;
        $sketch = $sketch->redraw()->split($bottom, $end, self::opening($kind));
        foreach ($fixtures as [$up, $fixture, $own]) {
            $sketch = $sketch->redraw()->withFixture($fixture, self::own($year, $fixture, $own), $bottom, $up - $end, $fixture->id.'-join');
            // What was the line's upper part keeps its name; the next branch is farther up, beyond this junction.
            $end = $up;
        }

        return $sketch;
    }

    private static function withLine(?int $year, float $metres, Node $top): Sketch
    {
        $material = HouseTables::material($year, true);
        $line = new Pipe(
            'line', $top->id, 'main', new Known($metres), new Known(HouseTables::bore($material, 4.0)->inMillimetres()),
            $material,
        );

        return new Sketch([Node::outlet('main'), $top], [$line]);
    }

    private static function flats(?int $year): Sketch
    {
        $sketch = self::withLine($year, 12.0, Node::junction('foot'));
        $sketch = $sketch->redraw()->split('line', 3.0, self::opening('chamber'));
        $inside = HouseTables::material($year, false);
        $above = 'foot';
        for ($floor = 1; $floor <= 3; ++$floor) {
            $level = 3.0 * ($floor - 1);
            $top = 3 === $floor
                ? Node::opening(
                    'roof_vent',
                    'roof_vent',
                    '',
                    new Mouth(new Known(HouseTables::bore($inside, 3.0)->inMillimetres()), 'downstream', new Known(2.0)),
                )
                : Node::junction('floor-'.($floor + 1));
            $stack = new Pipe(
                'stack-'.$floor, $top->id, $above, new Known(3.0),
                new Known(HouseTables::bore($inside, 4.0)->inMillimetres()), $inside, down: new Known(Pipe::UPRIGHT),
                bends: 1 === $floor ? [new PipeBend(3.0, 90.0, 150.0)] : [],
            );
            $sketch = new Sketch([...array_values($sketch->nodes), $top], [...array_values($sketch->pipes), $stack]);
            foreach ([[FixtureKind::Toilet, 1.5], [FixtureKind::Sink, 2.5]] as [$kind, $own]) {
                $fixture = Node::fixture($kind->value.'-'.$floor, $kind, '', new Known($level + $kind->usualLevel()));
                $sketch = $sketch->redraw()->withFixture(
                    $fixture, self::own($year, $fixture, $own, $inside), $stack->id,
                    FixtureKind::Toilet === $kind ? 0.4 : 0.2, $fixture->id.'-join',
                );
            }
            $above = $top->id;
        }

        return $sketch;
    }

    private static function own(?int $year, Node $fixture, float $metres, ?Material $material = null): Pipe
    {
        $material ??= HouseTables::material($year, true);

        return new Pipe(
            $fixture->id.'-pipe', $fixture->id, '', new Known($metres),
            new Known(HouseTables::bore($material, FixtureKind::from($fixture->what)->usualTradeSize())->inMillimetres()),
            $material,
        );
    }

    private static function opening(string $kind): Node
    {
        return Node::opening(
            $kind,
            $kind,
            '',
            new Mouth(
                new Known('chamber' === $kind ? 225.0 : self::OPENING_MM), 'chamber' === $kind ? 'both' : 'downstream',
                new Known(0.6), 45.0, 150.0,
            ),
        );
    }
}
