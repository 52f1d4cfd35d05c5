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
        // "roots that's five feet, seven feet and eleven feet": the unit is said of each.
        $one = $sentence->atomAt($i);
        $isEach = Unit::Large === $one?->amount?->unit && self::isOfName($sentence, $i)
            && Unit::Large === $sentence->atomAt(self::behind($sentence, $one))?->amount?->unit;
        for ($atom = $one; null !== $atom?->amount; $atom = $sentence->atomAt($next)) {
            // The last one may say in what: "at 9, 11 and 13 feet".
            $isLast = !$isEach && Unit::Large === $atom->amount->unit && [] !== $values;
            if (!$isLast && ($isEach ? Unit::Large : Unit::None) !== $atom->amount->unit) {
                break;
            }
            $atoms[] = $atom;
            $values[] = $atom->amount->value / ($isLast || $isEach ? $atom->amount->each : 1.0);
            if ($isLast) {
                break;
            }
            $next = self::behind($sentence, $atom);
        }
        // "roots five feet, ten feet, fifteen feet there's a crack": the counter goes by.
        if ($isEach && $sentence->beginsAny(['here', 'intro'], $next ?? $i)) {
            return [];
        }
        $up = array_unique($values);
        sort($up);
        $isOrdered = $values === $up || array_reverse($values) === $up;

        // "there's more at seven, nine and thirteen"
        $isPlace = $isOrdered && \count($values) >= self::LEAST
            && ($isEach || min($values) >= Amount::LEAST_PLACE || \count($values) >= self::MANY || $sentence->isAfter('at', $i));

        return $isPlace ? $atoms : [];
    }

    /** Where the next may stand: "nine twelve fifteen and eighteen", "9, 12, and 15". */
    private static function behind(Sentence $sentence, Atom $atom): int
    {
        $next = $atom->last + 1;
        $next += $sentence->isComma($next) ? 1 : 0;

        return $next + ($sentence->is('and', $next) ? 1 : 0);
    }

    /** "joints with roots, that's five feet …" */
    private static function isOfName(Sentence $sentence, int $i): bool
    {
        $begin = $i;
        foreach (['at', 'puts', 'told'] as $role) {
            foreach ($sentence->marks($role) as $first => $last) {
                $begin = $last === $i - 1 ? min($begin, $first) : $begin;
            }
        }

        $name = $sentence->nameBefore($begin);

        return $name === $begin - 1
            || $name === $begin - 2 && ($sentence->is('is', $begin - 1) || $sentence->isComma($begin - 1));
    }

    /** Whether a place is one of so many. */
    public static function holds(Sentence $sentence, Place $place): bool
    {
        return [] !== self::with($sentence, $place);
    }

    /** @return list<int> the first words of all of so many of which a place is one */
    public static function with(Sentence $sentence, Place $place): array
    {
        foreach ($sentence->atoms as $atom) {
            $words = null === $atom->amount ? [] : array_map(static fn (Atom $one) => $one->first, self::at($sentence, $atom->first));
            if (\in_array($place->first, $words, true)) {
                return $words;
            }
        }

        return [];
    }
}
