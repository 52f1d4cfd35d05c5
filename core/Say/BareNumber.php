<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** A number without a unit: by what stands around it, it is a place along the line, or counts something. */
final readonly class BareNumber
{
    /** Such as "a little". */
    private const WORDS_BEFORE_NAME = 4;
    /** One along a line is not larger. */
    private const LARGEST = 600;
    /** "There's two": so many are counted. */
    private const COUNTED = 5.0;
    /** "Nineteen sixty two": a year begins with one of these, and a number of two digits follows. */
    private const CENTURIES = [19.0, 20.0];
    private const TENS = 10;
    private const LEAST_OLD = 40;
    private const HUNDRED = 100;
    /** A number so near to the one behind it, in its unit, is of that unit as well. */
    private const PAIRED = 2.0;
    /** One that leads what is named is no smaller, nor one of which it is told that somebody is there. */
    private const LEAST_LEADING = 3;
    private const LEAST_TOLD = 2;

    /** "Built in the fall of nineteen sixty two": so many words before. */
    private const BUILT_WORDS = 5;

    /** Behind one of these it is a place. */
    private const LED_BY = ['at', 'from', 'to', 'between', 'starts', 'ends', 'sorry', 'another'];
    /** What may follow one that is a place. */
    private const GOES_ON = [
        'presence', 'here', 'intro', 'another', 'cut', 'contrast', 'deny', 'sorry', 'to', 'out', 'into', 'ends', 'starts', 'likely',
        'again', 'move',
    ];

    /**
     * @param Amount $one the number, or the first of a range
     * @param Place $place from where to where, in its own unit
     */
    public function __construct(private Sentence $sentence, private Amount $one, private Place $place)
    {
    }

    public function isPlace(): bool
    {
        $next = $this->place->last + 1;
        $isTimes = $this->sentence->is('times', $next) && null !== $this->sentence->atomAt($next + 1)?->amount
            || $this->sentence->is('times', $this->one->first - 1) && null !== $this->sentence->amountBefore($this->one->first - 1);
        // "job 41", "to manhole two", but not "nothing to report, 41 a lateral" or "a straight run, four and a half …"
        $name = $this->one->first - 1;
        $isNumbered = $this->sentence->is('numbered', $name) && 0.0 === fmod($this->one->value, 1.0)
            && (null === $this->sentence->begins('to', $name - 1) || null !== $this->sentence->atomAt($name));
        if ($this->isSizeWith($next)) {
            return false;
        }
        // "un punto bajo"
        $isArticle = 1.0 === $this->one->value && $this->sentence->is('articles', $this->one->first)
            && Atom::KIND === $this->sentence->atomAt($next)?->role;
        // "that's at least ten wipes"
        if ($isTimes || $isNumbered || $isArticle || $this->isYear() || $this->isHowMuch() || $this->isTallied($next)
            || $this->sentence->isAfter('at_least', $this->one->first)
            // "I get a call at six in the morning"
            || null !== $this->sentence->begins('of_the_day', $next)) {
            return false;
        }
        // "at nought there's a bend"
        $isBegin = 0.0 === $this->one->value && $this->sentence->isAfter('at', $this->one->first)
            && null !== $this->sentence->begins('intro', $next);
        // Nobody counts in tenths: "six point two more roots".
        if ($this->one->value > self::LARGEST || !$this->one->isTenths() && max($this->place->from, $this->place->to) < 1) {
            return $isBegin;
        }
        $isAt = $this->one->mayBePlace() && $this->sentence->isAfter('at', $this->one->first);

        $isCounted = $this->sentence->is('counted', $next)
            // "there's about ten of them"
            || $this->sentence->is('of', $next) && $this->sentence->is('them', $next + 1) || !$isAt && $this->sentence->is('priced', $next);

        return $this->isTold($next) && !$isCounted && !$this->isOfStreet($next)
            && ($this->one->isTenths() || $isAt || $this->isCountedOff() || $this->goesOn($next));
    }

    /** "down to two and a half, three inches", "forty fifty mil", "fifteen twenty percent": with the number behind it one size. */
    private function isSizeWith(int $next): bool
    {
        // "roots at eleven, maybe twenty percent"
        if ($this->sentence->isAtOfName($this->one->first)) {
            return false;
        }
        $behind = $this->sentence->atomAt($next + ($this->sentence->is('or', $next) ? 1 : 0))?->amount;
        $number = null === $behind ? 0.0 : $behind->value / $behind->each;
        $isNear = $number > $this->one->value && $number <= self::PAIRED * $this->one->value
            && !$this->sentence->is('bare_units', $behind->last ?? 0);

        return Unit::Percent === $behind?->unit && $number > $this->one->value
            || Unit::Small === $behind?->unit && ($isNear || abs($number - $this->one->value) <= self::PAIRED);
    }

    /** "the joint's out by twenty" */
    private function isHowMuch(): bool
    {
        return $this->sentence->is('by', $this->one->first - 1) && $this->sentence->named->holds($this->one->first - 1);
    }

    /** "built in nineteen sixty two" */
    private function isYear(): bool
    {
        $one = $this->one;
        $before = $this->sentence->amountBefore($one->first);
        $next = $this->sentence->atomAt($one->last + 1)?->amount;
        $isCentury = fn (?Amount $amount) => null !== $amount && \in_array($amount->value, self::CENTURIES, true)
            && $this->sentence->is('before_years', $amount->first - 1);

        // "a house from about nineteen sixty two": so far apart no counter goes by.
        $isOld = static fn (?Amount $first, ?Amount $second) => self::CENTURIES[0] === $first?->value && $second?->value >= self::LEAST_OLD
            && $second->value < self::HUNDRED;

        // … where places are in metres; and not "in water since twenty"
        $isWhole = \in_array(floor($one->value), self::CENTURIES, true) && 0.0 !== fmod($one->value, 1.0)
            && $this->sentence->is('before_years', $one->first - 1)
            && $this->sentence->isAny('built', $one->first - self::BUILT_WORDS, $one->first - 1);

        return $isWhole || $isCentury($before) && $one->value >= self::TENS || $isCentury($one) && $next?->value >= self::TENS
            || $isOld($before, $one) || $isOld($one, $next);
    }

    /** "fourteen eighty two Something Street" */
    private function isOfStreet(int $next): bool
    {
        $i = ($this->sentence->amountEnd($next) ?? $next - 1) + 1;

        return null === $this->sentence->atomAt($i) && $this->sentence->is('streets', $i + 1);
    }

    private function isTold(int $next): bool
    {
        $isLarge = $this->place->to >= Amount::LEAST_PLACE || 0.0 === $this->place->from || 0.0 !== fmod($this->place->to ?? 0.0, 1.0);
        $isStretch = null !== $this->place->to && $this->place->to - $this->place->from >= 1 && $isLarge;
        foreach (self::LED_BY as $role) {
            // "the same thing, one on each side"
            $isLed = 'another' !== $role || $this->one->mayBePlace();
            $isStretch = $isStretch || $isLed && $this->sentence->isAfter($role, $this->one->first);
        }

        return $isStretch || $this->isCountedOff() || $this->one->isTenths()
            || $this->isLeading($next) || $this->isNoted($next) || $this->isCounterAt($next);
    }

    /** "there's one, that's a break, and there's two, that's a crack" */
    private function isTallied(int $next): bool
    {
        return $this->one->value <= self::COUNTED && $this->sentence->isAfter('intro', $this->one->first)
            && $this->sentence->beginsAny(['intro', 'they_are'], $this->sentence->is('and', $next) ? $next + 1 : $next);
    }

    /** As the counter goes by. */
    private function isCountedOff(): bool
    {
        return null !== $this->sentence->begins('counted_off', $this->one->first);
    }

    /** "thirty five a little offset", "forty four there's a cleanout": a number that leads what is named. */
    private function isLeading(int $next): bool
    {
        $sentence = $this->sentence;
        // "those thirty six roots"; before an article a number counts nothing: "it's clear all the … thirty six the main"
        if ($sentence->is('articles', $this->one->first - 1) && !$sentence->is('articles', $next)) {
            return false;
        }
        if ($this->one->value < Amount::LEAST_PLACE) {
            // "six there's a wye", "six a wye"; "two small roots" are two
            // … and nobody counts "six scale" or "nine, no bottom"
            $name = $sentence->atomAt($next);
            $isOne = Atom::KIND === $name?->role && [] === array_filter(range($next, $name->last), $sentence->isMany(...));

            return $this->one->value >= self::LEAST_LEADING && $this->isFirst()
                && ($isOne || $sentence->beginsAny(['here', 'intro'], $next) || $sentence->is('articles', $next));
        }

        return $this->isToldBehind($next) || $this->isFirst() && $this->goesOn($next);
    }

    /** Whether what stands behind the number is said to be there. */
    private function isToldBehind(int $next): bool
    {
        $sentence = $this->sentence;
        $isNamed = null !== $sentence->named->next($next, $next + self::WORDS_BEFORE_NAME);
        // "twenty one is roots again", "sixty six it's the city tap"
        // … and "sixty was the main", on the way back
        $isSo = $isNamed && ($sentence->is('is', $next) || $sentence->is('was', $next)
            || $sentence->beginsAny(['describes', 'made_of'], $next));
        // "twenty seven the clay ends", "forty one the pipe's got a patch", "thirty nine the water's gone"
        $isOfLine = $sentence->is('known', $next)
            && (Atom::MATERIAL === $sentence->atomAt($next + 1)?->role || $sentence->is('of_the_line', $next + 1)
                || null !== $sentence->begins('ends', $next + 1));
        // "fifty two a ninety to the right"
        $turn = $sentence->is('articles', $next) ? $sentence->atomAt($next + 1)?->amount : null;
        $isTurn = Unit::None === $turn?->unit && \in_array($turn->value, Turn::DEGREES, true);
        // "seventy five and here's the wye"
        $shown = $next + ($sentence->is('and', $next) ? 1 : 0);
        if ($isSo || $isOfLine || $isTurn || $sentence->beginsAny(['here', 'intro'], $shown)
            // "thirty nine and we're at the main"
            || $shown > $next && $isNamed && null !== $sentence->begins('reached', $shown)
            || Atom::KIND === $sentence->atomAt($next)?->role
            // "fifty nine it clears", "sixty eight to the main"
            // … and "forty six is a joint"
            || $sentence->endsThere($next)
            || $sentence->beginsAny(['another', 'more_of_it', 'to_main', 'at_a_joint', 'into', 'becomes', 'is_where', 'where_it'], $next)
            // "thirty three and I'm out of it"
            || null !== $sentence->begins('closes', $shown)
            // "it's capped, fifty five they've got some gravel": nobody counts people so.
            || $sentence->is('somebody', $next) && !$sentence->is('before_years', $this->one->first - 1)) {
            return true;
        }
        for ($i = $next; $i < $next + self::WORDS_BEFORE_NAME && $sentence->is('before_names', $i); ++$i) {
            if (Atom::KIND === $sentence->atomAt($i + 1)?->role || null !== $sentence->begins('another', $i + 1)) {
                return true;
            }
        }

        return false;
    }

    private function isFirst(): bool
    {
        $first = $this->one->first;

        return $first === $this->sentence->first || $this->sentence->isComma($first - 1) || $this->sentence->is('and', $first - 1)
            || $this->sentence->isAfter('cut', $first);
    }

    /** "we're eight in", "that's seventeen", "sixteen out"; and "fifty five sixty", as the counter goes by */
    private function isCounterAt(int $next): bool
    {
        $sentence = $this->sentence;
        $before = $sentence->amountBefore($this->one->first);
        $behind = ($sentence->begins('out', $next) ?? 0) + 1;
        $isTold = $behind > $next && !$sentence->is('articles', $behind) && !$sentence->is('known', $behind);
        // "there's three roots" are three
        $isCount = $sentence->is('before_names', $next) || Atom::KIND === $sentence->atomAt($next)?->role;
        foreach ($isCount ? [] : ['reached', 'told', 'presence'] as $role) {
            $isTold = $isTold || $sentence->isAfter($role, $this->one->first);
        }

        // "I saw roots at twenty seven and thirty one, those aren't …"
        $listed = $sentence->is('and', $this->one->first - 1) ? $sentence->amountBefore($this->one->first - 1) : null;
        $isListed = true === $listed?->mayBePlace() && Unit::None === $listed->unit && $sentence->isAfter('at', $listed->first)
            && $listed->value < $this->one->value && $this->one->mayBePlace();

        return $isTold && $this->one->value >= self::LEAST_TOLD || $isListed
            || true === $before?->mayBePlace() && $before->value < $this->one->value;
    }

    /** "crack bottom 25 belly 30": as somebody notes it down, behind its name and before the next. */
    private function isNoted(int $next): bool
    {
        $after = $this->sentence->is('and', $next) ? $next + 1 : $next;
        $isNext = Atom::KIND === $this->sentence->atomAt($next)?->role || $this->sentence->last < $next
            || $this->sentence->beginsAny(['here', 'intro', 'move'], $after);

        return $this->one->mayBePlace() && $this->sentence->named->endsBefore($this->one->first) && $isNext;
    }

    /** Whether what follows is no noun that the number could count. */
    private function goesOn(int $i): bool
    {
        $sentence = $this->sentence;

        // "to one side": one is of what no name of many follows.
        $isNoCount = !$sentence->isMany($i) && (null !== $this->place->to || $this->one->value > 1);

        return $isNoCount || !ctype_alpha(substr($sentence->text($i), 0, 1)) || $sentence->is('after_places', $i)
            || $sentence->beginsAny(self::GOES_ON, $i) || null !== $sentence->atomAt($i);
    }
}
