<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Family;
use Jurvex\Core\Finding\Kind;

/** What was read so far, run by run, in the order in which it was first named. */
final class Entries
{
    /** What there is one of in a run, where no place is said. */
    private const ONCE = [Kind::Tap, Kind::EndOfLine, Kind::CannotGoFurther];
    /** "At seven feet there's another one": so many words behind a place. */
    private const SHOWN_WORDS = 2;
    /** "That one's a pretty bad …": no more words before a name. */
    private const JUDGED_WORDS = 3;
    private const OF_A_JOINT = [Family::Roots, Family::Joint, Family::Wall];
    /** Whoever sums up names so many things. */
    private const LEAST_SUMMED_UP = 2;

    /** @var list<Entry> */
    private array $all = [];
    private int $run = 0;
    /** How many were read before the run. */
    private int $before = 0;

    /** @return list<Entry> with the words that each is from */
    public function told(Speech $speech): array
    {
        $this->all = array_values(array_filter($this->all, fn (Entry $entry) => !$entry->isOutlet || $this->isFarthest($entry)));
        // "a tap at twelve on the left, one at eighteen on the right": the public pipe is where the line ends.
        $passed = array_filter($this->all, fn (Entry $entry) => Kind::Tap->value === $entry->kind && null !== $entry->fromM
            && $this->isPassed($entry));
        foreach ($passed as $entry) {
            $entry->kind = Kind::TieIn->value;
            $isTwin = static fn (Entry $other) => $other !== $entry && $other->kind === $entry->kind && $other->run === $entry->run
                && abs(($other->fromM ?? \INF) - $entry->fromM) < Entry::SAME_PLACE_M;
            $isSaid = [] !== array_filter($this->all, $isTwin);
            $this->all = array_values(array_filter($this->all, static fn (Entry $each) => $each !== $entry || !$isSaid));
        }
        // "there's a tap … and then it's good to the manhole": of what has no place by what is named behind it.
        $nowhere = array_filter($this->all, static fn (Entry $entry) => Kind::Tap->value === $entry->kind && null === $entry->fromM);
        foreach ($nowhere as $i => $entry) {
            $isPast = static fn (Entry $other) => $other->run === $entry->run && Kind::EndOfLine->value === $other->kind;
            $isPassed = [] !== array_filter(\array_slice($this->all, $i + 1), $isPast);
            $entry->kind = $isPassed ? Kind::TieIn->value : $entry->kind;
        }
        $told = $speech->isRecording ? $this->placed() : $this->all;
        foreach ($told as $entry) {
            $entry->quote($speech);
        }

        return $told;
    }

    /** Whether the line ends behind it in its run. */
    private function isPassed(Entry $entry): bool
    {
        return [] !== array_filter($this->all, static fn (Entry $other) => $other->run === $entry->run
            && \in_array(Kind::tryFrom($other->kind), OfLast::ONE, true) && $other->fromM > $entry->fromM + Entry::SAME_PLACE_M);
    }

    /** Whether nothing of its run lies behind it. */
    private function isFarthest(Entry $entry): bool
    {
        return [] === array_filter($this->all, static fn (Entry $other) => $other->run === $entry->run
            && ($other->toM ?? $other->fromM) > $entry->fromM + Entry::SAME_PLACE_M);
    }

    /** @return list<Entry> those that have a place or count without one, and deposits, which may be all along the pipe */
    private function placed(): array
    {
        $isTold = static fn (Entry $entry) => null !== $entry->fromM || Telling::Here === $entry->telling
            || Telling::AmidTalk !== $entry->telling && Family::Deposit === Kind::tryFrom($entry->kind)?->family();
        $placed = $unplaced = [];
        foreach ($this->all as $entry) {
            $placed[$entry->run] = ($placed[$entry->run] ?? 0) + (null === $entry->fromM ? 0 : 1);
            $unplaced[$entry->run] = ($unplaced[$entry->run] ?? 0) + ($isTold($entry) ? 0 : 1);
        }

        return array_values(array_filter($this->all, static fn (Entry $entry) => $isTold($entry)
            || $entry->telling->counts($placed[$entry->run], $unplaced[$entry->run])));
    }

