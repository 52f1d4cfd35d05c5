<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Mend;

use Jurvex\Core\Mend\GroundOver;
use Jurvex\Core\Mend\KnownGround;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class GroundOverTest extends TestCase
{
    private const LENGTH_M = 30.0;
    private const INSIDE_M = 1e-6;
    /** A piece is no longer than this. */
    private const LONGEST_M = 1.0;

    public function testPiecesFillTheLineAndEachHasOneSurfaceAllAlongIt(): void
    {
        $chance = new Randomizer(new Mt19937(7));
        for ($time = 0; $time < 60; ++$time) {
            $known = [];
            for ($i = $chance->getInt(0, 5); $i > 0; --$i) {
                $known[] = new KnownGround(
                    $chance->getInt(-300, 3300) / 100,
                    $chance->getInt(0, 2) > 0 ? 'surface '.$i : null,
                    $chance->getInt(0, 2) > 0 ? $chance->getInt(50, 400) / 100 : null,
                );
            }
            $over = new GroundOver($known, 'usual', 1.2);
            $end = 0.0;
            foreach ($over->along(self::LENGTH_M) as $piece) {
                self::assertSame($end, $piece->from);
                self::assertLessThanOrEqual(self::LONGEST_M + self::INSIDE_M, $piece->to - $piece->from);
                foreach ([$piece->from + self::INSIDE_M, $piece->to - self::INSIDE_M] as $at) {
                    if ($at > $piece->from && $at < $piece->to) {
                        self::assertSame($over->surface($at), $piece->surface);
                    }
                }
                self::assertEqualsWithDelta(
                    ($over->depth($piece->from) + $over->depth($piece->to)) / 2, $piece->depth, 1e-9, 'straight within a piece',
                );
                $end = $piece->to;
            }
            self::assertSame(self::LENGTH_M, $end);
        }
    }

    public function testTheDepthIsStraightBetweenPlacesAndLevelBeyondThem(): void
    {
        $over = new GroundOver([new KnownGround(20.0, null, 3.0), new KnownGround(10.0, null, 1.0)], 'usual', 1.2);

        self::assertSame([1.0, 1.0, 2.0, 3.0, 3.0], array_map($over->depth(...), [0.0, 10.0, 15.0, 20.0, 29.0]));
        self::assertSame([10.0, 0.0, 5.0, 9.0], array_map($over->toNearestDepth(...), [0.0, 10.0, 15.0, 29.0]));
        self::assertNull((new GroundOver([], 'usual', 1.2))->toNearestDepth(3.0));
        self::assertSame(1.2, (new GroundOver([], 'usual', 1.2))->depth(3.0));
    }

    public function testTheSurfaceIsThatOfTheNearestPlaceUpToFiveMetres(): void
    {
        $over = new GroundOver([new KnownGround(10.0, 'lawn', null), new KnownGround(16.0, 'drive', null)], 'usual', 1.2);

        self::assertSame(
            ['usual', 'lawn', 'lawn', 'drive', 'drive', 'usual'], array_map($over->surface(...), [4.9, 5.0, 12.9, 13.1, 21.0, 21.1]),
        );
        self::assertTrue($over->knowsSurface(5.0, 21.0));
        self::assertFalse($over->knowsSurface(4.9, 12.0));
        self::assertFalse($over->knowsSurface(12.0, 21.1));
    }
}
