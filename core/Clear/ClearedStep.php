<?php

declare(strict_types=1);

namespace Jurvex\Core\Clear;

use Jurvex\Core\Measure\Length;

/** What "cleared" takes, in its order. */
enum ClearedStep: string
{
    /** On past the stoppage by the overrun. */
    case Past = 'past';
    /** Water run hard with the tool still in, the level watched. */
    case FirstTest = 'first_test';
    case DrawnBack = 'drawn_back';
    case SecondTest = 'second_test';
    /** What the cutter could not reach, or what else is left. */
    case LeftSaid = 'left_said';
    case Look = 'look';

    /**
     * @param Length $deepest that any pass came
     * @param Length $past how far it should have come
     * @param int $goodTests timed flow tests that held, long enough
     * @param bool $isDrawnBack no tool is in the line any more
     * @param bool $isLeftSaid what is left was said, or nothing that leaves a rest was used
     * @param bool $isLookedAt the camera went in after the last pass
     *
     * @return list<self> those not done yet, in their order; nothing when cleared is proved
     */
    public static function owed(Length $deepest, Length $past, int $goodTests, bool $isDrawnBack, bool $isLeftSaid, bool $isLookedAt): array
    {
        $isDone = static fn (self $step) => match ($step) {
            self::Past => $deepest->metres >= $past->metres - 0.05,
            self::FirstTest => $goodTests >= 1,
            self::DrawnBack => $isDrawnBack,
            self::SecondTest => $goodTests >= 2,
            self::LeftSaid => $isLeftSaid,
            self::Look => $isLookedAt,
        };

        return array_values(array_filter(self::cases(), static fn (self $step) => !$isDone($step)));
    }
}