    /** The number of the run, from none. */
    public function run(): int
    {
        return $this->run;
    }

    /** @return list<Entry> those of the run: of an hour of narration there are many more */
    private function here(): array
    {
        return \array_slice($this->all, $this->before);
    }

    public function last(): ?Entry
    {
        return end($this->all) ?: null;
    }

    /** What was named last in the run and is one by itself: a wye, a belly, and no grease. */
    public function lastOne(): ?Entry
    {
        $ones = array_filter($this->here(), static fn (Entry $each) => Family::Deposit !== Kind::tryFrom($each->kind)?->family());

        return end($ones) ?: null;
    }

    /** @return list<Entry> an entry, and before it those of its kind that were named right before it and have no place either */
    public function nowhereBefore(Entry $entry): array
    {
        $nowhere = [$entry];
        for ($i = $this->last() === $entry ? \count($this->all) - 2 : -1; $i >= 0; --$i) {
            $before = $this->all[$i];
            if ($before->kind !== $entry->kind || null !== $before->fromM || $before->run !== $entry->run) {
                break;
            }
            array_unshift($nowhere, $before);
        }

        return $nowhere;
    }

    /** @return list<Entry> what else is where the counter went by one: "48, 49, and there's the clay, and the roots … that's fifty" */
    public function countedWith(Entry $entry): array
    {
        // Of a joint more than one thing is told; a wye passed before it, and the belly behind it, have their own place.
        $isOfJoint = static fn (Entry $each) => Kind::Transition->value === $each->kind
            || \in_array(Kind::tryFrom($each->kind)?->family(), self::OF_A_JOINT, true);
        $isThere = static fn (Entry $other) => $other !== $entry && null === $other->toM && $other->fromM === $entry->fromM
            && $isOfJoint($other);

        return $entry->isCounted && $isOfJoint($entry) ? array_values(array_filter($this->here(), $isThere)) : [];
    }

    public function startRun(): void
    {
        ++$this->run;
        $this->before = \count($this->all);
    }

    public function add(Entry $entry): void
    {
        $this->all[] = $entry;
    }

    /** What was named last is none after all. */
    public function takeBack(): void
    {
        array_pop($this->all);
    }

    public function isEmpty(): bool
    {
        return [] === $this->all;
    }

    /**
     * "you've got roots, you've got a belly … here's the roots": what has no place and is named again.
     *
     * @param ?Entry $last what was named last
     */
    public function knownNowhere(Mention $mention, Sentence $sentence, ?Entry $last): ?Entry
    {
        $isSure = \in_array($mention->kind, self::ONCE, true) || $this->isCounted($mention, $sentence);
        if (!$isSure && !$sentence->is('definite', $mention->first - 1)) {
            return null;
        }
        // "the crack on the top is the worst": of two the one there.
        $nowhere = array_filter($this->here(), static fn (Entry $entry) => $entry->isNowhereToo($mention));
        $known = end($nowhere) ?: null;
        $isOneOfMany = $known !== $last && \in_array($mention->kind?->family(), [null, Family::Connection, Family::Way], true);

        return $isSure || !$isOneOfMany ? $known : null;
    }

    /** "that's two displaced joints": no more than were named. */
    public function isCounted(Mention $mention, Sentence $sentence): bool
    {
        $many = $sentence->amountBefore($mention->first);
        $isOfMany = Unit::None === $many?->unit && $many->value >= self::LEAST_SUMMED_UP;

        return $isOfMany && $many->value <= \count(array_filter($this->here(), static fn (Entry $entry) => $entry->isOfKind($mention)));
    }

