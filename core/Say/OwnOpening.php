<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** Whether an opening that is named is the one the speaker went in by, and not one that is seen from inside. */
final readonly class OwnOpening
{
    /** What leads through it stands so many words before it. */
    private const WAY_WORDS = 4;
    /** "Fifteen feet, uh, that's the cleanout": so many words between. */
    private const SHOWN_WORDS = 2;
    /** It is no farther than that, in metres. */
    private const OWN_M = 0.6;

    public function __construct(private Sentence $sentence, private Measures $measures)
    {
    }

    /**
     * @param bool $isPlaced whether its place is told behind it
     * @param bool $isPlacePending whether a place said before waits for a name
     */
    public function is(Mention $mention, bool $isPlaced, bool $isPlacePending): bool
    {
        $sentence = $this->sentence;
        if ($this->isToldWhere($mention)) {
            return false;
        }
        $isKnown = $sentence->is('known', $mention->first - 1) || $sentence->is('known', $mention->first - 2);
        $isBehind = static fn (string $role) => $sentence->isAfter($role, $mention->first, self::WAY_WORDS);
        if ($isPlaced) {
            // "from the cleanout one metre in", "from the street side cleanout"
            // and "we're at zero right at the cleanout"
            // … but "from the cleanout at twelve feet"; and "from the cleanout out to the main, three feet a wye"
            $at = $sentence->begins('at', $mention->last + 1);
            $isAt = null !== $at && null !== $sentence->atomAt($at + 1)?->amount;

            // "a cracked fitting right at the cleanout at one foot": it tells where.
            $first = $mention->first - ($isKnown ? 1 : 0);
            $isBeside = $sentence->isAfter('at', $first) && null !== $sentence->named->before($first)
                && $first - (int) $sentence->named->before($first) <= self::SHOWN_WORDS + 1;

            return $isBeside || $this->isLeft($mention) || $isBehind('zeroed') || ($isBehind('from') || $isBehind('went_in')) && !$isAt;
        }
        // "I got in at the front cleanout", "front cleanout to the street"
        $isFrom = null !== $sentence->begins('toward', $mention->last + 1) && !$isPlacePending
            && !$this->measures->hasPlace($sentence->first - 1, $mention->first);
        // "zero at the cleanout at four feet, our coupling"
        if ($isBehind('went_in') || $isBehind('zeroed') || $isFrom) {
            return true;
        }
        // "twenty two feet, that's the outside cleanout"
        if ($this->isShown($mention)) {
            return false;
        }
        $isWay = $isBehind('way');
        $isShown = $sentence->has('intro', $isWay ? $mention->first - self::WAY_WORDS : null, $mention->first - 1);

        return $isKnown && ($isWay || !$this->measures->hasPlace($sentence->part($mention->first)[0] - 1, $mention->first))
            || !$isShown && $isWay && !$this->measures->hasPlace($sentence->first - 1, $mention->first)
            || !$isShown && [] === $this->measures->places && !$isPlacePending;
    }

    /** "it's an ABS cleanout, and I went about three feet and it goes down" */
    private function isLeft(Mention $mention): bool
    {
        return $this->sentence->is('and', $mention->last + 1) && $this->sentence->is('speakers', $mention->last + 2)
            && !$this->measures->hasPlace($this->sentence->first - 1, $mention->first);
    }

    private function isToldWhere(Mention $mention): bool
    {
        $sentence = $this->sentence;
        // "36 feet is the cleanout"
        if ($sentence->isThere($mention->first - 2) && null !== $sentence->amountBefore($mention->first - 2)) {
            return true;
        }
        // "32 feet is where your outside cleanout is"
        foreach ($sentence->marks('is_where') as $begin => $end) {
            if (null !== $sentence->amountBefore($begin) && $end < $mention->first && $mention->first - $end <= self::WAY_WORDS) {
                return true;
            }
        }

        return false;
    }

    /** "twenty two feet, that's the cleanout", and not "zero, that's the cleanout", "that's our cleanout" */
    private function isShown(Mention $mention): bool
    {
        $isOurs = $this->sentence->isAny('ours', $mention->first - self::SHOWN_WORDS, $mention->first - 1);
        if ($isOurs || null !== $this->sentence->begins('went_in', $mention->last + 1)) {
            return false;
        }
        $isBefore = static fn (Place $place, int $begin) => $place->from > self::OWN_M
            && $place->last < $begin && $begin - $place->last <= self::SHOWN_WORDS;
        $isAtPlace = fn (int $begin) => [] !== array_filter(
            $this->measures->places, static fn (Place $place) => $isBefore($place, $begin),
        );

        // "forty four feet, we're at the cleanout"
        $reached = array_filter($this->sentence->marks('reached'), static fn (int $end) => $end < $mention->first
            && $mention->first - $end <= self::SHOWN_WORDS);

        $shown = $this->sentence->introsOf($mention->first, self::SHOWN_WORDS + 1);

        return [] !== array_filter([...$shown, ...array_keys($reached)], $isAtPlace);
    }
}
