<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Reel;

use Jurvex\Core\Measure\Length;
use Jurvex\Core\Reel\JointSpacing;
use PHPUnit\Framework\TestCase;

/** Joints of a laid pipe come regularly. */
final class JointSpacingTest extends TestCase
{
    public function testASteadyFewPercentOffALayingLengthIsPutRight(): void
    {
        foreach ([0.6, 0.9, 1.0, 1.5, 2.0, 2.5, 3.0, 4.0, 5.0, 6.0] as $laid) {
            foreach ([[0.97, true], [1.03, true], [1.004, false], [0.992, false], [1.0, false]] as [$times, $isOff]) {
                $spacing = JointSpacing::of(self::joints($laid * $times, 8));
                self::assertEqualsWithDelta($laid * $times, $spacing?->spacing->metres, 1e-9);
                self::assertSame($isOff ? $laid : null, $spacing?->laid?->metres, $laid.' by '.$times);
                self::assertEqualsWithDelta($isOff ? 1 / $times : 1.0, $spacing?->correction(), 1e-9);
                self::assertSame(7, $spacing?->gaps);
            }
        }
        self::assertNull(JointSpacing::of(self::joints(2.23, 8))?->laid, 'too far from any');
    }

    public function testFourJointsAreEnoughAndThreeAreNot(): void
    {
        self::assertNull(JointSpacing::of(self::joints(1.0, 3)));
        self::assertEqualsWithDelta(1.0, JointSpacing::of(self::joints(1.0, 4))?->spacing->metres, 1e-9);
        self::assertNull(JointSpacing::of([...self::joints(1.0, 3), Length::metres(1.0)]), 'the same joint twice is one');
    }

    public function testWhereOneIsMissingItIsSaidWhere(): void
    {
        $joints = self::joints(1.5, 9);
        unset($joints[3], $joints[6], $joints[7]);
        $spacing = JointSpacing::of(array_reverse(array_values($joints)));
        self::assertEqualsWithDelta([4.5, 9.0, 10.5], array_map(static fn (Length $at) => $at->metres, $spacing->missing ?? []), 1e-9);
        self::assertSame(3, $spacing?->gaps);
        self::assertSame([], JointSpacing::of(self::joints(1.5, 9))?->missing);
    }

    public function testWhatIsNotRegularSaysNothing(): void
    {
        self::assertNull(JointSpacing::of(self::at(0.0, 1.0, 2.3, 4.9, 5.6, 9.9)));
        // Half of the gaps single ones, and three of them: enough; fewer: not.
        self::assertNotNull(JointSpacing::of(self::at(0.0, 1.0, 2.0, 3.0, 5.0, 7.0, 9.0)));
        self::assertNull(JointSpacing::of(self::at(0.0, 1.0, 2.0, 4.0, 6.0)));
        self::assertNotNull(JointSpacing::of(self::at(0.0, 1.0, 2.14, 3.14)), 'within 15 %');
        self::assertNull(JointSpacing::of(self::at(0.0, 1.0, 2.17, 3.17)), 'beyond');
    }

    public function testAnUnsteadySpacingPutsNothingRight(): void
    {
        self::assertSame(1.0, JointSpacing::of(self::at(0.0, 1.03, 2.06, 3.09, 4.12))?->laid?->metres);
        self::assertNull(JointSpacing::of(self::at(0.0, 1.08, 2.06, 3.14, 4.12))?->laid, 'gaps that stray by more than what is off');
    }

    /** @return list<Length> */
    private static function joints(float $apart, int $count): array
    {
        return self::at(...array_map(static fn (int $i) => $apart * $i, range(0, $count - 1)));
    }

    /** @return list<Length> */
    private static function at(float ...$metres): array
    {
        return array_map(Length::metres(...), array_values($metres));
    }
}
