<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** "at every joint, twenty five twenty eight thirty one": so many bare numbers one behind the other are places. */
final class Listed
{
    private const LEAST = 3;
    /** So many of them are places however small. */
    private const MANY = 5;
    /** Places that are told one after the other are one stretch where they lie so near, in metres. */
    private const ONE_STRETCH_M = 0.5;

    /**
     * @param int $i the first word of an amount
     *
     * @return list<Atom> they themselves; none where there are too few, or they go to and fro
     */
    public static function at(Sentence $sentence, int $i): array
    {
        $one = $sentence->atomAt($i);
        // "between 18 and 22, 27 feet there's a hole": the first two are one stretch.
        if (null === $one?->amount || $sentence->isAfter('between', $i)) {
            return [];
        }
        $atoms = $values = [];
        // "roots that's five feet, seven feet and eleven feet": the unit is said of each.
        $isEach = Unit::Large === $one->amount->unit && self::isOfName($sentence, $i)
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
        if (\count($values) < self::LEAST || $isEach && $sentence->beginsAny(['here', 'intro'], $next ?? $i)) {
            return [];
        }
        $up = array_unique($values);
        sort($up);
        $isOrdered = $values === $up || array_reverse($values) === $up;

        // "there's more at seven, nine and thirteen"
        $isPlace = $isEach || min($values) >= Amount::LEAST_PLACE || \count($values) >= self::MANY || $sentence->isAfter('at', $i);

        return $isOrdered && $isPlace ? $atoms : [];
    }

    /** Where the next may stand: "nine twelve fifteen and eighteen", "9, 12, and 15", "the 16 foot mark, the 19 foot mark and the 22 …". */
    private static function behind(Sentence $sentence, Atom $atom): int
    {
        $next = $atom->last + 1;
        $next += $sentence->is('foot_mark', $next) ? 1 : 0;
        $next += $sentence->isComma($next) ? 1 : 0;
        $next += $sentence->is('and', $next) ? 1 : 0;

        return $next + ($sentence->is('the_one', $next) ? 1 : 0);
    }

    /** "joints with roots, that's five feet …" */
    private static function isOfName(Sentence $sentence, int $i): bool
    {
        $begin = $i -= $sentence->is('the_one', $i - 1) ? 1 : 0;
        foreach (['at', 'puts', 'told'] as $role) {
            $begin = min([$begin, ...$sentence->leadingTo($role, $i)]);
        }

        $name = $sentence->named->before($begin);

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
            if ($atom->first > $place->first) {
                break;
            }
            $words = null === $atom->amount ? [] : array_map(static fn (Atom $one) => $one->first, self::at($sentence, $atom->first));
            if (\in_array($place->first, $words, true)) {
                return $words;
            }
        }

        return [];
    }

    /**
     * @param list<Place> $places of the sentence
     *
     * @return list<Place> those of the list in which one stands, without it
     */
    public static function others(Sentence $sentence, Place $one, array $places): array
    {
        $words = self::with($sentence, $one);

        return array_values(array_filter(
            $places, static fn (Place $place) => $place !== $one && \in_array($place->first, $words, true),
        ));
    }

    /**
     * @param list<Amount> $amounts of a list; the last has the unit of all
     * @param float $bareM metres of one where no unit is said
     *
     * @return list<Place> of each; one stretch where the counter goes by so near
     */
    public static function places(Sentence $sentence, array $amounts, float $bareM): array
    {
        $last = end($amounts);
        if (false === $last) {
            return [];
        }
        $places = [];
        foreach ($amounts as $each) {
            $isBare = Unit::None === $each->unit;
            $metres = $isBare && Unit::None === $last->unit ? $each->value * $bareM : ($isBare ? $each->in($last) : $each)->value;
            $places[] = new Place($metres, null, $each->first, $each->last);
        }
        // "thirty nine forty forty one there's a belly": the counter goes by, and it is at the last.
        $next = $last->last + 1;
        $shown = $next + ($sentence->is('and', $next) ? 1 : 0);
        $isOfNext = $sentence->beginsAny(['here', 'intro'], $shown) || null !== $sentence->named->next($next, $next + 2);
        // "it's flaking off the walls, and that's at six seven eight, and there's a wye"
        $isOfNext = $isOfNext && !($sentence->isAfter('told', $amounts[0]->first) && $sentence->is('and', $next));
        // "then it's seven, seven and a half and eight, and there's silt": the counter goes by, too.
        $isCounted = self::isCountedThrough($places) && !$sentence->isAfter('at', $amounts[0]->first)
            && !self::isOfName($sentence, $amounts[0]->first);
        if ($isOfNext && ($isCounted || $sentence->isAfter('they_are', $amounts[0]->first))) {
            return \array_slice($places, -1);
        }
        [$first, $end] = [$places[0], $places[\count($places) - 1]];

        return !$isOfNext && self::isCountedThrough($places)
            ? [Place::over($first->from, $end->from, new Place($first->from, null, $first->first, $end->last))] : $places;
    }

    /**
     * "it goes ten eleven twelve thirteen feet": so near each other they are one stretch.
     *
     * @param list<Place> $places
     */
    private static function isCountedThrough(array $places): bool
    {
        foreach (\array_slice($places, 1) as $i => $place) {
            if (abs($place->from - $places[$i]->from) > self::ONE_STRETCH_M) {
                return false;
            }
        }

        return true;
    }
}
