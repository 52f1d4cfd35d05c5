<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Family;
use Jurvex\Core\Finding\Kind;

/** How far the pipes that a sentence names go, and so where the next begins: "plastic for two metres, then it goes into clay". */
final readonly class PipeEnds
{
    /** A pipe that is none of the known materials. */
    private const OTHER = 'other';
    /** What it is made of is told so many words behind. */
    private const MADE_WORDS = 2;
    /** So many words lie between a pipe and where it ends. */
    private const BEFORE_WORDS = 6;
    private const BEHIND_WORDS = 8;
    /** The next is named so many words behind. */
    private const NEXT_WORDS = 25;
    private const THEN_WORDS = 7;
    /** What the whole of a pipe has is told so many words behind it. */
    private const ALONG_WORDS = 14;
    private const ALL_ALONG = [Kind::WornInvert, Kind::Blister, Kind::OutOfRound];
    private const SAME_PLACE_M = 0.5;
    /** No pipe is longer than a line, in metres. */
    private const LONGEST_M = 100.0;

    /** @var list<Atom> that the sentence names */
    private array $pipes;
    /** @var list<PipeEnd> in their order */
    private array $ends;

    /** @param Materials $before what the pipe was said to be before the sentence */
    public function __construct(private Sentence $sentence, private Measures $measures, private Materials $before)
    {
        $this->pipes = self::pipes($sentence);
        $this->ends = array_values(array_filter([$before->end($sentence), ...array_map($this->of(...), $this->pipes)]));
    }

    /** @return list<Atom> each pipe that a sentence names, be it of a known material or not */
    public static function pipes(Sentence $sentence): array
    {
        $pipes = $sentence->named->materials();
        foreach ($sentence->marks('other_pipe') as $begin => $end) {
            // "the new pipe is pvc"
            $isMade = [] !== array_filter($pipes, static fn (Atom $pipe) => $pipe->first > $end - self::MADE_WORDS
                && $pipe->first - $end <= self::MADE_WORDS);
            if ($begin >= $sentence->first && $end <= $sentence->last && null === $sentence->atomAt($begin) && !$isMade) {
                $pipes[] = new Atom(Atom::MATERIAL, self::OTHER, $begin, $end);
            }
        }
        usort($pipes, static fn (Atom $one, Atom $other) => $one->first <=> $other->first);

        return $pipes;
    }

    /** The last of them, where no place beyond it is said behind it. */
    public function last(): ?PipeEnd
    {
        $last = $this->ends[\count($this->ends) - 1] ?? null;
        $isLast = null !== $last && $last->last >= $this->sentence->first
            && !$this->isBeyond($last->place, $last->last, $this->sentence->last + 1);

        return $isLast ? $last : null;
    }

    /**
     * Gives what becomes another pipe the place that is told before it.
     *
     * @param list<Mention> $named of any kind
     */
    public function place(array $named): void
    {
        foreach ([] === $this->ends ? [] : $named as $mention) {
            if (Kind::Transition !== $mention->kind) {
                $mention->place ??= $this->behind($mention);

                continue;
            }
            $pipe = $this->sentence->atomAt($mention->last);
            $end = $this->before($mention->first, $mention->last, $mention->facts['material_after'] ?? '')
                ?? (null === $pipe ? null : $this->begin($pipe));
            // Said in the sentence, too, it is found as any other.
            $isSame = static fn (Place $place) => null === $place->to && $place->from === $end?->from;
            $mention->place = [] === array_filter($this->measures->places, $isSame) ? $end : null;
        }
    }

    /**
     * Where another pipe begins because the one before it ends there: "pvc to fourteen, then orangeburg".
     *
     * @param string $other what the other is made of; empty where that is not said
     */
    public function before(int $first, int $last, string $other): ?Place
    {
        $end = $this->endBefore($first);
        if (null === $end || $end->material === $other || 'liner' === $other || $this->isKnown($first, $other)) {
            return null;
        }
        $behind = max($end->last, $this->sentence->first - 1);
        $isNext = $first - $behind <= self::NEXT_WORDS && !$this->isBeyond($end->place, $behind, $first)
            && !$this->sentence->has('deny', max($behind, $first - self::BEFORE_WORDS), $first);
        // "and then it's clay at twenty", but not "then it goes to clay, at twenty there's …"
        $at = $this->sentence->begins('at', $last + 1);
        $place = null === $at ? null : $this->measures->placeAt($at + 1);
        $isElsewhere = null !== $place && abs($place->from - $end->place->from) > self::SAME_PLACE_M
            && !$this->sentence->beginsAny(['intro', 'here', 'another'], $place->last + 1);

        return $isNext && !$isElsewhere && Atom::KIND !== $this->sentence->atomAt($last + 1)?->role ? $end->place : null;
    }

    /** "eleven feet of plastic and then I hit a tee": what is named right behind is where the pipe ends. */
    private function behind(Mention $mention): ?Place
    {
        $end = $this->endBefore($mention->first);
        if (null === $end || null === $mention->kind) {
            return null;
        }
        $from = max($end->last, $this->sentence->first - 1) + 1;
        if ($this->measures->hasPlace($from - 1, $this->sentence->last + 1)) {
            return null;
        }
        // "eight feet of two inch cast iron and the bottom's rough": all of it.
        if (\in_array($mention->kind, self::ALL_ALONG, true) || Family::Deposit === $mention->kind->family()) {
            // "plastic to 52, and back to the clay, and there's gravel in it": in the clay.
            $isOther = [] !== array_filter($this->pipes, static fn (Atom $pipe) => $pipe->first >= $from && $pipe->last < $mention->first);
            $isOfIt = null === $end->begin && $mention->first - $from <= self::ALONG_WORDS && !$isOther
                && !$this->sentence->has('deny', $from, $mention->first)
                // "at five it goes into cast iron, and from there to 28 there's scale"
                && !$this->sentence->has('from_here', $end->word, $end->place->first);

            return $isOfIt ? new Place(0.0, $end->place->from, $end->place->first, $end->place->last) : null;
        }

        return !Joined::stretches($mention) && $mention->first - $from <= self::THEN_WORDS
            && $this->sentence->has('hits', $from, $mention->first) ? $end->place : null;
    }

    private function endBefore(int $word): ?PipeEnd
    {
        $before = array_filter($this->ends, static fn (PipeEnd $each) => $each->last < $word);

        return end($before) ?: null;
    }

    /** Where a pipe begins that is said to go from one place to another: "the new pipe is pvc and it runs from 34 to 42". */
    public function begin(Atom $pipe): ?Place
    {
        $begin = null;
        foreach ($this->ends as $end) {
            $begin = $end->word === $pipe->first ? $end->begin : $begin;
        }
        $known = $this->sentence->named->material($pipe->first) ?? $this->before->named();
        $isFollowed = fn (Atom $other) => $other->first > $pipe->last && $other->meaning !== $pipe->meaning
            && null !== $this->before($other->first, $other->last, $other->meaning);
        // "there's a section of plastic from 23 to 28": whatever is around it.
        $isPiece = $this->sentence->is('of', $pipe->first - 1);
        $isOther = null === $known ? $isPiece || [] !== array_filter($this->pipes, $isFollowed) : $known !== $pipe->meaning;

        return null !== $begin && $isOther && !$this->sentence->is('definite', $pipe->first - 1) ? $begin : null;
    }

    /**
     * "there's a section of plastic from 23 to 28": where it ends the pipe changes again.
     *
     * @param list<Mention> $there
     *
     * @return list<Mention>
     */
    public function changes(array $there): array
    {
        $isPatch = [] !== array_filter($there, static fn (Mention $each) => Kind::OldPatch === $each->kind);
        $changes = [];
        foreach ($isPatch ? [] : $this->ends as $end) {
            $begins = array_filter($there, static fn (Mention $each) => Kind::Transition === $each->kind && $each->place === $end->begin);
            if (null !== $end->begin && [] !== $begins && $this->sentence->is('of', $end->word - 1)) {
                $changes[] = reset($begins)->againAt($end->place, $end->word, $end->word);
            }
        }

        return $changes;
    }

    /** "the clay section has roots": what was named before is no other pipe now. */
    private function isKnown(int $first, string $other): bool
    {
        $named = array_filter($this->pipes, static fn (Atom $pipe) => $pipe->last < $first);

        return $this->sentence->is('definite', $first - 1)
            && \in_array($other, [...$this->before->all(), ...array_column($named, 'meaning')], true);
    }

    /** Whether a place is said between two words that lies behind the end. */
    private function isBeyond(Place $end, int $after, int $before): bool
    {
        return [] !== array_filter($this->measures->places, static fn (Place $place) => $place->first > $after && $place->last < $before
            && ($place->to ?? $place->from) > $end->from);
    }

    private function of(Atom $pipe): ?PipeEnd
    {
        $place = $this->toldBefore($pipe) ?? $this->toldBehind($pipe);
        if (null === $place) {
            return null;
        }
        $said = $this->measures->placeAt($place->first);
        $isBegun = null !== $said?->to && $said->from >= PipePlaced::AT_ZERO_M;
        $begin = $isBegun ? new Place($said->from, null, $said->first, $said->last) : null;

        return new PipeEnd($pipe->meaning, $place, $begin, $pipe->first, max($pipe->last, $place->last));
    }

    /** "the first eight feet is cast iron", "fifteen feet of plastic", "from the house to seven feet it's clay" */
    private function toldBefore(Atom $pipe): ?Place
    {
        $sentence = $this->sentence;
        $least = max($sentence->first, $pipe->first - self::BEFORE_WORDS);
        for ($i = $pipe->first - 1; $i >= $least; --$i) {
            if (Atom::KIND === $sentence->atomAt($i)?->role || null !== $sentence->begins('deny', $i)) {
                return null;
            }
            $amount = $sentence->amountBefore($i + 1);
            if (null === $amount || Unit::Small === $amount->unit) {
                continue;
            }
            $place = $this->measures->placeAt($amount->first);
            // "eleven to 35 is clay"
            $isOfIt = null !== $place?->to && ($place->from < PipePlaced::AT_ZERO_M || $sentence->isAfter('made_of', $pipe->first)
                || $sentence->is('is', $pipe->first - 1));
            if ($isOfIt) {
                return self::end($place);
            }
            $isOf = $sentence->is('of', $i + 1) && Unit::Large === $amount->unit && null === $place;

            return $isOf || $sentence->is('first', $amount->first - 1) ? $this->long($pipe, $amount) : null;
        }

        return null;
    }

    /** "plastic and it goes to seventeen", "cast iron for the first ten feet" */
    private function toldBehind(Atom $pipe): ?Place
    {
        $sentence = $this->sentence;
        $most = min($sentence->last, $pipe->last + self::BEHIND_WORDS);
        for ($i = $pipe->last + 1; $i <= $most; ++$i) {
            $atom = $sentence->atomAt($i);
            // "from zero to 39" denies nothing.
            if (\in_array($atom?->role, [Atom::KIND, Atom::MATERIAL], true)
                || null === $atom?->amount && $sentence->beginsAny(['deny', 'intro'], $i)
                // "a short piece of cast that's about four feet"
                && null === $sentence->begins('so_long', $i)) {
                return null;
            }
            if (null === $atom?->amount || Unit::Small === $atom->amount->unit) {
                continue;
            }
            $place = $this->measures->placeAt($i);
            if (null !== $place?->to) {
                $next = $place->last + 1;

                // "plastic, four to nine is cast"
                return $sentence->is('is', $next) || null !== $sentence->begins('made_of', $next) ? null : self::end($place);
            }
            if (null !== $place && ($sentence->isAfter('to', $i) || $sentence->isAfter('until', $i))) {
                return $place;
            }

            return $sentence->isAfter('so_long', $i) ? $this->long($pipe, $atom->amount) : null;
        }

        return null;
    }

    private static function end(Place $place): Place
    {
        return new Place((float) $place->to, null, $place->first, $place->last);
    }

    /** How long the pipe is that the line begins with. */
    private function long(Atom $pipe, Amount $amount): ?Place
    {
        // "a ninety at two feet, and it's cast iron for the first twelve feet": that is so from the beginning, whatever was said before.
        $isBegin = $this->sentence->is('first', $amount->first - 1)
            || $this->before->isBegin() && null === $this->before->end($this->sentence)
            && !$this->measures->hasPlace($this->sentence->first - 1, $pipe->first - self::BEFORE_WORDS);
        $isLength = Unit::Large === $amount->unit
            || Unit::None === $amount->unit && $this->sentence->is('first', $amount->first - 1);
        $metres = Unit::None === $amount->unit ? $amount->value * $this->measures->bareM : $amount->value;

        return $isBegin && $isLength && $metres > 0 && $metres <= self::LONGEST_M
            ? new Place($metres, null, $amount->first, $amount->last) : null;
    }
}
