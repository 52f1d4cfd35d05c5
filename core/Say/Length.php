<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** Whether an amount of a sentence says how long something is, and not where along the line. */
final readonly class Length
{
    /** "A six foot belly" is that long; "thirty foot belly" is where it is. */
    private const LONGEST_THING_M = 4.0;
    /** "Two feet past that": what is told so is not farther, in metres. */
    private const LONGEST_STEP_M = 3.0;
    /** What the first part of a line has is named so many words behind it … */
    private const OF_FIRST_WORDS = 6;
    /** … or before it: "fat in the first two metres". */
    private const TO_FIRST_WORDS = 7;
    /** "For about four feet": so many words before it. */
    private const FOR_WORDS = 2;
    /** "… is fine". */
    private const GOOD_WORDS = 2;

    /** @param list<Amount> $amounts of the sentence */
    public function __construct(private Sentence $sentence, private array $amounts)
    {
    }

    /** How long something is says nothing of where. */
    public function isSaid(Amount $one, int $next): bool
    {
        // "twenty feet thick grease": the grease is thick; "ten feet more grease"
        $length = $this->sentence->begins('length', $next);
        // "at nine metres just short of the manhole"
        $isThere = null !== $length && $this->sentence->isAfter('at', $one->first) && $this->sentence->is('of', $length + 1);
        // "a manhole at 43 feet, beyond that I didn't see anything": nothing is told to be so far behind.
        $isNextSaid = null !== $length && $one->value > self::LONGEST_STEP_M && $this->sentence->beginsAny(['past_it', 'from_here'], $next)
            && ($this->sentence->is('speakers', $length + 1) || $this->sentence->is('subjects', $length + 1)
                || null !== $this->sentence->begins('intro', $length + 1));
        $length = $isThere || $isNextSaid ? null : $length;
        $isMore = null !== $length && $this->sentence->is('more', $length);
        $isOfNext = null !== $length && ($isMore || $one->value >= self::LONGEST_THING_M)
            && Atom::KIND === $this->sentence->atomAt($length + 1)?->role;

        // "at twenty feet piece of the pipe broken out", "five feet long turn wye"
        $name = $this->sentence->atomAt($next);
        $isOfNext = $isOfNext || Atom::KIND === $name?->role
            && ($this->sentence->isAfter('at', $one->first) || null !== $length && $length < $name->last)
            // "more roots at fourteen feet, more at eighteen"
            || null !== $length && $isMore && $this->sentence->isAfter('at', $one->first)
            // "twenty three feet more of the same"
            || null !== $this->sentence->begins('another', $next);

        return Unit::Large === $one->unit && (null !== $length && !$isOfNext
            || $this->isOfAThing($one, $next) || $this->isWhere($one, $next)
            || $this->sentence->isAfter('length_of', $one->first)
            // "the line is seventy feet, and it's clay", and not "the line is seventy feet to the sewer"
            || $this->sentence->isAfter('whole_length', $one->first) && null === $this->sentence->begins('to', $next)
            // "for a couple feet"
            || $this->sentence->is('one', $one->first - 1) && $this->sentence->isAfter('length_of', $one->first - 1));
    }

    /** "it runs eight feet to fourteen feet", and not "for about four feet to 48 feet": so long would be "eight to fourteen feet". */
    public function isFromTo(Amount $one, Amount $last): bool
    {
        return $one->last < $last->first && $this->sentence->text($one->last) === $this->sentence->text($last->last)
            && !$this->sentence->isAny('for', $one->first - self::FOR_WORDS, $one->first - 1);
    }

    /** "it goes about five feet and then it ties in": from the beginning, where no place was said before. */
    public function isWay(Amount $one, int $next): bool
    {
        $isGood = $this->isGoodFirst($one, $next);
        $next += $isGood ? self::GOOD_WORDS : 0;

        return Unit::Large === $one->unit && ($isGood || $this->sentence->isAfter('goes_so_far', $one->first))
            // "mud in the bottom, and that continues for fifteen feet": so long is the mud.
            && !$this->isBehindStretch($one)
            && ($this->sentence->is('at_its_end', $next + 1) || $this->sentence->is('and', $next)
                // "it goes down about ten feet, there's your ninety at the bottom"
                || null !== $this->sentence->begins('intro', $next)
                || $this->sentence->isDone($next) || null !== $this->sentence->begins('cut', $next));
    }

    /** "the first nine feet is fine, and then there's a crack" */
    private function isGoodFirst(Amount $one, int $next): bool
    {
        return $this->sentence->is('first', $one->first - 1) && $this->sentence->is('is', $next)
            && $this->sentence->is('nothing_there', $next + 1);
    }

    /**
     * "and two feet past that there's a crack".
     *
     * @return ?float how far it is from what was named before, in metres; none where it is not told so
     */
    public function fromThere(Amount $one, int $next): ?float
    {
        $isNear = Unit::Large === $one->unit && $one->value > 0 && $one->value <= self::LONGEST_STEP_M
            && !$this->sentence->isAfter('at', $one->first);

        return match (true) {
            $isNear && null !== $this->sentence->begins('before_it', $next) => -$one->value,
            $isNear && null !== $this->sentence->begins('past_it', $next) => $one->value,
            default => null,
        };
    }

    /** "a two foot piece", "eight feet of cast iron" */
    private function isOfAThing(Amount $one, int $next): bool
    {
        // "one metre grease on the crown": one is one anyway.
        $isOne = abs($one->value - $one->each) < 0.001 && !$this->sentence->is('articles', $one->first - 1);
        $isOfAThing = $this->sentence->is('singular', $one->last) && !$isOne
            && !$this->sentence->isAfter('at', $one->first)
            && ($this->sentence->is('articles', $one->first - 1)
                || $one->value < self::LONGEST_THING_M && !$this->isPoint($next) && !$this->isOfList($one))
            // "five foot there's water"
            && Atom::KIND === $this->sentence->atomAt($next)?->role && null === $this->sentence->begins('intro', $next);
        // "it's a two foot joint"
        $isOfAThing = $isOfAThing || $this->sentence->is('singular', $one->last) && $this->sentence->is('anew', $one->first - 1)
            && null !== $this->sentence->begins('joint_named', $next);
        // "that's a nine footer"
        $isOfAThing = $isOfAThing || $this->sentence->is('lengths', $one->last) && $this->sentence->is('articles', $one->first - 1);
        // "eight feet of cast iron", "four feet of crack", "34 feet of four inch clay"
        // … "ten feet of solid root"
        $of = !$this->sentence->is('of', $next) ? null : $this->sentence->atomAt($next + 1) ?? $this->sentence->atomAt($next + 2)
            // "three feet of the old clay"
            ?? ($this->sentence->is('known', $next + 1) ? $this->sentence->atomAt($next + 3) : null);
        $of = Unit::Small === $of?->amount?->unit ? $this->sentence->atomAt($of->last + 1) : $of;

        return $isOfAThing || \in_array($of?->role, [Atom::MATERIAL, Atom::KIND], true);
    }

    /** "twelve foot roots, fifteen foot roots, twenty foot a crack": each is where it is. */
    private function isOfList(Amount $one): bool
    {
        $isLike = fn (Amount $each) => $each->first > $one->last && $each->value > $one->value
            && $this->sentence->is('singular', $each->last) && !$this->sentence->is('articles', $each->first - 1);

        return [] !== array_filter($this->amounts, $isLike);
    }

    /** "there's about eight feet here where the pipe's rolled over" */
    private function isWhere(Amount $one, int $next): bool
    {
        $where = $next + ($this->sentence->is('pointing', $next) ? 1 : 0);
        // "and that's nine metres sixty, where there's a bend" is a place.
        $isShown = $this->sentence->isAfter('intro', $one->first, 2) && !$this->sentence->isAfter('puts', $one->first, 2);

        return $isShown && $this->sentence->is('at_its_end', $where) && !$this->sentence->isAfter('at', $one->first);
    }

    /**
     * "the first two metres it's full of silt", "sludge from the beginning to fifteen feet": from the beginning on.
     *
     * @param bool $isBegin whether no place was said before: "it's scaly from here up to 25"
     */
    public function isOfFirst(Amount $one, int $next, bool $isBegin): bool
    {
        if ($this->isGoodFirst($one, $next)) {
            return false;
        }
        if ($this->sentence->isAfter('from_opening', $one->first) || $isBegin && $this->sentence->isAfter('from_here_on', $one->first)) {
            return true;
        }
        $name = $this->sentence->named->next($next, $next + self::OF_FIRST_WORDS);
        $atom = null === $name ? null : $this->sentence->atomAt($name);
        // "nothing wrong with the first hundred feet, but there's grease at fourteen"
        $isNext = null !== $atom && !$this->sentence->has('contrast', $next, $atom->first) && [] === array_filter(
            $this->amounts, static fn (Amount $each) => $each->first > $one->last && $each->first < $atom->first,
        );

        // "there's a lot of fat in the first two metres"
        $before = $this->nameBefore($one);
        $isBefore = !$isNext && null !== $before && $one->first - $before->last <= self::TO_FIRST_WORDS;
        $atom = $isBefore ? $before : $atom;

        // "it looks great up to the first ten feet"
        return null !== $atom && Unit::Large === $one->unit && $this->sentence->is('first', $one->first - 1) && ($isNext || $isBefore)
            // "it looks okay at first, eleven feet …"
            && !$this->sentence->isAfter('to', $one->first - 1, 2) && !$this->sentence->isAfter('at', $one->first - 1)
            && Joined::stretches(Mention::of($atom));
    }

    /** "one metre connection": what has no length is there. */
    private function isPoint(int $i): bool
    {
        $atom = $this->sentence->atomAt($i);

        return Atom::KIND === $atom?->role && !Joined::stretches(Mention::of($atom));
    }

    /** Whether what was named last before it may go on for so long. */
    private function isBehindStretch(Amount $one): bool
    {
        $before = $this->nameBefore($one);

        return null !== $before && Joined::stretches(Mention::of($before));
    }

    /** What was named last before it. */
    private function nameBefore(Amount $one): ?Atom
    {
        $isBefore = static fn (Atom $atom) => Atom::KIND === $atom->role && $atom->last < $one->first;
        $before = array_filter($this->sentence->atoms, $isBefore);

        return end($before) ?: null;
    }
}
