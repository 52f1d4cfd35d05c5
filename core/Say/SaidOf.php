<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Measure;

/** Of which of all that is named in a sentence something is said that has no place of its own: a side, how much, what is seen there. */
final readonly class SaidOf
{
    /** What is named behind what is said of it is so many words farther off: it stands behind its name as a rule. */
    private const AHEAD = 4;
    /** That far off is what is named in another part. */
    private const ELSEWHERE = 1000;
    /** "A lateral at ten": so many words from a name to its place. */
    private const PLACED_WORDS = 3;
    /** "Ten on the left": so many words from a place to its side. */
    private const SIDE_WORDS = 3;

    /** @param list<Mention> $all in their order */
    public function __construct(private Sentence $sentence, private Measures $measures, private array $all)
    {
    }

    /**
     * @param int $first the first word of what is said
     * @param int $last its last word
     * @param int $at the word from which it is measured
     *
     * @return list<Mention> that of which it is for certain, or the nearest first
     */
    public function said(int $first, int $last, int $at): array
    {
        $told = $this->certain($first, $last);

        return null === $told ? $this->nearest($at) : [$told];
    }

    /** @return list<Mention> the likeliest first: where not everything can be said of that of which it is for certain */
    public function likeliest(int $first, int $last): array
    {
        $told = $this->certain($first, $last);

        return [...(null === $told ? [] : [$told]), ...$this->nearest($first)];
    }

    /** @return list<Mention> the nearest to a word first, those of its own part before all others */
    private function nearest(int $i): array
    {
        $part = $this->sentence->part($i);
        $ahead = $this->leadsIn($i) ? 0 : self::AHEAD;
        $far = static fn (Mention $each) => ($each->first >= $part[0] && $each->last <= $part[1] ? 0 : self::ELSEWHERE)
            + ($each->first > $i ? $each->first - $i + $ahead : $i - $each->last);
        $all = $this->all;
        usort($all, static fn (Mention $one, Mention $other) => $far($one) <=> $far($other));

        return $all;
    }

    /** "and on the left a wye", "21 feet, on the left a wye", "half an inch of silt": what begins what is told, or how much of what. */
    private function leadsIn(int $i): bool
    {
        $size = $this->sentence->amountBefore($i + 1);
        $name = null === $size ? null : $this->sentence->atomAt($this->sentence->behindSize($size));
        // "an offset about half an inch, lateral at 22": no pipe is so narrow.
        $isOfName = Atom::KIND === $name?->role
            && ($size->value >= Bores::LEAST_BORE_M || Measure::Bore !== Mention::of($name)->kind?->measure());
        $place = $this->sentence->amountBefore($i) ?? $this->sentence->amountBefore($i - 1);

        return $isOfName || $this->sentence->isAny('and', $i - 2, $i - 1)
            || true === $place?->mayBeAlong() && !$this->sentence->isAfter('at', $place->first);
    }

    /** What is said behind a name and its place, or between a name and the next place, is not of what is named next. */
    private function certain(int $first, int $last): ?Mention
    {
        // "a wye at nineteen at the bottom, at 22 feet a hole"
        $isPlaceNext = null !== $this->sentence->begins('at', $last + 1) || null !== $this->sentence->atomAt($last + 1)?->amount;
        // "there's a hole, you can see the dirt on the left, twenty feet a root"
        $isOfBefore = $isPlaceNext && !$this->sentence->isComma($first - 1)
            // "there's a rock, and it won't move, at 25 a rag"
            && (!$this->leadsIn($first) || $this->sentence->is('subjects', $first - 1));
        foreach ($this->all as $i => $mention) {
            $next = $this->all[$i + 1] ?? null;
            $end = $this->placeBehind($mention)?->last;
            if (null === $next || $next->first <= $last) {
                continue;
            }
            // "a lateral at ten on the left, a lateral at fourteen on the right"
            $isBehind = null !== $end && $first > $end && $first - $end <= self::SIDE_WORDS
                && ($isPlaceNext || null !== $this->placeBehind($next));
            $isBefore = $isOfBefore && null === $end && $first > $mention->last && !$this->measures->hasPlace($mention->last, $first);
            if ($isBehind || $isBefore) {
                return $mention;
            }
        }

        return null;
    }

    private function placeBehind(Mention $mention): ?Place
    {
        $isIts = fn (Place $place) => $place->first > $mention->last && $place->first - $mention->last <= self::PLACED_WORDS
            && null === $this->sentence->named->next($mention->last + 1, $place->first);

        return array_values(array_filter($this->measures->places, $isIts))[0] ?? null;
    }
}
