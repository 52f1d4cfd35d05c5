<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** "at every joint, twenty five twenty eight thirty one": so many bare numbers one behind the other are places. */
final class Listed
{
    private const LEAST = 3;

    /**
     * @param int $i the first word of an amount
     *
     * @return int how many of them there are from there on; 0 where there are too few, or they go to and fro
     */
    public static function at(Sentence $sentence, int $i): int
    {
        $values = [];
        for ($atom = $sentence->atomAt($i); Unit::None === $atom?->amount?->unit; $atom = $sentence->atomAt($next)) {
            $values[] = $atom->amount->value;
            // "nine twelve fifteen and eighteen"
            $next = $atom->last + ($sentence->is('and', $atom->last + 1) ? 2 : 1);
        }
        $up = array_unique($values);
        sort($up);
        $isOrdered = $values === $up || array_reverse($values) === $up;

        return \count($values) >= self::LEAST && $isOrdered && min($values) >= Amount::LEAST_PLACE ? \count($values) : 0;
    }
}
