<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** What speaks for nothing being at a place of a sentence; its cost is in the unit of the ties that the place could have instead. */
final class Vacancy
{
    /** Nothing is at a place … */
    private const OVER = 11;
    /** … the last one, which may be of what comes next, */
    private const LAST = 8;
    /** or one that is of something else. */
    private const OTHERS = 6;
    /** From somewhere to somewhere there is something. */
    private const STRETCH = 6;
    /** One more of what was named is there. */
    private const ANOTHER = 3;
    /** What is named so many words behind "another" is what is there. */
    private const NAMED_WORDS = 2;
    /** What is named so many words behind "there's" is what is there. */
    private const SHOWN_WORDS = 4;
    /** "It's over by": so many words before a place. */
    private const END_WORDS = 2;
    /** "Eighteen feet, joint is good": so many words behind a place. */
    private const CLEAN_WORDS = 3;
    /** "No root but": so many words behind a place. */
    private const BUT_WORDS = 4;
    /** "The property line is at 45 feet": so many words before a place. */
    private const LANDMARK_WORDS = 6;

    /** @var array<int, bool> whether nothing is at a place, by its first word: each is asked for with each name */
    private array $clean = [];

    public function __construct(private readonly Sentence $sentence)
    {
    }

    public function cost(Place $place, bool $isLast): int
    {
        // "51 there's another one": what is named once more is there.
        $another = $this->sentence->begins('another', $place->last + 1);
        // … and not "two metres forty another screw".
        $isAnother = null !== $another && null === $this->sentence->named->next($another + 1, $another + self::NAMED_WORDS);
        if ($isAnother || $this->sentence->isShownAgain($place->last + 1)
            // "it's over by fourteen": what was named before ends there; and "eighteen feet coupling's fine".
            || $this->isEnd($place)
            || $this->isOut($place)
            || $this->isClean($place) || $this->isGood($place) || $this->isOfNone($place) || $this->isShownElsewhere($place->last + 1)
            // "fifteen feet, no roots there"
            || null === $place->to && $this->isDenied($place)
        ) {
            return self::ANOTHER;
        }

        // "a wye on the left at eleven that goes to the kitchen": that is told of what is there.
        $mayBeNext = $isLast && !$this->sentence->isEnd($place->last) && !$this->sentence->is('relates', $place->last + 1);
        $cost = $mayBeNext ? self::LAST : ($this->isOfOther($place) ? self::OTHERS : self::OVER);

        return $cost + (null === $place->to ? 0 : self::STRETCH);
    }

    /** "good at fifteen, a crack at twenty" */
    public function isGood(Place $place): bool
    {
        // "all clear, at 4.6 metres there's a crack"
        $next = (int) $this->sentence->amountEnd($place->first) + 1;
        // "so far so good, at 39 the pipe takes a dip"
        $isOfPipe = $this->sentence->is('known', $next) && $this->sentence->is('of_the_line', $next + 1);
        $shown = $this->shownAt($next);
        $isShown = ($isOfPipe || $this->sentence->beginsAny(['intro', 'here'], $next)) && null !== $shown && !$this->isElsewhere($shown);

        return !$isShown && $this->sentence->begins('at', $place->first - 1) === $place->first - 1
            && $this->sentence->is('nothing_there', $place->first - 2);
    }

    /** "five feet looks good, there's a fitting there at eight": what is shown behind a place has its own. */
    public function isShownElsewhere(int $next): bool
    {
        $shown = $this->sentence->beginsAny(['intro', 'here'], $next) ? $this->shownAt($next) : null;

        return null !== $shown && $this->isElsewhere($shown);
    }

    private function shownAt(int $next): ?int
    {
        return $this->sentence->named->next($next, $next + self::SHOWN_WORDS + 2);
    }

    /** "there's a bend at six point eight" */
    private function isElsewhere(int $name): bool
    {
        $next = ($this->sentence->atomAt($name)->last ?? $name) + 1;
        $next += $this->sentence->is('pointing', $next) ? 1 : 0;
        $at = $this->sentence->begins('at', $next);
        // "at two metres ten there's a bend right, at two metres eighty it joins the run": that way it bends.
        $place = null === $at || null !== $this->sentence->begins('to_a_side', $next) ? null : $this->sentence->atomAt($at + 1);

        return true === $place?->amount?->mayBeAlong()
            // "at fifty there's the tap at forty six there's the transition"
            && !$this->sentence->beginsAny(['intro', 'here'], $place->last + 1);
    }

    /** "thirty nine I'm back out", "we're at eleven and we're coming out of it", and not "eleven feet out" */
    public function isOut(Place $place): bool
    {
        $next = $place->last + ($this->sentence->is('and', $place->last + 1) ? 2 : 1);

        return $this->sentence->begins('out_again', $next) > ($this->sentence->begins('out', $next) ?? 0);
    }

