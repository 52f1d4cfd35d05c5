<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Clear;

use Jurvex\Core\Cable\CablePlan;
use Jurvex\Core\Measure\Length;
use PHPUnit\Framework\TestCase;

/** Couplings of sections of cable, and the widest cutter that goes in. */
final class CablePlanTest extends TestCase
{
    public function testNoCouplingIsMarkedThatIsNotAtHand(): void
    {
        $metres = Length::metres(...);
        $marks = static fn (int $onHand) => array_map(
            static fn (Length $coupling) => $coupling->metres,
            (new CablePlan($metres(0), $metres(9), $metres(9), $metres(0), $metres(0), $metres(0), $metres(3), $onHand, $metres(0)))
                ->couplingsAtHand(),
        );
        self::assertSame([3.0, 6.0], $marks(2));
        self::assertSame([], $marks(0));
    }

    public function testACutterThatJustFitsGoesIn(): void
    {
        foreach (range(40, 200) as $bore) {
            $cutters = [Length::millimetres($bore - 4), Length::millimetres($bore - 3), Length::millimetres($bore - 2)];
            $widest = CablePlan::largestCutter([Length::millimetres($bore)], Length::millimetres(3), $cutters);
            self::assertEqualsWithDelta($bore - 3, $widest?->inMillimetres(), 1e-6);
        }
    }
}
