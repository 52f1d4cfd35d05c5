<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** "at twelve feet there's a service on the left at ten, and it's capped": what has its place already is at an hour of the clock. */
final readonly class Hour
{
    private const LAST = 12.0;
    /** "A service coming in on the left at ten": the side ends so many words behind the name … */
    private const SIDE_WORDS = 5;
    /** … and the hour is no farther from it. */
    private const SIDE_HOURS = 2.0;
    /** "A crack on top here at twenty three feet from": so many words behind a name. */
    private const RANGE_WORDS = 9;
    /** "At twelve feet, okay, there's a big": so many words stand between a place and a name. */
    private const PLACE_WORDS = 5;
    /** "And goes out the other side at four": so many words behind the hour of its way in. */
    private const OUT_WORDS = 8;
    /** What is named so many words behind a number may be at it. */
    private const NEXT_WORDS = 3;

    public function __construct(private Sentence $sentence)
    {
    }

    /** @return Amount the same, as an hour where it is one */
    public function read(Amount $one): Amount
    {
        $isHour = Unit::None === $one->unit && $one->value >= 1 && $one->value <= self::LAST && 0.0 === fmod($one->value, 1.0)
            && ($this->isOfPlaced($one) || $this->isOfRange($one) || $this->isWayOut($one)) && !$this->isOfNext($one->last + 1);

        return $isHour ? new Amount($one->value, Unit::Clock, $one->first, $one->last) : $one;
    }

    /** Whether a side that the hour is on stands right before it, behind what is named right behind a place. */
    private function isOfPlaced(Amount $one): bool
    {
        foreach ($this->sentence->leadingTo('at', $one->first) as $at) {
            foreach ($this->sentence->atoms as $side) {
                $isOn = Atom::CLOCK === $side->role && $side->last === $at - 1 && self::isOn((float) $side->meaning, $one->value);
                $end = $isOn ? $this->sentence->named->before($side->last + 1) : null;
                if (null !== $end && $side->first - $end <= self::SIDE_WORDS && $this->isBehindPlace($end, $one)) {
                    return true;
                }
            }
        }

        return false;
    }

    /** "a crack at twenty three feet from ten to two": what is at one place already goes from no other back to another. */
    private function isOfRange(Amount $one): bool
    {
        $isSecond = $this->sentence->isAfter('to', $one->first);
        $first = $isSecond ? $this->sentence->amountBefore($one->first - 1) : $one;
        // … and not "at ten feet it's worn from ten back to about four"
        $isTo = null !== $first && $this->sentence->begins('to', $first->last + 1) === $first->last + 1;
        $last = $isTo ? $this->sentence->atomAt($first->last + 2)?->amount : null;
        $end = null === $first ? null : $this->sentence->named->before($first->first);

        return null !== $end && Unit::None === $first->unit && Unit::None === $last?->unit && $last->value < $first->value
            && $this->sentence->isAfter('from', $first->first) && $first->first - $end <= self::RANGE_WORDS
            && $this->isAtOtherPlace($end, $first);
    }

    /** "it comes in at ten o'clock and goes out at four": the hour is said once. */
    private function isWayOut(Amount $one): bool
    {
        $isIn = fn (Atom $atom) => Unit::Clock === $atom->amount?->unit && $atom->last < $one->first
            && $one->first - $atom->last <= self::OUT_WORDS && $this->sentence->has('goes_out', $atom->last + 1, $one->first);

        return [] !== array_filter($this->sentence->atoms, $isIn);
    }

    /** Whether the name that ends at a word has a place: "a crack at twenty three feet from …", "at three metres a crack from …" */
    private function isAtOtherPlace(int $end, Amount $first): bool
    {
        $begin = $this->sentence->named->beginsBefore($end + 1) ?? $end;
        $isBehind = fn (Atom $atom) => $atom->first > $end && $atom->last < $first->first && $this->sentence->isAfter('at', $atom->first);
        $isIts = fn (Atom $atom) => true === $atom->amount?->mayBeAlong()
            && $atom->amount->value / $atom->amount->each !== $first->value && ($this->leadsTo($begin, $atom) || $isBehind($atom));

        return [] !== array_filter($this->sentence->atoms, $isIts);
    }

    private static function isOn(float $side, float $hour): bool
    {
        $apart = abs($side - $hour);

        return min($apart, self::LAST - $apart) <= self::SIDE_HOURS;
    }

    /** Whether the name that ends at a word stands right behind a place; what comes next is farther along. */
    private function isBehindPlace(int $end, Amount $hour): bool
    {
        $begin = $this->sentence->named->beginsBefore($end + 1) ?? $end;
        $isIts = fn (Atom $atom) => true === $atom->amount?->mayBeAlong() && $atom->amount->value / $atom->amount->each > $hour->value
            && $this->leadsTo($begin, $atom);

        return [] !== array_filter($this->sentence->atoms, $isIts);
    }

    /** Whether a number stands right before a name, with nothing else named between. */
    private function leadsTo(int $name, Atom $number): bool
    {
        return $number->last < $name && $name - $number->last <= self::PLACE_WORDS
            && null === $this->sentence->named->next($number->last, $name - 1);
    }

    private function isOfNext(int $next): bool
    {
        return $this->sentence->beginsAny(['intro', 'here'], $next)
            || null !== $this->sentence->named->next($next, $next + self::NEXT_WORDS) && !$this->sentence->is('and', $next);
    }
}
