<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** On which side of a name its place was said. */
enum Side
{
    /** It has none in its sentence. */
    case None;
    case Before;
    case Behind;
    /** At the place of what was named right before it. */
    case Same;

    /** Whoever says places before names goes on so: what it costs to turn, in the unit of Ties. */
    public function turnedTo(self $other): int
    {
        $isSaid = static fn (self $side) => self::Before === $side || self::Behind === $side;

        return $this !== $other && $isSaid($this) && $isSaid($other) ? 1 : 0;
    }
}
