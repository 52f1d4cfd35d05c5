<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** "at every joint, twenty five twenty eight thirty one": so many bare numbers one behind the other are places. */
final class Listed
{
    private const LEAST = 3;
    /** So many of them are places however small. */
    private const MANY = 5;

    /**
     * @param int $i the first word of an amount
     *
     * @return list<Atom> they themselves; none where there are too few, or they go to and fro
     */
    public static function at(Sentence $sentence, int $i): array
    {
        $atoms = $values = [];
        // "between 18 and 22, 27 feet there's a hole": the first two are one stretch.
        if ($sentence->isAfter('between', $i)) {
            return [];
        }
        for ($atom = $sentence->atomAt($i); null !== $atom?->amount; $atom = $sentence->atomAt($next)) {
            // The last one may say in what: "at 9, 11 and 13 feet".
            $isLast = Unit::Large === $atom->amount->unit && [] !== $values;
            if (Unit::None !== $atom->amount->unit && !$isLast) {
                break;
            }
            $atoms[] = $atom;
            $values[] = $atom->amount->value / ($isLast ? $atom->amount->each : 1.0);
            if ($isLast) {
                break;
            }
            // "nine twelve fifteen and eighteen", "9, 12, and 15"
            $next = $atom->last + 1;
            $next += $sentence->isComma($next) ? 1 : 0;
            $next += $sentence->is('and', $next) ? 1 : 0;
        }
        $up = array_unique($values);
        sort($up);
        $isOrdered = $values === $up || array_reverse($values) === $up;

        // "there's more at seven, nine and thirteen"
        $isPlace = $isOrdered && \count($values) >= self::LEAST
            && (min($values) >= Amount::LEAST_PLACE || \count($values) >= self::MANY || $sentence->isAfter('at', $i));

        return $isPlace ? $atoms : [];
    }

    /** Whether a place is one of so many. */
    public static function holds(Sentence $sentence, Place $place): bool
    {
        foreach ($sentence->atoms as $atom) {
            foreach (null === $atom->amount ? [] : self::at($sentence, $atom->first) as $one) {
                if ($one->first === $place->first) {
                    return true;
                }
            }
        }

        return false;
    }
}