    /** "… and from there out to sixty it's clean": that far nothing goes on. */
    public function isCleanTo(int $from, Place $end): bool
    {
        return $this->sentence->isAny('and', $from, $end->first - 1) && $this->sentence->is('subjects', $end->last + 1)
            && $this->sentence->isAny('nothing_there', $end->last + 2, $end->last + self::CLEAN_WORDS);
    }

    /** "and at five metres it joins the main drain": what is told of the place is nothing that was found. */
    public function isOfNone(Place $place): bool
    {
        return $this->isLedByAnd($place) && $this->sentence->is('subjects', $place->last + 1)
            && Atom::NONE === $this->sentence->atomAt($place->last + 2)?->role;
    }

    /** "it's over by fourteen", and not "thirty seven it stops, forty four …" */
    private function isEnd(Place $place): bool
    {
        $isItsEnd = fn (int $end, int $begin) => $end < $place->first && $place->first - $end <= self::END_WORDS
            && null === ($this->sentence->amountBefore($begin) ?? $this->sentence->amountBefore($begin - 1));

        return [] !== array_filter($this->sentence->marks('ends'), $isItsEnd, \ARRAY_FILTER_USE_BOTH);
    }

    /** "eighteen feet, joint is good" */
    public function isClean(Place $place): bool
    {
        return $this->clean[$place->first] ??= $this->looksClean($place);
    }

    private function looksClean(Place $place): bool
    {
        // "ten feet, okay, this joint's good"
        $isWell = $this->sentence->is('all_well', $place->last + 1);
        $from = $place->last + ($isWell ? 2 : 1);
        // "eight feet, cast iron's pretty good"
        $atom = $this->sentence->atomAt($from);
        $from = Atom::MATERIAL === $atom?->role ? $atom->last + 1 : $from;
        $to = $from + self::CLEAN_WORDS - 1;

        // "one point seven okay, two point three"
        if ($isWell && null !== $this->sentence->atomAt($from)?->amount) {
            return true;
        }

        // "roots at forty one, that's nothing to worry about": that is said of the roots.
        return !$this->sentence->is('subjects', $from) && null === $this->sentence->named->next($from, $to)
            // "there's a good amount of grease"
            && !$this->sentence->isInside('how_much', $to)
            // "nothing that would stop anything" is said of what is there
            && null === $this->sentence->begins('nothing_much', $from)
            // "lined up tight, but there's hair growing"
            && [] === array_filter(range($from, $to + 1), fn (int $word) => null !== $this->sentence->begins('contrast', $word))
            && $this->sentence->isAny('nothing_there', $from, min($to, $this->sentence->last));
    }

    /** "fifteen feet, no roots there", and not "thirty two feet no root but it's cracked" */
    private function isDenied(Place $place): bool
    {
        $isBut = fn (int $word) => null !== $this->sentence->begins('contrast', $word);

        // … nor "a wye at eighteen, it's not supposed to do that"
        return null !== $this->sentence->begins('deny', $place->last + 1)
            && null !== $this->sentence->named->next($place->last + 1, $place->last + self::LANDMARK_WORDS)
            && [] === array_filter(range($place->last + 2, $place->last + self::BUT_WORDS), $isBut);
    }

    /** "42 feet there's …", "the property line is at 42", "30, 35, 40" as the counter goes by: of what no table knows, or of nothing. */
    private function isOfOther(Place $place): bool
    {
        $next = $place->last + 1;

        // "and at twelve feet it picks up the clay again"
        $isShown = ($this->sentence->beginsAny(['here', 'intro', 'reached'], $next) || $this->sentence->is('is', $next)
            || $this->sentence->is('subjects', $next) && $this->isLedByAnd($place))
            && null === $this->sentence->named->next($next, $next + self::SHOWN_WORDS);

        return $isShown || null !== $this->sentence->begins('deny', $next)
            // "forty five I come out of the water"
            || $this->sentence->endsThere($next) || null !== $this->sentence->begins('closes', $next)
            || null !== $this->sentence->atomAt($next)?->amount
            || $this->isOfLandmark($place);
    }

    /** "and at twelve feet" */
    private function isLedByAnd(Place $place): bool
    {
        $isAnd = fn (int $at) => $this->sentence->is('and', $at - 1);

        return [] !== array_filter($this->sentence->leadingTo('at', $place->first), $isAnd);
    }

    /** "the property line is at 42", "to the property line, which is 45 feet", and not "to the street, six feet …" */
    private function isOfLandmark(Place $place): bool
    {
        $isOf = fn (int $end, int $begin) => $end < $place->first && $place->first - $end <= self::LANDMARK_WORDS
            && (!$this->sentence->isAfter('to', $begin, 2) || $this->sentence->isAny('is', $end + 1, $place->first - 1));

        return [] !== array_filter($this->sentence->marks('landmark'), $isOf, \ARRAY_FILTER_USE_BOTH);
    }
}
