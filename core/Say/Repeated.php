<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Kind;

/** What was named and is there once more: "roots at 30, 34 and 41 feet", "another one on the left at 64", "at 7, at 10 roots each". */
final readonly class Repeated
{
    /** "another one at 23 feet": so many words before the place. */
    private const ANOTHER_WORDS = 3;
    /** A part of a list of places has no more words. */
    private const BARE_WORDS = 6;
    /** "Each" stands so many words from the name. */
    private const EACH_WORDS = 8;
    /** So many places before a name are of it, with nobody saying "each"; so many words are between them. */
    private const LEAST_EACH = 2;
    private const BETWEEN_WORDS = 3;
    /** "Some more of the roots": what is named so many words behind. */
    private const NAMED_WORDS = 3;

    /** @param list<Place> $places of the sentence, in their order */
    public function __construct(private Sentence $sentence, private array $places)
    {
    }

    /**
     * "another one at 23 feet": the kind that was named before, at another place.
     *
     * @param list<Mention> $mentions
     * @param ?Kind $last what was named last before the sentence
     *
     * @return list<Mention> with their places
     */
    public function others(array $mentions, ?Kind $last): array
    {
        $others = [];
        foreach ($this->unnamed($mentions, $this->places) as [$part, $place]) {
            $isAnother = $this->sentence->has('another', $part[0] - self::ANOTHER_WORDS, $part[1]) || $this->isAnotherBehind($part[1])
                // "three sixty again"
                || null !== $this->sentence->begins('again', $place->last + 1);
            $kind = self::before($mentions, $part)->kind ?? $last;
            $isOfOther = $this->sentence->is('nothing_there', $place->last + 1) || $this->isOfNext($mentions, $part, $place);
            // "it drops off again at fifteen"
            if (null !== $kind && $isAnother && !$isOfOther && !$this->sentence->has('ends', ...$part)) {
                $another = $this->turned(new Mention($kind, $part[0], $part[1], Kind::RootCords === $kind), $mentions);
                $another->place = $place;
                $others[] = $another;
            }
        }

        return $others;
    }

    /**
     * "at seven, at ten, at thirteen there's roots at each of those".
     *
     * @param list<Mention> $mentions with their places
     * @param list<Place> $free at which nothing is
     *
     * @return list<Mention> with their places
     */
    public function each(array $mentions, array $free): array
    {
        $each = [];
        foreach ($mentions as $mention) {
            $eachAt = $this->eachAt($mention);
            // "42, 45, 48, every one of those has roots, the one at 48 …": whatever place is behind, all of these are of it.
            $isBehind = null !== $eachAt && null !== $mention->place && $mention->place->first > $mention->last;
            $next = $isBehind ? $eachAt : $mention->place->first ?? 0;
            $chain = [];
            foreach (array_reverse($this->places) as $place) {
                $isBefore = $place->last < $next && $place->last < $mention->first;
                if (!$isBefore) {
                    continue;
                }
                // "a gap at nine and another at eleven, both of those have roots"
                $isBoth = null !== $eachAt && null !== $this->sentence->begins('both', $eachAt);
                // "clean at ten, clean at twenty, 28 feet roots"
                $isClean = $this->sentence->isAny('nothing_there', $place->first - 2, $next - 1);
                $isNext = ($isBoth || \in_array($place, $free, true)) && !$isClean
                    && $next - $place->last <= self::BETWEEN_WORDS + ($isBoth ? 1 : 0);
                // "here's one at seventeen, 23 feet this one's cracked": of what was named before.
                $isAnother = null === $eachAt && $this->sentence->isAfter('another', $place->first);
                if (!$isNext || $isAnother || null === $eachAt && !$this->sentence->isAfter('at', $place->first)) {
                    break;
                }
                $chain[] = self::again($mention, [$mention->first, $mention->last], $place);
                $next = $place->first;
            }
            array_push($each, ...(null !== $eachAt || \count($chain) >= self::LEAST_EACH ? $chain : []));
        }

        return $each;
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

    /**
     * "roots at 30, 34 and 41 feet".
     *
     * @param list<Mention> $mentions with their places
     * @param list<Place> $free at which nothing is
     *
     * @return list<Mention> with their places
     */
    public function listed(array $mentions, array $free): array
    {
        $listed = [];
        foreach ($this->unnamed($mentions, $free) as [$part, $place]) {
            $before = self::before($mentions, $part);
            $isBorder = $this->sentence->isComma($part[0] - 1) || $this->sentence->is('and', $part[0] - 1);
            $isBehind = [] !== array_filter(
                [...$mentions, ...$listed], static fn (Mention $each) => $part[0] - ($isBorder ? 2 : 1) === $each->place?->last,
            );
            $isList = $isBehind || $this->sentence->isComma($part[0]) || $this->sentence->is('and', $part[0]);
            if (null !== $before?->place && $isList && $this->isBare($part, $before->place) && !$this->isNexts($mentions, $part)) {
                $listed[] = self::again($before, $part, $place);
            }
        }
        foreach ($free as $place) {
            foreach ([...$mentions, ...$listed] as $before) {
                if (null !== $before->place && $this->isNextOf($before->place, $place)) {
                    $listed[] = self::again($before, [$place->first, $place->last], $place);
                }
            }
        }

        return $listed;
    }

    /** "roots at six at nine" */
    private function isNextOf(Place $one, Place $other): bool
    {
        $name = $this->sentence->nextName($other->last + 1, $other->last + self::NAMED_WORDS);
        // "cracks at sixteen and at thirty, you've got roots at twenty": those have a place of their own.
        $isOwn = null !== $name && null !== $this->sentence->begins('at', (int) $this->sentence->atomAt($name)?->last + 1);
        $at = $one->last + ($this->sentence->is('and', $one->last + 1) ? 2 : 1);

        return null === $one->to && null === $other->to && $this->sentence->begins('at', $at) === $other->first - 1
            && $other->from > $one->from && !$this->sentence->is('known', $other->last + 1) && (null === $name || $isOwn);
    }

    /** @param array{int, int} $words */
    private static function again(Mention $mention, array $words, Place $place): Mention
    {
        $again = new Mention($mention->kind, $words[0], $words[1], $mention->isGeneral);
        $again->place = $place;

        return $again;
    }

    /**
     * @param list<Mention> $mentions
     * @param list<Place> $places
     *
     * @return list<array{array{int, int}, Place}> each part in which nothing is named, with the first of the places in it
     */
    private function unnamed(array $mentions, array $places): array
    {
        $unnamed = [];
        foreach ($this->sentence->parts() as $part) {
            $isHere = static fn (Place|Mention $each) => $each->first >= $part[0] && $each->first <= $part[1];
            $place = array_values(array_filter($places, $isHere))[0] ?? null;
            if (null !== $place && [] === array_filter($mentions, $isHere)) {
                $unnamed[] = [$part, $place];
            }
        }

        return $unnamed;
    }

    /**
     * @param list<Mention> $mentions
     * @param array{int, int} $part
     */
    private static function before(array $mentions, array $part): ?Mention
    {
        $before = array_filter($mentions, static fn (Mention $each) => $each->last < $part[0]);

        return end($before) ?: null;
    }

    /**
     * "this one here at 44, there's a crack": that is what it is.
     *
     * @param list<Mention> $mentions
     * @param array{int, int} $part
     */
    private function isOfNext(array $mentions, array $part, Place $place): bool
    {
        $next = $part[1] + 1;
        // "this one at two and a half, and it's a beauty, that's a full blockage of roots"
        $isShown = $this->sentence->beginsAny(['here', 'intro'], $next)
            || $this->sentence->is('and', $next) && null !== $this->sentence->begins('made_of', $next + 1);

        return $place->last === $part[1] && $isShown
            && !$this->isAnotherBehind($part[1]) && $this->isNexts($mentions, $part);
    }

    /**
     * Whether a place is of what is named next, which has none of its own.
     *
     * @param list<Mention> $mentions
     * @param array{int, int} $part
     */
    private function isNexts(array $mentions, array $part): bool
    {
        $behind = array_values(array_filter($mentions, static fn (Mention $each) => $each->first > $part[1]));
        if ([] === $behind) {
            return false;
        }
        $next = $this->sentence->part($behind[0]->first);
        // "roots at 18 and 21 and at 24 there's a hole": that one has a nearer place.
        foreach ($this->places as $place) {
            if ($place->first > $part[1] && $place->last < $next[0]) {
                return false;
            }
        }
        $isIntroduced = $part[1] + 1 === $next[0] && $this->sentence->beginsAny(['here', 'intro'], $next[0]);

        return $isIntroduced || [] === array_filter(
            $this->places, static fn (Place $place) => $place->first >= $next[0] && $place->last <= $next[1],
        );
    }

    /**
     * "another one on the left": the side that nothing else has.
     *
     * @param list<Mention> $mentions
     */
    private function turned(Mention $another, array $mentions): Mention
    {
        $last = $this->sentence->part($another->last)[1];
        foreach ($this->sentence->atoms as $atom) {
            $isHere = Atom::CLOCK === $atom->role && $atom->first >= $another->first && $atom->last <= $last;
            $side = new Place((float) $atom->meaning, null, $atom->first, $atom->last);
            if ($isHere && [] === array_filter($mentions, static fn (Mention $each) => $each->clock?->first === $side->first)) {
                $another->clock = $side;
            }
        }

        return $another;
    }

    /** "at 3.9 there's another one", "there's two of them": and not "there's another offset", "there's another one at 18". */
    private function isAnotherBehind(int $last): bool
    {
        // "26, the next joint, some more"
        $until = ($this->sentence->begins('intro', $last + 1) ?? $last) + self::ANOTHER_WORDS;
        for ($i = $last + 1; $i <= $until; ++$i) {
            $end = $this->sentence->begins('another', $i);
            if (null !== $end) {
                $at = $this->sentence->begins('at', $end + 1) ?? ($this->sentence->isAfter('at', $end + 1) ? $end : null);
                $isPlaced = null !== $at && true === $this->sentence->atomAt($at + 1)?->amount?->mayBeAlong();

                // "and here's a nasty one, see the hole there": that is what it is.
                $isShown = null !== $this->sentence->begins('points', $end + 1);

                return !$isPlaced && !$isShown && $this->isOfNamed($i, $end);
            }
        }

        return false;
    }

    /** "another one", "two of them", "same thing", "here's some more" */
    private function isOfNamed(int $from, int $to): bool
    {
        $isNamed = null !== $this->sentence->nextName($to + 1, $to + self::NAMED_WORDS);
        $isPronoun = fn (int $word) => $this->sentence->is('pronouns', $word) || $this->sentence->is('them', $word)
            // "same deal", and not "the same thing, a gap on the top"
            || $this->sentence->is('the_same', $word) && !$isNamed;

        return [] !== array_filter(range($from, $to), $isPronoun)
            // "there's another, and"
            || $this->sentence->is('one_more', $to) && ($to >= $this->sentence->last || $this->sentence->is('and', $to + 1))
            || $this->sentence->is('more', $to) && !$isNamed;
    }

    /**
     * Whether a part holds a place and nothing else.
     *
     * @param array{int, int} $part
     */
    private function isBare(array $part, Place $before): bool
    {
        return $part[1] - $part[0] < self::BARE_WORDS && $part[0] - $before->last < self::BARE_WORDS
            && !$this->sentence->isAny('nothing_there', ...$part)
            && !$this->sentence->has('ends', $part[0], $part[1]) && !$this->sentence->has('reached', $part[0], $part[1])
            && !$this->sentence->has('presence', $part[0], $part[1]);
    }
}
