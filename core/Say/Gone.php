<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Family;
use Jurvex\Core\Finding\Kind;

/** Whether what is named in a sentence was there and is no more: cut, washed away, drained, brought back with the tool. */
final readonly class Gone
{
    /** In a sentence of more words it is told in the same part. */
    private const SHORT = 15;
    /** "… but it's still hanging in there": so many words behind the "but". */
    private const STILL_BEHIND = 4;
    private const WAS_BEHIND = 2;
    /** "… but they sleeved it": so many words behind. */
    private const MENDED_BEHIND = 5;
    /** "It took care of the grease": so many words behind. */
    private const OTHER_BEHIND = 3;
    /** "There we go": so many words behind. */
    private const PAST_BEHIND = 12;
    /** "There's a big": so many words before a name. */
    private const SHOWN_WORDS = 3;
    /** What there was is named so many words behind. */
    private const LISTED_WORDS = 16;
    private const CAN_BE = [Family::Roots, Family::Deposit, Family::Object];

    private OwnPlace $ownPlace;

    public function __construct(private Sentence $sentence, private Measures $measures)
    {
        $this->ownPlace = new OwnPlace($sentence, $measures);
    }

    public function is(Mention $mention): bool
    {
        $kind = $mention->kind;
        // "it doesn't want to go, let me try, there we go"
        $last = $mention->last;
        if (Kind::CannotGoFurther === $kind && $this->sentence->has('got_past', $last + 1, $last + self::PAST_BEHIND)) {
            return true;
        }
        // "the clay turns into plastic where they repaired it": of that it is the trace.
        if (Kind::Transition !== $kind && $this->isMended($mention)) {
            return true;
        }
        $canBe = null !== $kind && (\in_array($kind->family(), self::CAN_BE, true) || $mention->isWater()
            || \in_array($kind, [Kind::StandingWater, Kind::CannotGoFurther], true));
        $part = $this->sentence->last - $this->sentence->first < self::SHORT
            ? [$this->sentence->first, $this->sentence->last] : $this->sentence->part($mention->first);
        // "before we started this line was full of grease and roots": both were there.
        $and = $mention->first - 1;
        $isBoth = $this->sentence->is('and', $and) && $this->sentence->named->holds($and - 1) && $this->sentence->has('was', null, $and);
        $part[0] = $isBoth ? $this->sentence->part($and - 1)[0] : $part[0];
        // "the grease is gone, the open joint is still there"
        $next = $this->sentence->named->next($mention->last + 1, $part[1]);
        $own = [$part[0], null !== $next && $this->sentence->has('gone', $mention->last + 1, $next) ? $next : $part[1]];
        if (!$canBe || $this->sentence->has('still', ...$own) || $this->isStillThere($part[1] + 1)) {
            return false;
        }

        // "at 25 the roots quit"
        if (Family::Roots === $kind->family() && $this->sentence->is('definite', $mention->first - 1)
            && $this->sentence->is('ceases', $mention->last + 1) && $this->isAll($mention->last + 2)) {
            return true;
        }
        // "a root that was there", and not "a root, the toilet was full"
        $was = $this->sentence->is('refers', $mention->last + 1) ? self::WAS_BEHIND : 1;

        return $this->hasBeside('gone', $mention, $part, \PHP_INT_MAX) || $this->hasBeside('was', $mention, $part, $was)
            || $this->isBroughtBack($mention) || $this->isListed($mention);
    }

    /** "it had a hole in it but they sleeved it", "the belly at twenty that they took out" */
    private function isMended(Mention $mention): bool
    {
        foreach (array_keys($this->sentence->marks('mended')) as $begin) {
            if ($begin <= $mention->last) {
                continue;
            }
            $isBetween = static fn (Place $place) => $place->first > $mention->last && $place->last < $begin;
            $own = array_filter($this->measures->places, $isBetween);
            $words = $begin - $mention->last - array_sum(array_map(static fn (Place $place) => $place->last - $place->first + 2, $own));
            if ($words <= self::MENDED_BEHIND && \count($own) <= 1 && !$this->sentence->named->holds($begin)
                && null === $this->sentence->named->next($mention->last + 1, $begin)) {
                return true;
            }
        }

        return false;
    }

    /** "… that we cut back, but it's still hanging in there" */
    private function isStillThere(int $next): bool
    {
        return null !== $this->sentence->begins('contrast', $next) && [] !== array_filter(
            array_keys($this->sentence->marks('still')),
            static fn (int $word) => $word >= $next && $word - $next <= self::STILL_BEHIND,
        );
    }

    /** Whether nothing more is said at a word: "the roots stopped me" says more. */
    private function isAll(int $next): bool
    {
        return $this->sentence->isDone($next) || $this->sentence->isComma($next) || $this->sentence->is('and', $next)
            || $this->sentence->is('pointing', $next) || null !== $this->sentence->begins('cut', $next);
    }

    /** "there was roots at nineteen feet and 27 feet and a big wad of wipes at forty": of all of these. */
    private function isListed(Mention $mention): bool
    {
        foreach ($this->sentence->marks('there_was') as $end) {
            $isAll = $end < $mention->first && $mention->first - $end <= self::LISTED_WORDS
                && !$this->sentence->has(['intro', 'here', 'cut', 'contrast'], $end + 1, $mention->first);
            // "there was an offset at 29 and roots at 38": an offset is there still.
            $first = $this->sentence->named->next($end + 1, $mention->first - 1);
            $atom = null === $first ? null : $this->sentence->atomAt($first);
            $canBe = null !== $atom && \in_array(Mention::of($atom)->kind?->family(), self::CAN_BE, true);
            if ($isAll && $canBe && $this->sentence->isAny('and', $end, $mention->first)) {
                return true;
            }
        }

        return false;
    }

    /** "we pulled back a wad of hair and a toy", and not "… 23 feet, more roots" */
    private function isBroughtBack(Mention $mention): bool
    {
        foreach ($this->sentence->marks('brought_back') as $end) {
            if ($end <= $mention->first && !$this->measures->hasPlace($end, $mention->first)
                && !$this->ownPlace->isToldSince($end, $mention)) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param array{int, int} $part
     * @param int $behind so many words behind a name it is of that
     */
    private function hasBeside(string $role, Mention $mention, array $part, int $behind): bool
    {
        $sentence = $this->sentence;
        foreach ($sentence->marks($role) as $begin => $end) {
            // "a rag was at 26"
            $isPlaced = 'was' === $role && (null !== $sentence->begins('at', $end + 1)
                // "from eighty to 86 it was holding water"
                || $mention->isWater() && $this->isStretchBefore($begin)
                // "other than that there was one joint with roots"
                || $sentence->isAfter('besides_that', $begin, 2)
                // "before the break there were some roots at 25": as it was found.
                || null !== $sentence->begins('intro', $begin) && null !== $sentence->begins('at', $mention->last + 1)
                // "so at thirty there was a joint with roots, and at fifty one there was a tee": what was seen on the way.
                || $this->isSeenOnTheWay($begin));
            // "water at nine sixty, ten eighty it's gone", "thirty nine the water's gone": there it ends.
            $isIt = $sentence->is('subjects', $begin - 1) && !$sentence->is('is', $begin - 1);
            $isEnd = $isIt && null !== $sentence->amountBefore($begin - 1)
                || $sentence->is('known', $begin - 2) && null !== $sentence->amountBefore($begin - 2)
                // "thirty three feet water's gone"
                || $mention->isWater() && !$sentence->is('is', $begin - 1)
                // … and "thirty five feet there's an inch of standing water, thirty eight gone"
                && null !== ($sentence->amountBefore($begin - 1) ?? $sentence->amountBefore($begin));
            // "a rag, the roots that were here are gone": that is another's, and not "the roots and the grease are gone".
            $isOthers = $begin > $mention->last && $this->isOfOther($mention->last + 1, $begin, $end);
            $isBehind = $begin > $mention->last && $begin - $mention->last <= $behind && !$isPlaced && !$isEnd && !$isOthers;
            $isAround = $begin < $mention->first && $end > $mention->last;
            // "twenty eight it's gone, thirty one roots"
            // … and "I thought that was a crack, but it's a root"
            $isBefore = $end < $mention->first && !$isPlaced && !$this->measures->hasPlace($end, $mention->first)
                && !$sentence->has('taken_back', $end + 1, $mention->first)
                // "so we knew it was the main, and the pipe's cracked", "a wad of roots earlier, and there's …"
                && !$sentence->is('and', $end + 1) && !$this->ownPlace->isToldSince($end, $mention)
                && !$this->isToldAnew($role, $end, $mention);
            if ($begin >= $part[0] && $end <= $part[1] && ($isBefore || $isBehind || $isAround)) {
                return true;
            }
        }

        return false;
    }

    /** Whether what is named behind what was there is told of by itself. */
    private function isToldAnew(string $role, int $was, Mention $mention): bool
    {
        return $this->sentence->is('was', $was) && $this->isNextOfTwo($was, $mention)
            // "he had it snaked last year, there's a root ball"
            || 'was' === $role && $this->sentence->isShownSince($was, $mention->first, self::SHOWN_WORDS);
    }

    private function isSeenOnTheWay(int $begin): bool
    {
        // "where we had that big root, it's clean"
        $isOf = fn (int $end, int $first) => $first <= $begin && $end >= $begin && !$this->sentence->is('where', $first - 1);
        $before = array_filter($this->measures->places, static fn (Place $place) => $place->last < $begin);

        return [] !== array_filter($this->sentence->marks('there_was'), $isOf, \ARRAY_FILTER_USE_BOTH)
            && ([] !== $before || \count($this->measures->places) > 1) && !$this->sentence->has(['long_ago', 'gone']);
    }

    /** Whether something else is named between two words, and told apart from what comes behind by more than "and". */
    private function isNextOfTwo(int $was, Mention $mention): bool
    {
        $name = $this->sentence->named->before($mention->first);
        $isJoined = $this->sentence->is('and', $mention->first - 1) && $name === $mention->first - 2;

        return null !== $name && $name > $was && $this->sentence->isAny('and', $name, $mention->first) && !$isJoined;
    }

    private function isStretchBefore(int $word): bool
    {
        return [] !== array_filter($this->measures->places, static fn (Place $place) => null !== $place->to
            && $place->last < $word && $word - $place->last <= self::WAS_BEHIND);
    }

    /** "a rag … the blockage is cleared", "… we got the grease out" */
    private function isOfOther(int $from, int $begin, int $end): bool
    {
        $next = $this->sentence->named->next($from, $end + self::OTHER_BEHIND);
        $isNext = null !== $next && !$this->sentence->isAny('joins', $from, min($next, $begin))
            && !($next > $end && ($this->sentence->has('intro', $end + 1, $next) || $this->measures->hasPlace($end, $next)));

        return $isNext || $this->sentence->isAny('articles', $from, $begin - 1);
    }
}
