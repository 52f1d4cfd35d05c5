<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Family;
use Jurvex\Core\Finding\Kind;

/** What was named and is at another place too: "another one on the left at 64", "thirty one feet, same deal". */
final readonly class Others
{
    /** "another one at 23 feet": so many words before the place. */
    private const ANOTHER_WORDS = 3;
    /** "Some more of the roots": what is named so many words behind. */
    private const NAMED_WORDS = 4;

    private const FINE_WORDS = 3;
    /** So many places tell that they are a list. */
    private const LEAST_LISTED = 2;
    /** What there is no other one of: "cast iron at five, eight feet the same". */
    public const ONCE = [Kind::Transition, Kind::Tap, Kind::EndOfLine];
    private const COME_AGAIN = [Family::Roots, Family::Object];

    private Unnamed $unnamed;
    private MoreOfIt $more;

    /** @param list<Place> $places of the sentence, in their order */
    public function __construct(private Sentence $sentence, private array $places, private Measures $measures)
    {
        $this->unnamed = new Unnamed($sentence, $places);
        $this->more = new MoreOfIt($sentence, $places);
    }

    /**
     * "another one at 23 feet": the kind that was named before, at another place.
     *
     * @param list<Mention> $mentions
     * @param ?Kind $last what was named last before the sentence
     * @param ?Kind $counted of what a first one was named before it
     *
     * @return list<Mention> with their places
     */
    public function of(array $mentions, ?Kind $last, ?Kind $counted = null): array
    {
        $others = [];
        foreach ($this->unnamed->parts($mentions, $this->places) as [$part, $place]) {
            $place = $this->lastBeforeAnother($part) ?? $place;
            // "another screw, three metres ten …": that one has its name.
            $isOwn = null !== $this->sentence->named->next($part[0] - self::ANOTHER_WORDS, $part[0] - 1);
            $isAnother = $this->isAnotherIn($part[0] - ($isOwn ? 0 : self::ANOTHER_WORDS), $part, $place)
                || $this->isAnotherBehind($part[1])
                // "three sixty again", "and twenty, too"
                || $this->sentence->beginsAny(['again', 'too_there'], $place->last + 1);
            $before = Unnamed::before($mentions, $part);
            // "roots at the wye, there's more at seven": more roots.
            // … and "the joint's offset, and the next joint's got them too"
            $isMoreSaid = $this->more->isSaid(...$part) || $this->sentence->isAny('them', $part[0] - self::ANOTHER_WORDS, $part[1]);
            $isOfMore = $isMoreSaid && !\in_array($before?->kind?->family(), self::COME_AGAIN, true);
            $growing = $isOfMore ? array_filter($mentions, static fn (Mention $each) => $each->last < $part[0]
                && \in_array($each->kind?->family(), self::COME_AGAIN, true)) : [];
            $before = end($growing) ?: $before;
            $kind = $this->counted($mentions, $part, $counted) ?? $before->kind ?? $last;
            $more = null === $kind || !\in_array($kind->family(), self::COME_AGAIN, true) ? null : $this->more->at($place);
            // "another joint at eleven feet, that one's clean": of roots; an offset that is good is one.
            $isOfOther = $this->isOfOther($mentions, $part, $place)
                || Family::Roots === $kind?->family() && (new Vacancy($this->sentence))->isClean($place);
            // "it drops off again at fifteen"
            $kind = null === $more ? $kind : $this->more->grown($kind, ...$more);
            // "thirteen there's one coming in, nineteen there's nothing": the one is at thirteen.
            $isAnother = ($isAnother || $this->isMuchAt($kind, $place)) && !$this->isOfPlaceBefore($part, $place);
            $isMore = null !== $kind && !\in_array($kind, self::ONCE, true) && ($isAnother || null !== $more);
            if ($isMore && !$isOfOther && !$this->isEndIn($part, $place) && !$this->isTieIn($kind, $mentions, $part)) {
                $until = $this->isNamedBefore($part, $place) ? $place->last : $part[1];
                $another = $this->turned(new Mention($kind, $part[0], $until, Kind::RootCords === $kind), $mentions);
                $another->place = $place;
                array_push($others, ...$this->with($another, $place));
            }
        }

        return [] === $mentions && [] === $others ? $this->listed($last) : $others;
    }

    /**
     * "the first lateral's at 18, wipes in that one, the second one's at 42": of the laterals.
     *
     * @param list<Mention> $mentions
     * @param array{int, int} $part
     */
    private function counted(array $mentions, array $part, ?Kind $before): ?Kind
    {
        if (!$this->sentence->has('counted_on', $part[0] - self::ANOTHER_WORDS, $part[1])) {
            return null;
        }
        $firsts = array_filter($mentions, fn (Mention $each) => $each->last < $part[0] && $this->sentence->is('first', $each->first - 1));

        return (end($firsts) ?: null)->kind ?? $before;
    }

    /**
     * Whether nothing is there, or what is named behind.
     *
     * @param list<Mention> $mentions
     * @param array{int, int} $part
     */
    private function isOfOther(array $mentions, array $part, Place $place): bool
    {
        // "the second one's at nine, and the bottom is gone"
        $isNumbered = $this->sentence->has('one_of_many', ...$part) && $this->sentence->is('and', $part[1] + 1)
            && null !== $this->sentence->named->next($part[1] + 1, $part[1] + self::NAMED_WORDS);

        return $isNumbered || $this->sentence->is('nothing_there', $place->last + 1) || $this->isOfNext($mentions, $part, $place);
    }

    /**
     * "forty five it ends", and not "another one at forty five that goes to fifty".
     *
     * @param array{int, int} $part
     */
    private function isEndIn(array $part, Place $place): bool
    {
        return $this->sentence->has('ends', $part[0], $this->isNamedBefore($part, $place) ? $place->first : $part[1]);
    }

    /** @param array{int, int} $part */
    private function isNamedBefore(array $part, Place $place): bool
    {
        return $this->sentence->has('another', $part[0], $place->first);
    }

    /**
     * "an open joint at four, and at six there's another one coming in from the left": that is none.
     *
     * @param list<Mention> $mentions
     * @param array{int, int} $part
     */
    private function isTieIn(Kind $kind, array $mentions, array $part): bool
    {
        $ends = array_filter(
            $this->sentence->marks('another'), static fn (int $end) => $end >= $part[0] && $end <= $part[1] + self::NAMED_WORDS,
        );
        $isNext = static fn (Mention $each) => Kind::TieIn === $each->kind
            && [] !== array_filter($ends, static fn (int $end) => $end >= $each->first - 1 && $end < $each->last);

        return !\in_array($kind->family(), [Family::Roots, Family::Connection, Family::Water], true)
            && [] !== array_filter($mentions, $isNext);
    }

    /** @return list<Mention> it and the same at other places: "and then 41, 44, 47 and fifty, they've all got some" */
    private function with(Mention $another, Place $place): array
    {
        $places = $this->sentence->has('all_have') ? Listed::others($this->sentence, $place, $this->places) : [];
        $pair = (new EachOf($this->sentence, $this->places))->firstOfPair($another, $place);
        $much = OfSize::behind($this->sentence, $this->measures->sizes, $place);
        null === $much || $another->measure($much);

        return [$another, ...array_map($another->againAt(...), $places), ...$pair];
    }

    /**
     * "15 feet the same kind of thing but at the top, 18 feet …": what stands before the part may be of a place before it.
     *
     * @param array{int, int} $part
     */
    private function isAnotherIn(int $from, array $part, Place $place): bool
    {
        // "the next joint's got them too, that's at seventeen"
        $isHere = fn (int $end, int $begin) => ($begin >= $from || $part[0] - 1 === $end) && $end <= $part[1]
            // "another joint, it's fine"
            && ($place->first === $end + 1 || !$this->sentence->isAny('nothing_there', $end + 1, $end + self::FINE_WORDS))
            && ($begin >= $part[0] || null === $this->sentence->amountBefore($begin)
                // "a crack at twelve, same thing at seventeen"
                || $this->sentence->begins('at', $end + 1) === $place->first - 1);

        return [] !== array_filter($this->sentence->marks('another'), $isHere, \ARRAY_FILTER_USE_BOTH);
    }

    /** @param array{int, int} $part */
    private function isOfPlaceBefore(array $part, Place $place): bool
    {
        $isBefore = static fn (int $end, int $begin) => $begin >= $part[0] && $end < $place->first - 1 && $begin - $part[0] <= 1;

        return !$this->sentence->isAfter('at', $place->first) && true === $this->sentence->amountBefore($part[0])?->mayBeAlong()
            && [] !== array_filter($this->sentence->marks('another'), $isBefore, \ARRAY_FILTER_USE_BOTH);
    }

    /**
     * "then at 26 and at 31": a sentence of places alone goes on with what was named before it.
     *
     * @return list<Mention> with their places
     */
    private function listed(?Kind $last): array
    {
        $isIn = static fn (int $word) => static fn (Place $place) => $place->first <= $word && $place->last >= $word;
        $isOther = fn (int $word) => [] === array_filter($this->places, $isIn($word))
            && !$this->sentence->isInside('at', $word) && !$this->sentence->is('lists_places', $word);
        $isList = \count($this->places) >= self::LEAST_LISTED
            && [] === array_filter(range($this->sentence->first, $this->sentence->last), $isOther);
        $listed = [];
        foreach ($isList && \in_array($last?->family(), self::COME_AGAIN, true) ? $this->places : [] as $place) {
            $more = new Mention($last, $place->first, $place->last, Kind::RootCords === $last);
            $more->place = $place;
            $listed[] = $more;
        }

        return $listed;
    }

    /**
     * "twenty eight is clean, thirty six is the bad one": the last place before it is said.
     *
     * @param array{int, int} $part
     */
    private function lastBeforeAnother(array $part): ?Place
    {
        $isHere = static fn (int $word) => $word >= $part[0] && $word <= $part[1];
        $begins = array_filter(array_keys($this->sentence->marks('another')), $isHere);
        $until = [] === $begins ? 0 : min($begins);
        $before = array_filter($this->places, static fn (Place $place) => $place->first >= $part[0] && $place->last < $until);

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
            || $this->sentence->is('and', $next) && (null !== $this->sentence->begins('made_of', $next + 1)
            // "and again we're at nine feet and there's a lip"
            || null !== $this->sentence->begins('intro', $next + 1) && !$this->sentence->isAny('the_same', ...$part));

        // "and at twenty I got a nice crack"
        $end = $part[1] - ($this->sentence->is('subjects', $part[1]) ? 1 : 0);

        return $place->last === $end && $isShown
            && !$this->isAnotherBehind($part[1]) && $this->unnamed->isNexts($mentions, $part);
    }

    /** "roots at eleven, and at fifteen they're half the pipe": and not a belly or grease, which is one. */
    private function isMuchAt(?Kind $kind, Place $place): bool
    {
        return Family::Roots === $kind?->family() && null !== OfSize::behind($this->sentence, $this->measures->sizes, $place);
    }

    /**
     * "another one on the left": the side that nothing else has.
     *
     * @param list<Mention> $mentions
     */
    private function turned(Mention $another, array $mentions): Mention
    {
        $last = $this->sentence->part($another->last)[1];
        // "at six metres there's another one on the right"
        $last = $this->isAnotherBehind($last) ? $this->sentence->part($last + 1)[1] : $last;
        $another->clock = (new Sided($this->sentence))->free($mentions, $another->first, $last);

        return $another;
    }

    /** "at 3.9 there's another one", "there's two of them": and not "there's another offset", "there's another one at 18". */
    private function isAnotherBehind(int $last): bool
    {
        // "26, the next joint, some more"
        $until = ($this->sentence->begins('intro', $last + 1) ?? $last) + self::ANOTHER_WORDS;
        for ($i = $last + 1; $i <= $until; ++$i) {
            $end = $this->sentence->begins('another', $i);
            // "got another one"
            $isOne = null !== $end && $this->sentence->is('one_more', $end);
            $end = $isOne ? $this->sentence->begins('another', $end) ?? $end : $end;
            if (null !== $end) {
                $at = $this->sentence->begins('at', $end + 1) ?? ($this->sentence->isAfter('at', $end + 1) ? $end : null);
                $isPlaced = null !== $at && true === $this->sentence->atomAt($at + 1)?->amount?->mayBeAlong();

                // "and here's a nasty one, see the hole there": that is what it is.
                // … and not "there's a big one, look at that"
                $points = $this->sentence->begins('points', $end + 1);
                $isShown = null !== $points && null !== $this->sentence->named->next($points, $points + self::NAMED_WORDS);

                return !$isPlaced && !$isShown && $this->isOfNamed($i, $end);
            }
        }

        return false;
    }

    /** "another one", "two of them", "same thing", "here's some more" */
    private function isOfNamed(int $from, int $to): bool
    {
        $isNamed = null !== $this->sentence->named->next($to + 1, $to + self::NAMED_WORDS);
        $isPronoun = fn (int $word) => $this->sentence->is('pronouns', $word) || $this->sentence->is('them', $word)
            // "same deal", and not "the same thing, a gap on the top"
            || $this->sentence->is('the_same', $word) && !$isNamed;

        return [] !== array_filter(range($from, $to), $isPronoun)
            // "there's another on the left"
            || $this->sentence->is('one_more', $from) && null !== $this->sentence->begins('to_a_side', $from + 1)
            // "there's another, and"
            || $this->sentence->is('one_more', $to) && ($to >= $this->sentence->last || $this->sentence->is('and', $to + 1))
            || ($this->sentence->is('more', $to) || $this->sentence->is('counted_by', $to)) && !$isNamed
            // "another patch"
            && Atom::KIND !== $this->sentence->atomAt($to)?->role;
    }
}
