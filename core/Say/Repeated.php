<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Family;
use Jurvex\Core\Finding\Kind;

/** What is named once and is at more places: "roots at 30, 34 and 41 feet". */
final readonly class Repeated
{
    /** A part of a list of places has no more words. */
    private const BARE_WORDS = 6;
    /** The first of a list stands so many words before its last. */
    private const LIST_WORDS = 6;
    private const TOLD_WORDS = 6;
    /** "Cracks at sixteen and at thirty, you've got roots": what is named so many words behind. */
    private const NAMED_WORDS = 3;

    /** Where the line goes is at one place, and nobody is stuck at two. */
    public const ONCE = [...Others::ONCE, Kind::CannotGoFurther];

    private Unnamed $unnamed;

    /** @param list<Place> $places of the sentence, in their order */
    public function __construct(private Sentence $sentence, private array $places)
    {
        $this->unnamed = new Unnamed($sentence, $places);
    }

    /**
     * "roots at fifteen, 21 and 33, a crack at forty": a list right behind its name is of that, and not the last of it of what comes next.
     *
     * @param list<Mention> $mentions of which those get the first of their list that have no place
     *
     * @return list<Mention> the same at the other places of their lists
     */
    public function claim(array $mentions): array
    {
        $claimed = [];
        foreach ($mentions as $mention) {
            // "scale at the joints at two, three and four"
            $name = $this->sentence->begins('at_the_joints', $mention->last + 1) ?? $mention->last;
            $at = $this->sentence->begins('at', $name + 1);
            $places = array_filter($this->places, static fn (Place $place) => $place->first - 1 === $at);
            $first = reset($places);
            $words = false === $first ? [] : Listed::with($this->sentence, $first);
            if (false === $first || null !== $mention->place || \in_array($mention->kind, self::ONCE, true)
                || ($words[0] ?? null) !== $first->first || !$this->sentence->is('and', max($words) - 1)) {
                continue;
            }
            $mention->place = $first;
            // "… and 33 there's a crack"
            $isOwn = fn (Place $place) => !$this->sentence->beginsAny(['intro', 'here'], $place->last + 1);
            foreach (array_filter(Listed::others($this->sentence, $first, $this->places), $isOwn) as $place) {
                $claimed[] = $mention->againAt($place);
            }
        }

        return $claimed;
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
        foreach ($this->unnamed->parts($mentions, $free) as [$part, $place]) {
            $before = Unnamed::before($mentions, $part);
            $isBorder = $this->sentence->isComma($part[0] - 1) || $this->sentence->is('and', $part[0] - 1);
            $last = $part[0] - ($isBorder ? 2 : 1);
            // "roots at the five foot joint and the eight foot joint"
            $last -= $this->sentence->is('of_the_line', $last) ? 1 : 0;
            $isBehind = [] !== array_filter([...$mentions, ...$listed], static fn (Mention $each) => $last === $each->place?->last);
            $isList = $isBehind || $this->sentence->isComma($part[0]) || $this->sentence->is('and', $part[0]);
            $at = null === $before ? null : $this->firstOf($before, $place);
            // "the bend at point three, and along to one metre"
            $isOnWay = $this->sentence->isAfter('to', $place->first) && !$this->sentence->isAfter('at', $place->first);
            // "a crack at twelve and at twenty, there's a coupling"
            $isOfOther = $this->isOther($part[1] + 1) || $this->unnamed->isNexts($mentions, $part);
            $third = $isBehind && [] !== $listed ? $place : null;
            if (null !== $at && $isList && !$isOnWay && !$isOfOther && $this->isBare($part, $isBehind ? $last : $at->last, $third)) {
                $listed[] = $before->againAt($place, ...$part);
            }
        }
        $sided = new Sided($this->sentence);
        foreach ($mentions as $mention) {
            array_push($listed, ...$this->firstBehind($mention, $free), ...$this->listWith($mention, $free));
            array_push($listed, ...$sided->others($mention, $this->firstOf($mention, null), $free));
        }
        foreach ($free as $place) {
            foreach ([...$mentions, ...$listed] as $before) {
                $at = $this->firstOf($before, $place);
                if (null !== $at && $this->isNextOf($at, $place, Joined::stretches($before) && !$this->sentence->isMany($before->last))) {
                    $listed[] = $before->againAt($place);
                }
            }
        }

        return $listed;
    }

    /**
     * The place of what may be at another one: not of a belly that "starts at 52 and by 55 we're under", nor of "a little water at 25, and
     * thirty, thirty five, forty …".
     */
    private function firstOf(Mention $mention, ?Place $other): ?Place
    {
        $place = $mention->place;
        $isBeginning = null !== $place && Joined::stretches($mention)
            && $this->sentence->has('starts', $mention->last + 1, $place->first - 1);

        $isPassed = null !== $other && !$this->sentence->isAfter('at', $other->first)
            && (Kind::LowSpot === $mention->kind && !$this->sentence->isMany($mention->last)
            // "thirty there's your first wye, forty, fifty and fifty two, that's unit two": that was one.
            || Family::Connection === $mention->kind?->family() && $this->sentence->is('known', $mention->first - 1));

        return $isBeginning || $isPassed || \in_array($mention->kind, self::ONCE, true) ? null : $place;
    }

    /**
     * "joints with roots, that's five feet, seven feet and eleven feet": a list behind what it is of.
     *
     * @param list<Place> $free at which nothing is
     *
     * @return list<Mention>
     */
    private function listWith(Mention $mention, array $free): array
    {
        $words = null === $mention->place || [] === $free ? [] : Listed::with($this->sentence, $mention->place);
        if ([] === $words || $words[0] <= $mention->last || \in_array($mention->kind, self::ONCE, true)) {
            return [];
        }
        $others = array_filter($free, static fn (Place $place) => \in_array($place->first, $words, true));

        return array_values(array_map(static fn (Place $place) => $mention->againAt($place), $others));
    }

    /**
     * "nineteen feet grease, 25 and 30": the first of those behind a name that has its own place before it.
     *
     * @param list<Place> $free at which nothing is
     *
     * @return list<Mention>
     */
    private function firstBehind(Mention $mention, array $free): array
    {
        $isFree = static fn (int $word) => [] !== array_filter($free, static fn (Place $place) => $place->first === $word);
        $isFirst = fn (Place $place) => $place->first === $mention->last + 1 && $this->sentence->is('and', $place->last + 1)
            && $isFree($place->last + 2);
        $isLed = null !== $mention->place && $mention->place->last < $mention->first && !\in_array($mention->kind, self::ONCE, true);

        return $isLed ? array_values(array_map($mention->againAt(...), array_filter($free, $isFirst))) : [];
    }

    /**
     * "roots at six at nine".
     *
     * @param bool $stretches whether what is at the first may go on to the other
     */
    private function isNextOf(Place $one, Place $other, bool $stretches): bool
    {
        $name = $this->sentence->named->next($other->last + 1, $other->last + self::NAMED_WORDS);
        // "cracks at sixteen and at thirty, you've got roots at twenty": those have a place of their own.
        $isOwn = null !== $name && null !== $this->sentence->begins('at', (int) $this->sentence->atomAt($name)?->last + 1);
        $at = $one->last + ($this->sentence->is('and', $one->last + 1) ? 2 : 1);
        // "roots here at six and here at nine", "roots in the joint at six and in the joint at nine"
        $at += $this->sentence->is('pointing', $at) ? 1 : 0;
        $at = ($this->sentence->begins('in_the_pipe', $at) ?? $at - 1) + 1;

        // "roots ten feet, fourteen feet, eighteen feet"
        $and = $this->sentence->is('and', $one->last + 1) ? 1 : 0;
        // "roots at 27 and 31, those aren't as bad"
        $isThem = 1 === $and && ($this->sentence->is('them', $other->last + 1)
            || null !== $this->sentence->begins('nothing_much', $other->last + 1) && $this->sentence->isAfter('at', $one->first)
            // "hair roots at 23 and 29 that we'll hit with foam"
            || $this->sentence->is('refers', $other->last + 1) && $this->sentence->isAfter('at', $one->first)
            // "roots at 22 and 25, we told the owner"
            || $this->sentence->is('somebody', $other->last + 1) && $this->sentence->isAfter('at', $one->first)
            && null === $this->sentence->named->next($other->last + 1, $other->last + self::TOLD_WORDS));
        // "roots at ten, twenty and thirty, a crack at 25"
        $isLast = 1 === $and && $isOwn && $this->sentence->isAfter('at', $one->first, self::LIST_WORDS);
        $isBeside = $other->first === $one->last + 1 + $and
            && ($isLast || null === $name && ($isThem || !$stretches && '' === $this->sentence->text($other->last + 1)));

        return null === $one->to && null === $other->to
            && ($isBeside || $this->sentence->begins('at', $at) === $other->first - 1)
            && $other->from > $one->from && (null === $name || $isOwn)
            // "a crack at twelve and at twenty there's a coupling"
            && ($isThem || !$this->sentence->is('known', $other->last + 1) && !$this->isOther($other->last + 1))
            && !(new Vacancy($this->sentence))->isOut($other) && !$this->sentence->endsThere($other->last + 1);
    }

    /** "there's a coupling": no more of what was named, and nothing that any table knows. */
    private function isOther(int $word): bool
    {
        // "a hole at twelve and sixteen no roots"
        return null !== $this->sentence->begins('deny', $word) || $this->sentence->beginsAny(['intro', 'here'], $word)
            && !$this->sentence->isShownAgain($word) && null === $this->sentence->named->next($word, $this->sentence->last);
    }

    /**
     * Whether a part holds a place and nothing else.
     *
     * @param array{int, int} $part
     * @param int $before the last word of the place before it
     * @param ?Place $third of a list, behind which may be talk: "… and 32 and 35, the water meter's over there"
     */
    private function isBare(array $part, int $before, ?Place $third): bool
    {
        // "… then at 23"
        for ($from = $part[0]; $this->sentence->is('lists_places', $from); ++$from) {
        }
        // "a root at five, and a coupling at fourteen"
        $isOther = $this->sentence->is('anew', $from) && !$this->sentence->beginsAny(['another', 'more_of_it'], $from);
        $to = $third?->first === $from && !$this->sentence->is('is', $third->last + 1)
            && !$this->sentence->has('landmark', $third->last + 1, $third->last + self::NAMED_WORDS) ? $third->last : $part[1];

        return $to - $part[0] < self::BARE_WORDS && $part[0] - $before < self::BARE_WORDS
            && !$isOther && !$this->sentence->isAny('nothing_there', ...$part)
            && !$this->sentence->has(['ends', 'out_again', 'reached', 'beside'], $from, $part[1])
            && !$this->sentence->has('presence', $from, $to);
    }
}