    /** What was named last of the kind of a mention in this run. */
    public function known(Mention $mention): ?Entry
    {
        for ($i = \count($this->all) - 1; $i >= $this->before; --$i) {
            if ($this->all[$i]->isOfKind($mention)) {
                return $this->all[$i];
            }
        }

        return null;
    }

    /**
     * @param list<Mention> $mentions of which those are known that are named so and were named before
     * @param bool $isSummingUp whether all of them may be: "so you've got roots, a crack and a belly"
     */
    public function recognise(array $mentions, bool $isSummingUp): void
    {
        $named = array_filter($mentions, fn (Mention $each) => null !== $each->kind && null !== $this->known($each));
        $isSummingUp = $isSummingUp && \count($named) >= self::LEAST_SUMMED_UP && \count($named) === \count($mentions);
        foreach ($mentions as $i => $mention) {
            $isSame = static fn (Mention $other) => $other->kind === $mention->kind;
            $mention->isKnown = $isSummingUp || $mention->isKnown
                && (null !== $this->known($mention) || [] !== array_filter(\array_slice($mentions, 0, $i), $isSame));
        }
    }

    /** Whether a mark was told at a place: "it's four feet deep, so I'll put a flag there". */
    public function isMarked(float $from): bool
    {
        return [] !== array_filter($this->here(), static fn (Entry $entry) => Entry::MARK === $entry->kind && null !== $entry->fromM
            && abs($entry->fromM - $from) <= Entry::SAME_PLACE_M);
    }

    /** "roots at 14, 17 and 20 … so from fourteen to 26 every joint is full of roots": all of them, and nothing more. */
    public function areSummedUpBy(Mention $mention): bool
    {
        $place = $mention->place;
        if (null === $place?->to || Family::Roots !== $mention->kind?->family()) {
            return false;
        }
        $isIn = static fn (Entry $entry) => Family::Roots === Kind::tryFrom($entry->kind)?->family() && $entry->isCoveredBy($place);

        return \count(array_filter($this->here(), $isIn)) >= self::LEAST_SUMMED_UP;
    }

    /** What a mention at a place names again; none where it is told to be another one. */
    public function at(Mention $mention, Sentence $sentence, ?float $from, ?float $to): ?Entry
    {
        // "another hub at fourteen, and same thing, cracked": said twice of the one there.
        $isSame = null !== $mention->place && $sentence->isAny('the_same', $mention->place->last, $mention->first);
        // "another one, that's the kitchen": that is what it is.
        $isItself = $sentence->isToldToBe($mention->first)
            // "a lip, so that one's a pretty bad offset"
            || $sentence->isAfter('that_one', $mention->first, self::JUDGED_WORDS);
        if (null === $mention->kind || !$isSame && !$isItself && $sentence->isAfter('another', $mention->first)) {
            return null;
        }
        // "a hole at seventeen and another one at eighteen and a half"
        $isAnother = $sentence->has('another', $mention->first, $mention->last);
        // "… and then at seven there's another one": what may be long reaches no farther.
        $isOneMore = null !== $mention->place && Family::Connection !== $mention->kind->family()
            && $sentence->isAny('one_more', $mention->place->last + 1, $mention->place->last + self::SHOWN_WORDS);
        foreach ($this->here() as $entry) {
            if ($entry->isAlso($mention, $from, $to) && !(($isAnother || $isOneMore) && $entry->isApart($from, $isOneMore))) {
                return $entry;
            }
        }

        return null;
    }

    /**
     * "I can't get past it … okay, got through it": what was the end of this run is none.
     *
     * @return bool whether there was one
     */
    public function getPast(): bool
    {
        $end = array_key_last(array_filter($this->here(), static fn (Entry $entry) => Kind::CannotGoFurther->value === $entry->kind));
        if (null !== $end) {
            array_splice($this->all, $this->before + $end, 1);
        }

        return null !== $end;
    }
}
