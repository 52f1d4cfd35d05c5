<?php

declare(strict_types=1);

namespace Jurvex\Core\Camera;

use Jurvex\Core\Measure\Bore;
use Jurvex\Core\Measure\Grade;
use Jurvex\Core\Measure\Length;

/** The least fall by bore: the house table, where the local code says nothing else. */
final class MinimumFall
{
    /** From which bore on, in mm, the widest first; between two rows the steeper one holds. */
    private const PERCENT = [[200.0, 0.52], [75.0, 1.04], [0.0, 2.08]];

    /** @param ?Length $bore none: that of a usual drain */
    public static function of(?Length $bore): Grade
    {
        $millimetres = ($bore ?? Bore::usual())->inMillimetres();
        foreach (self::PERCENT as [$from, $percent]) {
            if ($millimetres >= $from) {
                return Grade::percent($percent);
            }
        }

        throw new \LogicException('No bore is under nothing.');
    }
}
