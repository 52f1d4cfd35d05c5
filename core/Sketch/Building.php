<?php

declare(strict_types=1);

namespace Jurvex\Core\Sketch;

use Jurvex\Core\Finding\Material;
use Jurvex\Core\LineMap\Faces;

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
        return match ($this) {
            self::Bare => Sketch::bare(),
            self::Flats => self::flats($year),
            self::SlabBath => self::line($year, 14.0, 'cleanout', 4.0, $this->fixtures()),
            self::CrawlSpace => self::line($year, 16.0, 'cleanout', 6.0, $this->fixtures()),
            self::Basement => self::line($year, 18.0, 'cleanout', 7.5, $this->fixtures()),
            self::Shop => self::line($year, 20.0, 'chamber', 5.0, $this->fixtures()),
        };
    }

    /** @return list<FixtureAlong> of a building with one straight line, farther up each time */
    private function fixtures(): array
    {
        return match ($this) {
            self::SlabBath => [
                new FixtureAlong(10.0, FixtureKind::Toilet, 1.5), new FixtureAlong(10.8, FixtureKind::Basin, 2.0),
                new FixtureAlong(11.5, FixtureKind::Shower, 2.0), new FixtureAlong(12.5, FixtureKind::Sink, 4.0),
            ],
            self::CrawlSpace => [
                new FixtureAlong(10.0, FixtureKind::Toilet, 2.0, 0.6), new FixtureAlong(11.0, FixtureKind::Bath, 2.5, 0.6),
                new FixtureAlong(13.0, FixtureKind::Sink, 5.0, 0.6), new FixtureAlong(14.0, FixtureKind::Washer, 3.0, 0.6),
            ],
            self::Basement => [
                new FixtureAlong(8.5, FixtureKind::FloorDrain, 2.0), new FixtureAlong(10.0, FixtureKind::Washer, 3.0),
                new FixtureAlong(12.0, FixtureKind::Toilet, 4.5, 2.7), new FixtureAlong(12.6, FixtureKind::Sink, 6.0, 2.7),
            ],
            self::Shop => [
                new FixtureAlong(9.0, FixtureKind::GreaseTrap, 3.0), new FixtureAlong(12.0, FixtureKind::FloorDrain, 2.5),
                new FixtureAlong(15.0, FixtureKind::Toilet, 3.0), new FixtureAlong(16.0, FixtureKind::Basin, 2.0),
            ],
            self::Bare, self::Flats => [],
        };
    }

    /**
     * A straight line to the main with branches.
     *
     * @param float $end metres from the main to the opening
     * @param list<FixtureAlong> $fixtures farther up each time; the last is the line's own
     */
    private static function line(?int $year, float $metres, string $opening, float $end, array $fixtures): Sketch
    {
        $last = array_pop($fixtures) ?? throw new \LogicException('A building has a fixture.');
        $sketch = self::withLine($year, $metres, $last->node)->redraw()->split('line', $end, self::opening($opening));
        foreach ($fixtures as $fixture) {
            $own = self::own($year, $fixture->node, $fixture->own);
            $join = $fixture->node->id.'-join';
            $sketch = $sketch->redraw()->withFixture($fixture->node, $own, 'line', $fixture->at - $end, $join);
            // What was the line's upper part keeps its name; the next branch is farther up, beyond this junction.
            $end = $fixture->at;
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
                    new Mouth(new Known(HouseTables::bore($inside, 3.0)->inMillimetres()), Faces::Downstream, new Known(2.0)),
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
                new Known('chamber' === $kind ? 225.0 : self::OPENING_MM), 'chamber' === $kind ? Faces::Both : Faces::Downstream,
                new Known(0.6), 45.0, 150.0,
            ),
        );
    }
}
