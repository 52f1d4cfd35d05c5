<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Sketch;

use Jurvex\Core\Finding\Material;
use Jurvex\Core\Sketch\FixtureKind;
use Jurvex\Core\Sketch\Known;
use Jurvex\Core\Sketch\Node;
use Jurvex\Core\Sketch\Pipe;
use Jurvex\Core\Sketch\PipeBend;
use Jurvex\Core\Sketch\SeenStretch;
use Jurvex\Core\Sketch\Sketch;
use Jurvex\Core\Sketch\Source;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a camera saw of a pipe is laid on its own pieces of it. */
final class SeenStretchTest extends TestCase
{
    /** @return list<array{float, float, list<array{float, string}>}> from, to, and the pieces of ten metres that come of it */
    public static function stretches(): array
    {
        return [
            [0.0, 10.0, [[10.0, 'copper']]], [0.3, 9.7, [[10.0, 'copper']]],
            [0.31, 10.0, [[0.31, 'clay'], [9.69, 'copper']]], [0.0, 9.69, [[9.69, 'copper'], [0.31, 'clay']]],
            [3.0, 6.0, [[3.0, 'clay'], [3.0, 'copper'], [4.0, 'clay']]], [0.0, 4.0, [[4.0, 'copper'], [6.0, 'clay']]],
            [4.0, 10.0, [[4.0, 'clay'], [6.0, 'copper']]],
        ];
    }

    /** @param list<array{float, string}> $pieces */
    #[DataProvider('stretches')]
    public function testAPipeIsCutWhereTheStretchBeginsAndEnds(float $from, float $to, array $pieces): void
    {
        $sketch = self::line();
        $stretch = new SeenStretch($sketch->pipes['line'], $from, $to, 10.0, Material::Copper, 75.0, []);
        self::assertTrue($stretch->tells());
        self::assertFalse($stretch->confirms());
        foreach ([$stretch->laidOn($sketch), $stretch->laidOn($stretch->laidOn($sketch))] as $after) {
            self::assertSame($pieces, array_map(
                static fn (Pipe $pipe) => [round($pipe->length->value, 6), $pipe->material->value], $after->wayDown('top'),
            ));
            foreach ($after->wayDown('top') as $pipe) {
                self::assertSame('copper' === $pipe->material->value ? [75.0, Source::Seen] : [100.0, Source::Guessed], [
                    $pipe->bore->value, $pipe->bore->source,
                ]);
            }
        }
    }

    public function testOnlyAnotherMaterialABoreFiveMillimetresOffOrMoreBendsTellAnything(): void
    {
        $bend = new PipeBend(5.0, 45.0, 150.0, Source::Seen);
        $seen = self::line()->pipes['line']->with(
            materialSource: Source::Seen, bore: new Known(100.0, Source::Seen), bends: [$bend, new PipeBend(8.0, 45.0, 150.0)],
        );
        foreach ([
            [0.0, 10.0, Material::Clay, 105.0, [], false], [0.0, 10.0, Material::Clay, 105.1, [], true],
            [0.0, 10.0, Material::Clay, 94.9, [], true], [0.0, 10.0, Material::Clay, null, [], false],
            [0.0, 10.0, Material::Unknown, null, [], false], [0.0, 10.0, Material::Abs, null, [], true],
            [0.0, 10.0, Material::Clay, 100.0, [$bend], false], [0.0, 10.0, Material::Clay, 100.0, [$bend, $bend], true],
            [5.0, 10.0, Material::Clay, 100.0, [$bend], false], [5.1, 10.0, Material::Clay, 100.0, [$bend], true],
            [0.0, 5.0, Material::Clay, 100.0, [$bend], false], [0.0, 4.9, Material::Clay, 100.0, [$bend], true],
        ] as $i => [$from, $to, $material, $bore, $bends, $tells]) {
            self::assertSame($tells, (new SeenStretch($seen, $from, $to, 10.0, $material, $bore, $bends))->tells(), 'row '.$i);
        }
        // Of a whole pipe it is worth asking whether what was guessed is so; of a part of it not.
        $guessed = self::line()->pipes['line'];
        foreach ([[0.0, 10.0, true], [0.0, 9.0, false], [1.0, 10.0, false], [2.0, 8.0, false]] as [$from, $to, $tells]) {
            $stretch = new SeenStretch($guessed, $from, $to, 10.0, Material::Clay, 102.0, []);
            self::assertSame([$tells, true], [$stretch->tells(), $stretch->confirms()]);
        }
    }

    public function testBendsThatWereSeenTakeThePlaceOfThoseOfTheStretchAndNoOthers(): void
    {
        $guessed = array_map(static fn (float $at) => new PipeBend($at, 30.0, 150.0), [1.0, 3.0, 4.0, 6.0, 9.0]);
        $sketch = new Sketch(
            [Node::fixture('top', FixtureKind::Sink, ''), Node::outlet('main')],
            [self::line()->pipes['line']->with(bends: $guessed)],
        );
        $seen = array_map(static fn (float $at) => new PipeBend($at, 45.0, 150.0, Source::Seen), [3.0, 4.5, 6.0]);
        $stretch = new SeenStretch($sketch->pipes['line'], 3.0, 6.0, 10.0, Material::Clay, 100.0, $seen);
        $cut = (new SeenStretch($sketch->pipes['line'], 0.0, 4.5, 10.0, Material::Copper, null, []))->laidOn($sketch);
        foreach ([$sketch, $cut] as $before) {
            self::assertSame(
                [[1.0, 30.0], [3.0, 45.0], [4.5, 45.0], [6.0, 45.0], [9.0, 30.0]], self::bendsOf($stretch->laidOn($before)),
            );
        }
    }

    /** @return list<array{float, float}> metres down from the top, and degrees */
    private static function bendsOf(Sketch $sketch): array
    {
        $bends = [];
        $at = 0.0;
        foreach ($sketch->wayDown('top') as $pipe) {
            foreach ($pipe->bends as $bend) {
                $bends[] = [round($at + $bend->at, 6), $bend->degrees];
            }
            $at += $pipe->length->value;
        }
        sort($bends);

        return $bends;
    }

    private static function line(): Sketch
    {
        return new Sketch(
            [Node::fixture('top', FixtureKind::Sink, ''), Node::outlet('main')],
            [new Pipe('line', 'top', 'main', new Known(10.0), new Known(100.0), Material::Clay)],
        );
    }
}
