<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** What stands between two words of a sentence, and how far it parts them; its cost is in the unit of the ties. */
final readonly class Between
{
    /** "Good", "nothing". */
    public const CLEAN = 4;
    /** "Keep going": whoever has moved on is somewhere else. */
    public const MOVED = 15;
    /** "A rag hung up at twenty": so many words between. */
    private const RIGHT_BEHIND = 2;
    /** A word, an "and", a comma. */
    private const WORD = 2;
    private const AND = 5;
    private const COMMA = -1;
    private const AS_ONE_WORD = ['how_much', 'start_of', 'at_a_joint', 'in_the_pipe', 'out'];
    /** Farther apart all are equally far. */
    private const MOST_WORDS = 9;

    public function __construct(private Sentence $sentence)
    {
    }

    public function cost(int $from, int $to): int
    {
        $cost = self::WORD * $this->words($from, $to) + ($this->sentence->has('move', $from, $to) ? self::MOVED : 0);
        for ($i = $from; $i <= $to; ++$i) {
            $cost += ($this->sentence->is('and', $i) ? self::AND : 0) + ($this->sentence->isComma($i) ? self::COMMA : 0)
                // … and not "a good bit of water"
                + ($this->sentence->is('nothing_there', $i) && !$this->sentence->isInside('how_much', $i) ? self::CLEAN : 0);
        }

        return $cost;
    }

    /** How many words stand between; a name, an amount, how much there is and "is a joint that's got" count as one. */
    public function words(int $from, int $to): int
    {
        $words = 0;
        for ($i = $from; $i <= $to; ++$i) {
            // "a connection at three o'clock at 2.7": the hour tells which side, and parts nothing.
            $hour = $this->sentence->atomAt(($this->sentence->begins('at', $i) ?? $i - 1) + 1);
            if (Unit::Clock === $hour?->amount?->unit) {
                $i = $hour->last;
                continue;
            }
            // "a good bit of": one, with its article.
            $i += $this->sentence->is('articles', $i) && null !== $this->sentence->begins('how_much', $i + 1) ? 1 : 0;
            $i = max($this->sentence->atomAt($i)->last ?? $i, $this->sentence->longest(self::AS_ONE_WORD, $i));
            ++$words;
        }

        return min($words, self::MOST_WORDS);
    }

    /** "twenty feet, same thing with the scale" */
    public function isAnother(int $from, int $to): bool
    {
        $begins = array_filter(array_keys($this->sentence->marks('another')), static fn (int $begin) => $begin > $from && $begin < $to);

        return [] !== array_filter($begins, fn (int $begin) => null !== $this->sentence->amountBefore($begin));
    }

    /** "roots at 30, here's 39 feet, it drops off, water on the other side of it" */
    public function isParted(int $from, int $to): bool
    {
        foreach ($this->sentence->atoms as $atom) {
            if ($atom->first >= $from && $atom->last <= $to && true === $atom->amount?->mayBeAlong()) {
                return true;
            }
        }

        return false;
    }

    public function isJoined(int $from, int $to): bool
    {
        return $this->sentence->isAny('joins', $from, $to);
    }

    /** "… and after that it's dropped at twenty": what comes next is told. */
    public function isThen(int $from, int $to): bool
    {
        $isThen = fn (int $end, int $begin) => $begin > $from && $end < $to && $this->sentence->is('and', $begin - 1)
            && $this->sentence->is('points_back', $end)
            // "and right above that is where the tub comes in"
            && null === $this->sentence->begins('to_a_side', $begin);

        return [] !== array_filter($this->sentence->marks('beside'), $isThen, \ARRAY_FILTER_USE_BOTH);
    }

    /** "paper in it, and at forty two", and not "a rag hung up at 42" */
    public function isLedAfresh(int $from, Place $place): bool
    {
        $led = $this->sentence->leadingTo('at', $place->first)[0] ?? $place->first;

        return $led - $from > self::RIGHT_BEHIND || $this->sentence->is('and', $led - 1) || null !== $this->sentence->amountBefore($led);
    }
}
