<?php

declare(strict_types=1);

namespace App\Demo;

use App\Record\Opening;
use Jurvex\Core\Finding\Material;
use Jurvex\Core\Sketch\FixtureKind;
use Jurvex\Core\Sketch\Joins;
use Jurvex\Core\Sketch\Known;
use Jurvex\Core\Sketch\Node;
use Jurvex\Core\Sketch\Pipe;
use Jurvex\Core\Sketch\PipeBend;
use Jurvex\Core\Sketch\Sketch;
use Jurvex\Core\Sketch\Source;

/** Line maps of the demo's properties, made round the openings of their jobs. */
final class DemoMaps
{
    /** The line that the runs were on, and what nobody has looked at. */
    public static function potteryStudio(Opening $yard, Opening $vent, Opening $floor): Sketch
    {
        $sketch = new Sketch([Node::outlet('main'), self::fixture('toilet', FixtureKind::Toilet, 'Studio toilet', 0.4)], [
            self::pipe('line', 'toilet', 'main', 36.4, Source::Told, 100, Material::Clay, Source::Told),
        ]);
        $sketch = $sketch->redraw()->split('line', 31.4, self::node($yard));
        $lower = $yard->id.'+';
        $sketch = $sketch->withPipe(
            $sketch->pipes[$lower]->with(length: new Known(31.4, Source::Record), bends: [new PipeBend(6.2, 22.5, 150, Source::Seen)]),
        );
        $sketch = $sketch->redraw()->withFixture(
            self::fixture('glaze', FixtureKind::Sink, 'Glaze sink', 0.9),
            self::own('glaze', 3.2, 78, Material::PvcWelded, Source::Proved, 'Glaze sink'), $lower, 31.4 - 8.6,
            'glaze-join',
        );
        $sketch = $sketch->redraw()->withFixture(
            self::fixture('kitchen', FixtureKind::Sink, 'Kitchen', 0.9),
            self::own('kitchen', 6.0, 52, Material::Unknown, Source::Guessed), 'glaze-join+', 3.2, 'kitchen-join',
        );
        $sketch = $sketch->redraw()->split('line', 1.6, self::node($floor));

        return $sketch->redraw()->split('line', 1.0, self::node($vent));
    }

    public static function campSite(Opening $chamber): Sketch
    {
        $sketch = new Sketch([Node::outlet('tank', 'tank'), self::fixture('showers', FixtureKind::Shower, 'Shower row', 0.1)], [
            self::pipe('line', 'showers', 'tank', 42.0, Source::Guessed, 100, Material::PvcGasketed, Source::Guessed),
        ]);
        $sketch = $sketch->redraw()->split('line', 22.0, self::node($chamber));
        foreach ([['toilets', FixtureKind::Toilet, 'Toilets', 4.0, 5.0, 102.0], [
            'sinks', FixtureKind::Sink, 'Washing-up sinks', 4.0, 4.0, 52.0,
        ]] as [$id, $kind, $name, $up, $length, $bore]) {
            $sketch = $sketch->redraw()->withFixture(
                self::fixture($id, $kind, $name, $kind->usualLevel()),
                self::own($id, $length, $bore, Material::PvcWelded, Source::Guessed), 'line', $up, $id.'-join',
            );
        }

        return $sketch;
    }

    public static function terracedHouse(Opening $chamber): Sketch
    {
        $sketch = new Sketch([Node::outlet('main'), self::fixture('scullery', FixtureKind::Sink, 'Scullery', 0.9)], [
            self::pipe('line', 'scullery', 'main', 27.5, Source::Told, 100, Material::Clay, Source::Guessed)->with(shared: 'Number 14'),
        ]);
        $sketch = $sketch->redraw()->split('line', 10.0, self::node($chamber));

        return $sketch->redraw()->withFixture(
            self::fixture('privy', FixtureKind::Toilet, 'Yard toilet', 0.4),
            self::own('privy', 2.5, 100, Material::Clay, Source::Guessed), 'line', 9.0, 'privy-join',
        );
    }

    /** A cleanout and a chamber 18 m apart, and a branch between them that both cameras came by. */
    public static function cooperage(Opening $cleanout, Opening $chamber): Sketch
    {
        $sketch = new Sketch([Node::outlet('main'), self::fixture('vat', FixtureKind::Sink, 'Vat room', 0.4)], [
            self::pipe('line', 'vat', 'main', 26.0, Source::Told, 100, Material::CastIron, Source::Told),
        ]);
        $sketch = $sketch->redraw()->split('line', 24.0, self::node($cleanout));
        $between = $cleanout->id.'+';
        $sketch = $sketch->redraw()->split($between, 6.0, self::node($chamber));

        return $sketch->redraw()->withFixture(
            self::fixture('steam', FixtureKind::Unknown, 'Steam box', 0.9),
            self::own('steam', 3.0, 78, Material::CastIron, Source::Guessed), $between, 10.0, 'steam-join',
        );
    }

    private static function node(Opening $opening): Node
    {
        $opening->placeAt($opening->id);

        return Node::opening($opening->id, $opening->details()->kind->value, $opening->details()->place, $opening->details()->mouth());
    }

    private static function fixture(string $id, FixtureKind $kind, string $name, float $level): Node
    {
        return Node::fixture($id, $kind, $name, new Known($level, Source::Told));
    }

    private static function pipe(
        string $id, string $from, string $to, float $metres, Source $lengthSource, float $boreMm, Material $material,
        Source $materialSource,
    ): Pipe {
        return new Pipe($id, $from, $to, new Known($metres, $lengthSource), new Known($boreMm, $lengthSource), $material, $materialSource);
    }

    private static function own(string $id, float $metres, float $boreMm, Material $material, Source $tied, string $proof = ''): Pipe
    {
        return new Pipe(
            $id.'-pipe', $id, '', new Known($metres), new Known($boreMm), $material, joins: Joins::Wye, tied: $tied,
            proof: $proof,
        );
    }
}
