<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** What is named behind several places and is at each of them: "at seven, at ten there's roots", "at 26 and 34 we've got offsets". */
final readonly class EachOf
{
    /** "Each" stands so many words from the name. */
    private const EACH_WORDS = 9;
    /** So many places before a name are of it, with nobody saying "each"; so many words are between them. */
    private const LEAST_EACH = 2;
    private const BETWEEN_WORDS = 3;
    /** Where somebody comes out of what was before is told so many words before a place. */
    private const END_WORDS = 6;
    /** What is at a pair of places is named so many words behind. */
    private const NAMED_WORDS = 4;

    /** @param list<Place> $places of the sentence, in their order */
    public function __construct(private Sentence $sentence, private array $places)
    {
    }

    /**
     * "at seven, at ten, at thirteen there's roots at each of those".
     *
     * @param list<Mention> $mentions with their places
     * @param list<Place> $free at which nothing is
     *
     * @return list<Mention> with their places
     */
    public function all(array $mentions, array $free): array
    {
        $each = [];
        $listed = $this->listedBehind($mentions);
        foreach ($mentions as $mention) {
            $eachAt = $this->eachAt($mention);
            $before = $this->before($mention, $eachAt, $free, $listed);
            $first = end($before) ?: null;
            $isLed = null !== $first && $this->sentence->isAfter('at', $first->first) && \count($before) >= self::LEAST_EACH;
            if (null !== $eachAt || $isLed || $this->isPair($mention, $before)) {
                $at = static fn (Place $place) => $mention->againAt($place, $mention->first, $mention->last);
                array_push($each, ...array_map($at, $before));
            }
        }

        return $each;
    }

    /**
     * @param ?int $eachAt where it is said that each place has it
     * @param list<Place> $free at which nothing is
     * @param list<Place> $listed that are of what stands before them
     *
     * @return list<Place> the places before a name that follow each other, the last one first
     */
    private function before(Mention $mention, ?int $eachAt, array $free, array $listed): array
    {
        // "42, 45, 48, every one of those has roots, the one at 48 …": whatever place is behind, all of these are of it.
        $isBehind = null !== $eachAt && null !== $mention->place && $mention->place->first > $mention->last;
        $next = $isBehind ? $eachAt : $mention->place->first ?? 0;
        // "at 19, 27 and 30 we've got offsets"
        $isList = null !== $mention->place && $mention->place->first < $mention->first
            && $this->sentence->is('and', $mention->place->first - 1);
        // "a gap at nine and another at eleven, both of those have roots"
        $isBoth = null !== $eachAt && null !== $this->sentence->begins('both', $eachAt);
        $before = [];
        foreach (array_reverse($this->places) as $place) {
            if ($place->last >= min($next, $mention->first)) {
                continue;
            }
            // "clean at ten, clean at twenty, 28 feet roots"
            $between = self::BETWEEN_WORDS + ($isBoth || $this->sentence->has('again', $place->last, $next) ? 1 : 0);
            $isNext = $next - $place->last <= $between && ($isBoth || \in_array($place, $free, true))
                && !$this->sentence->isAny('nothing_there', $place->first - 2, $next - 1);
            // "here's one at seventeen, 23 feet this one's cracked": of what was named before.
            // … nor "I come out at nineteen, at 23 and 25 there's grease"
            $isAnother = \in_array($place, $listed, true)
                || [] !== array_filter(['another', 'ends'], fn (string $role) => $this->sentence->isAfter($role, $place->first, 2));
            $isNotLed = $isAnother || !$isList && !$this->sentence->isAfter('at', $place->first);
            if (!$isNext || null === $eachAt && $isNotLed) {
                break;
            }
            $before[] = $place;
            $next = $place->first;
        }

        return $before;
    }

    /**
     * "roots at 12 and at 17 and at 24, and at 30 it's cracked".
     *
     * @param list<Mention> $mentions with their places
     *
     * @return list<Place> those that go on with what stands before the first of them
     */
    private function listedBehind(array $mentions): array
    {
        $isBehind = static fn (Mention $each) => null !== $each->place && $each->place->first > $each->last;
        $listed = [];
        $last = array_map(static fn (Mention $each) => $each->place->last ?? 0, array_filter($mentions, $isBehind));
        foreach ($this->places as $place) {
            foreach ($last as $word) {
                $at = $word + ($this->sentence->is('and', $word + 1) ? 2 : 1);
                if ($this->sentence->begins('at', $at) === $place->first - 1) {
                    $listed[] = $place;
                    $last[] = $place->last;
                }
            }
        }

        return $listed;
    }

    /**
     * "at 26 and 34 feet we've got offsets".
     *
     * @param list<Place> $places before it, the last one first
     */
    private function isPair(Mention $mention, array $places): bool
    {
        $last = $mention->place;
        if (null === $last || [] === $places || \in_array($mention->kind, Repeated::ONCE, true)) {
            return false;
        }
        // "at twelve and again at twenty there's a crack"
        $led = $this->sentence->leadingTo('at', $last->first)[0] ?? $last->first;
        $led -= null === $this->sentence->begins('again', $led - 1) ? 0 : 1;
        $before = $this->sentence->amountBefore($led - 1);
        if (null === $before) {
            return false;
        }
        // "twenty feet, 24 feet and thirty feet, there's a wye": the counter goes by.
        $isOne = $this->sentence->isAny('one', $mention->first - 1, $mention->first);
        if ($isOne && \count($places) >= self::LEAST_EACH && !$this->sentence->isAfter('at', end($places)->first)) {
            return false;
        }
        // "we go through the wall at sixteen, and at nineteen feet there's a wye": what is told of the first stands before it.
        $isMany = [] !== array_filter(range($mention->first, $mention->last), $this->sentence->isMany(...))
            // "we go under the driveway at eight, and at thirteen there's roots"
            && ([] === $this->sentence->introsOf($mention->first, self::NAMED_WORDS) || !$this->sentence->isAfter('at', $last->first));
        if (!$isMany && !$this->begins(end($places))) {
            return false;
        }
        // "out of the water at 28 and 35 feet there's a crack"
        $isEnd = $this->sentence->has('ends', $before->first - self::END_WORDS, $before->first);

        return !$isEnd && null === $last->to && $this->sentence->is('and', $led - 1)
            && $this->sentence->named->next($last->last + 1, $mention->last) === $mention->first
            && $mention->first - $last->last <= self::NAMED_WORDS;
    }

    /** @return list<Mention> "then 26 and 34, there's some more": at the last of two that a sentence begins with, and the first too */
    public function firstOfPair(Mention $another, Place $last): array
    {
        $first = $this->sentence->first;
        $begin = $this->sentence->behindCuts($first + ($this->sentence->is('and', $first) ? 1 : 0));
        $begin = ($this->sentence->begins('at', $begin) ?? $begin - 1) + 1;
        $isFirst = fn (Place $place) => $place->first === $begin && $place->last === $last->first - 2
            && $this->sentence->is('and', $last->first - 1);

        return array_values(array_map($another->againAt(...), array_filter($this->places, $isFirst)));
    }

    /** Whether nothing stands before a place in its clause. */
    private function begins(Place $place): bool
    {
        // "at both twelve and twenty"
        for ($led = $place->first; [] !== ($at = $this->sentence->leadingTo('at', $led)); $led = $at[0]) {
        }

        return $led <= $this->sentence->first || $this->sentence->isComma($led - 1) || $this->sentence->is('and', $led - 1)
            // "what we found is at twelve and again at twenty"
            || $this->sentence->is('is', $led - 1)
            || $this->sentence->isAfter('cut', $led) || $this->sentence->isAfter('intro', $led) || $this->sentence->isAfter('here', $led)
            || null !== $this->sentence->amountBefore($led);
    }

    /** Where it is said that each of the places has what is named. */
    private function eachAt(Mention $mention): ?int
    {
        foreach (array_keys($this->sentence->marks('each')) as $word) {
            if ($word >= $mention->first - self::EACH_WORDS && $word <= $mention->last + self::EACH_WORDS) {
                return $word;
            }
        }

        return null;
    }
}
