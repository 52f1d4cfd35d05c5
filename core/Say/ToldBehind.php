<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** Whether the place of what was named is told behind it, in so many words: "there's a lip there nineteen feet", "a belly starts at 20". */
final readonly class ToldBehind
{
    /** "There's a real big crack": so many words before a name. */
    private const SHOWN_BEFORE = 3;
    /** "That's about four feet down": so many words behind the place of what is there. */
    private const DEPTH_WORDS = 3;
    /** "The break is at 36": so many words behind its name. */
    private const AT_WORDS = 3;
    private const IS_THERE_WORDS = 8;
    /** "Same thing with the scale": so many words before a name it begins. */
    private const AGAIN_WORDS = 7;

    private Between $between;

    public function __construct(private Sentence $sentence)
    {
        $this->between = new Between($sentence);
    }

    public function is(Mention $mention, Place $place): bool
    {
        return $this->sentence->has('told', $mention->last + 1, $place->first) || $this->isStart($mention, $place)
            // "here's the tap right here thirty six and a half"
            || $this->sentence->isAfter('here', $place->first) && $this->sentence->isAfter('intro', $mention->first, 2)
            || $this->isPointedAt($mention, $place) || $this->isPut($place)
            // "the main is out there in the street at 53"
            || $this->sentence->is('is', $mention->last + 1) && $this->sentence->is('definite', $mention->first)
            && $this->sentence->isAfter('at', $place->first) && $place->first - $mention->last <= self::IS_THERE_WORDS
            && !$this->between->isParted($mention->last, $place->first - 1)
            // "it's one point two deep, and that's ten metres fifty, and that's where it's cracked"
            || null === $mention->kind && $this->sentence->isAfter('puts', $place->first);
    }

    /** "a belly starts at 20", and not "three metres standing water begins, three point nine standing water ends" */
    private function isStart(Mention $mention, Place $place): bool
    {
        $first = $mention->first - ($this->sentence->is('articles', $mention->first - 1) ? 1 : 0);

        return $this->sentence->has('starts', $mention->last + 1, $place->first - 1) && null === $this->sentence->amountBefore($first)
            // … nor "fifty feet there's a sag starting, water's at twenty percent, fifty eight …"
            && ($this->sentence->isAfter('at', $place->first) || !$this->isShownAtPlace($mention))
            // … nor "forty feet a root ball starting, forty five another one"
            && !$this->sentence->beginsAny(['another', 'intro', 'here'], $place->last + 1);
    }

    /** "a little root there, nothing crazy, that's twenty one feet", and not "that's twenty one feet, there's …" */
    public function isPut(Place $place): bool
    {
        $next = $place->last + 1;
        $isJoined = $this->sentence->is('and', $next) && (null !== $this->sentence->begins('next_joint', $next + 1)
            || null === $this->sentence->begins('intro', $next + 1) && null === $this->sentence->atomAt($next + 1));

        return $this->sentence->isAfter('puts', $place->first) && ('' === $this->sentence->text($next) || $this->sentence->isComma($next)
            || $isJoined || $this->sentence->beginsAny(['cut', 'move', 'puts', 'from_start'], $next)
            // "and that's three feet in, I can't get any further"
            || null !== $this->sentence->begins('we_cannot', ($this->sentence->begins('out', $next) ?? $place->last) + 1));
    }

    /** "there's a real big lip there nineteen feet", and not "fifteen there's a lip there, nineteen …" */
    private function isPointedAt(Mention $mention, Place $place): bool
    {
        $isPointing = $mention->last === $place->first - 2 && $this->sentence->is('pointing', $place->first - 1)
            && !$this->sentence->is('is', $place->last + 1) && !$this->sentence->is('articles', $place->last + 1)
            && !$this->sentence->beginsAny(['likely', 'intro', 'goes_on', 'still'], $place->last + 1);
        // … nor "fifteen, okay, there's a lip there nineteen …"
        $isFree = fn (int $begin) => !$this->between->isParted($begin - self::SHOWN_BEFORE, $begin);

        return $isPointing && !$this->sentence->isPlaceLed
            && [] !== array_filter($this->sentence->introsOf($mention->first, self::SHOWN_BEFORE), $isFree);
    }

    /** "ten feet and we've got an elbow again", "two and a half fat again" */
    private function isShownAtPlace(Mention $mention): bool
    {
        $begins = $this->sentence->introsOf($mention->first, self::SHOWN_BEFORE);
        $behind = array_map(fn (int $begin) => $begin - ($this->sentence->is('and', $begin - 1) ? 1 : 0), $begins);
        $isAtPlace = fn (int $word) => true === $this->sentence->amountBefore($word)?->mayBeAlong();

        return [] !== array_filter([$mention->first, ...$behind], $isAtPlace);
    }

    /** "there's a root at twelve, that's about four feet down" */
    public function isDepthOf(Mention $mention, Mention $before, Place $place): bool
    {
        if (null !== $mention->kind) {
            return false;
        }
        if ($place->first < $before->last) {
            // "a hole with roots coming in, that's at four foot one"
            return $this->sentence->isAfter('reads_deep', $mention->first)
                && !$this->between->isParted($before->last + 1, $mention->first - 1);
        }
        $from = $place->last + 1;

        return $mention->first - $from <= self::DEPTH_WORDS && ($this->sentence->beginsAny(['intro', 'they_are', 'made_of'], $from)
            || $this->sentence->is('is', $from) && $from === $mention->first - 1
            // "the break is at 36, four foot seven"
            || $from === $mention->first && $this->sentence->isAfter('at', $place->first) && $this->isToldAt($before, $place));
    }

    /** "the break is at 36" */
    private function isToldAt(Mention $mention, Place $place): bool
    {
        return $this->sentence->is('is', $mention->last + 1) && $place->first - $mention->last <= self::AT_WORDS;
    }

    /** "other than those two bellies", and not "that's a four foot sag", "same thing, a little bit of root", "the same, another crack" */
    public function isAgain(Mention $mention): bool
    {
        $amount = $this->sentence->amountBefore($mention->first);
        $isLength = null !== $amount && (Unit::None !== $amount->unit || $amount->mayBePlace())
            && !$this->sentence->isInside('again', $amount->first);
        $isOther = $mention->isOther && !$this->sentence->is('the_same', $mention->first - 1);

        return $mention->isAgain && !$isOther && !$isLength && !$this->isShownAtPlace($mention)
            && !$this->between->isAnother($mention->first - self::AGAIN_WORDS, $mention->first);
    }
}
