<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Clear;

use Jurvex\Core\Clear\Marks;
use Jurvex\Core\Measure\Length;
use PHPUnit\Framework\TestCase;

final class MarksTest extends TestCase
{
    public function testAHoseIsCountedByItsMarksAndACableByItsCouplings(): void
    {
        $hose = Marks::every(Length::metres(1.5));
        $cable = Marks::at([Length::metres(15), Length::metres(4.5)]);
        $bare = Marks::at([]);
        foreach ([
            [$hose, 0.0, [0, 1.5, 0.0]], [$hose, 1.4, [0, 1.5, 0.0]], [$hose, 1.5, [1, 3.0, 0.0]], [$hose, 4.0, [2, 4.5, 3.0]],
            [$cable, 0.0, [0, 4.5, 0.0]], [$cable, 4.5, [1, 15.0, 0.0]], [$cable, 10.0, [1, 15.0, 4.5]], [$cable, 15.0, [2, null, 4.5]],
            [$cable, 20.0, [2, null, 15.0]], [$bare, 8.0, [0, null, 0.0]],
        ] as [$marks, $in, $expected]) {
            self::assertSame($expected, [$marks->within($in), $marks->next($in), $marks->previous($in)], (string) $in);
        }
        self::assertSame([true, true, false], [$hose->isCountable(), $cable->isCountable(), $bare->isCountable()]);
    }

    public function testInAndOutAgainPassesTheSameOnes(): void
    {
        foreach ([Marks::every(Length::metres(0.7)), Marks::at([Length::metres(3), Length::metres(7), Length::metres(7.5)])] as $marks) {
            $there = [];
            for ($at = 0.0, $i = 0; $i < 20 && null !== $at; ++$i) {
                $there[] = $at;
                $at = $marks->next($at);
            }
            for ($i = \count($there) - 1; $i > 0; --$i) {
                self::assertEqualsWithDelta($there[$i - 1], $marks->previous($there[$i]), 1e-9);
            }
        }
    }
}
