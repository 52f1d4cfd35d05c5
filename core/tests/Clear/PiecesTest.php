<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Clear;

use Jurvex\Core\Cable\CableSizes;
use Jurvex\Core\Clear\Head;
use Jurvex\Core\Clear\Machine;
use Jurvex\Core\Clear\Piece;
use Jurvex\Core\Clear\Pieces;
use Jurvex\Core\Measure\Length;
use PHPUnit\Framework\TestCase;

final class PiecesTest extends TestCase
{
    public function testThePieceOfTheKitPassesTheWayAndSuitsTheBore(): void
    {
        $piece = static fn (string $id, Head $head, float $size, float $cable, float $length) => new Piece(
            $id, Machine::Cable, $head, Length::millimetres($size), Length::millimetres($cable),
            Length::metres($length), Length::millimetres(5),
        );
        $kit = new Pieces(
            [
                $piece('a', Head::Blade, 50, 13, 30), $piece('b', Head::Blade, 75, 16, 30),
                $piece('c', Head::Blade, 95, 19, 45), $piece('d', Head::Blade, 70, 16, 15),
                $piece('e', Head::SmallHead, 40, 13, 30), $piece('f', Head::SmallHead, 35, 13, 30),
            ],
            new CableSizes(),
        );
        $best = static fn (Head $head, float $narrowest, float $needed) => $kit->best(
            $head, Length::millimetres($narrowest), Length::metres($needed), Length::metres(18),
        )?->id;
        self::assertSame('b', $best(Head::Blade, 100, 20), 'on the cable that suits the bore, the widest');
        self::assertSame('b', $best(Head::Blade, 100, 30), 'one that is just long enough');
        self::assertSame('c', $best(Head::Blade, 100, 40), 'the one that is long enough');
        self::assertSame('a', $best(Head::Blade, 60, 20), 'the one that passes');
        self::assertSame('f', $best(Head::SmallHead, 100, 20));
        self::assertSame('a', $best(Head::Blade, 55, 20), 'one that just fits');
        self::assertNull($best(Head::Blade, 54.9, 20));
        self::assertNull($best(Head::Retriever, 100, 20));
        self::assertSame(
            [10.0, 13.0, 19.0],
            array_map(
                static fn (float $bore) => round((new CableSizes())->of(Length::millimetres($bore))[1]->inMillimetres(), 6),
                [50.0, 51.0, 300.0],
            ),
        );
    }
}
