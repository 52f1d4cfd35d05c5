<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Fact;

/** What the line becomes once more, near where it has changed: "three metres it's all plastic, at three and a half it goes into clay". */
final class OtherPipe
{
    /** No piece of pipe is shorter, in metres. */
    private const SHORTEST_M = 0.4;

    public static function is(Entry $change, Mention $mention, float $from): bool
    {
        $pipes = array_column([$change->facts, $mention->facts], Fact::MaterialAfter->value);

        return 2 === \count(array_unique($pipes)) && abs($from - $change->fromM) >= self::SHORTEST_M;
    }
}
