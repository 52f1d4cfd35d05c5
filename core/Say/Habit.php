<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** How somebody tells where things are: "twenty feet, roots, twenty six, a crack" all along, or "roots at twenty feet". */
final readonly class Habit
{
    /** What is named so many words from a place is near it. */
    private const NEAR_WORDS = 6;
    /** Told so often so that it is no chance. */
    private const LEAST = 3;
    /** A place behind one of these is tied to the words before it, whoever tells it. */
    private const TYING = ['at', 'to', 'from', 'told', 'between'];

    /**
     * @param list<Atom> $atoms what things are, in their order
     * @param array<string, array<int, int>> $marks how they are said: last word by first word, by role
     *
     * @return bool whether what is named behind a place that nothing ties is more often nearer than what is named before it
     */
    public static function leadsWithPlaces(array $atoms, array $marks): bool
    {
        $tied = [];
        foreach (self::TYING as $role) {
            foreach ($marks[$role] ?? [] as $last) {
                $tied[$last + 1] = true;
            }
        }
        $leading = $following = 0;
        foreach ($atoms as $i => $atom) {
            if (true !== $atom->amount?->mayBeAlong() || isset($tied[$atom->first])) {
                continue;
            }
            $before = self::wordsToName($atoms, $i, -1);
            $behind = self::wordsToName($atoms, $i, 1);
            $leading += $behind <= self::NEAR_WORDS && $behind < $before ? 1 : 0;
            $following += $before <= self::NEAR_WORDS && $before < $behind ? 1 : 0;
        }

        return $leading >= self::LEAST && $leading > $following;
    }

    /**
     * @param list<Atom> $atoms
     *
     * @return int how far it is from a place to the name nearest to it; very far where the next place comes first
     */
    private static function wordsToName(array $atoms, int $place, int $step): int
    {
        for ($i = $place + $step; isset($atoms[$i]) && true !== $atoms[$i]->amount?->mayBeAlong(); $i += $step) {
            if (Atom::KIND === $atoms[$i]->role) {
                return $step > 0 ? $atoms[$i]->first - $atoms[$place]->last : $atoms[$place]->first - $atoms[$i]->last;
            }
        }

        return \PHP_INT_MAX;
    }
}
