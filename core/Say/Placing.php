<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Kind;

/** Gives what is named in a sentence the places that are said in it. */
final class Placing
{
    private const TOLD_WORDS = 12;
    /** "at 20 feet roots, a crack at 30": so many words behind a name a place is of it, whatever place came before. */
    private const RIGHT_BEHIND = 3;
    /** A stretch is of what was named at a place so near to either of its ends, in metres. */
    private const BEGINS_WITHIN_M = 0.6;
    /** A part of a list of places has no more words. */
    private const BARE_WORDS = 6;

    /** A place that was said and that nothing in its sentence is at. */
    public ?Place $alone = null;

    public function __construct(private readonly Sentence $sentence, private readonly Measures $measures)
    {
    }

    /**
     * @param list<Mention> $mentions in their order
     * @param ?Kind $last what was named last before the sentence
     *
     * @return list<Mention> the same, and what is named by its place alone: "roots at 44 feet, 51 feet and 58"
     */
    public function place(array $mentions, ?Kind $last): array
    {
        $all = $mentions;
        $places = array_values(array_filter(Joined::places($this->sentence, $this->measures, $mentions), $this->isOfSomething(...)));
        $used = [];
        $kind = $last;
        $last = $lead = null;
        foreach ($this->sentence->parts() as $part) {
            $inPart = static fn (Place|Mention $each) => $each->first >= $part[0] && $each->first <= $part[1];
            $here = array_values(array_filter($places, $inPart));
            $named = array_values(array_filter($mentions, $inPart));
            foreach ($named as $i => $mention) {
                $near = $mention->isAgain ? self::beside($mention, $here) : $here;
                $mention->place ??= $this->nearest($mention, $near, $lead, $named[$i + 1] ?? null)
                    ?? ($mention->isAgain ? null : $last);
                $used[] = $mention->place;
            }
            if ([] === $named && [] !== $here) {
                $isBorder = $this->sentence->isComma($part[0] - 1) || $this->sentence->is('and', $part[0] - 1);
                $isListed = (end($used) ?: null)?->last === $part[0] - ($isBorder ? 2 : 1);
                $repeated = $this->behind($mentions, $part, $here, $used)
                    ? null : (new Repeated($this->sentence))->at($mentions, $part, $places, $kind, $isListed);
                if (null !== $repeated) {
                    $repeated->place = $here[0];
                    $used[] = $here[0];
                    $all[] = $repeated;
                }
            }
            $last = [] === $here ? $last : $here[\count($here) - 1];
            $lead = [] === $named && 1 === \count($here) && $here[0]->last >= $part[1] - 1 ? $here[0] : null;
        }
        $this->share($mentions, $used);
        $this->complete($mentions, $places, $used);
        $left = array_values(array_filter($places, static fn (Place $place) => !\in_array($place, $used, true)));
        $this->alone = [] === $left ? null : $left[\count($left) - 1];

        return $all;
    }

    /** "eleven feet fine, fourteen feet": nothing is there. */
    private function isOfSomething(Place $place): bool
    {
        $next = $place->last + 1;
        $isNothing = $this->sentence->is('nothing_there', $next);
        $ends = '' === $this->sentence->text($next + 1) || $this->sentence->beginsAny(['cut', 'move'], $next + 1)
            || $this->sentence->isComma($next + 1) || null !== $this->sentence->atomAt($next + 1)?->amount;

        return !$isNothing || !$ends;
    }

    /**
     * "an offset, at 30 feet": the place of what was named before it and had none.
     *
     * @param list<Mention> $mentions
     * @param array{int, int} $part
     * @param non-empty-list<Place> $here
     * @param list<?Place> $used
     *
     * @return bool whether there was anything
     */
    private function behind(array $mentions, array $part, array $here, array &$used): bool
    {
        $isAny = false;
        foreach ($mentions as $mention) {
            if ($mention->last < $part[0] && null === $mention->place && $this->isToldOf($part, $here[0])) {
                $mention->place = $here[0];
                $used[] = $here[0];
                $isAny = true;
            }
        }

        return $isAny;
    }

    /**
     * ", at 30 feet", "that's at 30 feet": not "there's a joint at 30 feet", which names something else.
     *
     * @param array{int, int} $part
     */
    private function isToldOf(array $part, Place $place): bool
    {
        if ($this->sentence->has('told', $part[0], $place->first)) {
            return true;
        }
        if ($this->sentence->isThere($place->last + 1) || $this->sentence->beginsAny(['here', 'intro'], $place->last + 1)) {
            return false;
        }
        $isJoined = $this->sentence->isComma($part[0]) || $this->sentence->isAfter('at', $place->first, 1);

        return $isJoined && !$this->sentence->has('intro', $part[0], $place->first) && $place->first - $part[0] < self::TOLD_WORDS;
    }

    /**
     * "roots and an offset at 30 feet": what is joined by an "and" and has no place is at the next one.
     *
     * @param list<Mention> $mentions
     * @param list<?Place> $used
     */
    private function share(array $mentions, array &$used): void
    {
        foreach (array_reverse($mentions, true) as $i => $mention) {
            $next = $mentions[$i + 1] ?? null;
            $place = null === $mention->place ? $next?->place : null;
            if (null !== $next && null !== $place && $place->first > $next->first && $this->isJoined($mention->last, $next->first)) {
                $mention->place = $place;
                $used[] = $place;
            }
        }
    }

    /**
     * What was named twice is at the place of either; a stretch is of what stretches; and whoever is stuck is at whatever place is said.
     *
     * @param list<Mention> $mentions
     * @param list<Place> $places
     * @param list<?Place> $used
     */
    private function complete(array $mentions, array $places, array &$used): void
    {
        foreach ($places as $place) {
            $mention = null === $place->to || \in_array($place, $used, true) ? null : $this->stretching($mentions, $place);
            if (null !== $mention) {
                $mention->place = $place;
                $used[] = $place;
            }
        }
        foreach ($mentions as $mention) {
            $kind = $mention->kind;
            if (null === $mention->place && Kind::CannotGoFurther === $kind && [] !== $places) {
                $mention->place = $places[0];
                $used[] = $places[0];
            }
            foreach (null === $mention->place ? $mentions : [] as $other) {
                if ($other->kind === $kind && null !== $other->place) {
                    $mention->place = $other->place;
                }
            }
        }
    }

    /**
     * "a crack in the crown running from 7 to 8.5 m": what was named last before a stretch and begins where that does.
     *
     * @param list<Mention> $mentions
     */
    private function stretching(array $mentions, Place $stretch): ?Mention
    {
        $last = null;
        foreach ($mentions as $mention) {
            $last = $mention->last < $stretch->first && Joined::stretches($mention) ? $mention : $last;
        }
        $place = $last?->place;
        $isBeginning = null === $place || null === $place->to && abs($place->from - $stretch->from) < self::BEGINS_WITHIN_M
            || null === $place->to && abs($place->from - (float) $stretch->to) < self::BEGINS_WITHIN_M;

        return $isBeginning ? $last : null;
    }

    private function isJoined(int $from, int $to): bool
    {
        for ($i = $from + 1; $i < $to; ++$i) {
            if ($this->sentence->is('and', $i)) {
                return true;
            }
        }

        return false;
    }

    /**
     * The place that leads a part is of all that is named in it, but for what has one of its own right behind.
     *
     * @param list<Place> $places of its part, in their order
     * @param ?Place $lead one that stands alone right before the part
     * @param ?Mention $next what is named next in the part
     */
    private function nearest(Mention $mention, array $places, ?Place $lead, ?Mention $next): ?Place
    {
        [$before, $after] = [$lead, null];
        foreach ($places as $place) {
            $before = $place->first < $mention->first ? $place : $before;
            // "an offset, keep going, 23 feet": whoever has moved on is somewhere else.
            $isBehind = $place->first > $mention->last && !$this->sentence->has('move', $mention->last + 1, $place->first - 1);
            $after ??= $isBehind ? $place : null;
        }
        // "located, four feet deep, it goes to clay at 20 feet": the place is of what is named right before it.
        $isMarksNot = null === $mention->kind && null !== $after && null !== $next && $next->last < $after->first;
        $after = $isMarksNot ? null : $after;
        // "a hole there with water from 9 m to 11 m": a stretch is of what stretches.
        $isOfNext = null !== $after?->to && null !== $next && $next->last < $after->first && Joined::stretches($next);
        $after = $isOfNext && !Joined::stretches($mention) ? null : $after;
        $isRightBehind = null !== $after && $after->first - $mention->last <= self::RIGHT_BEHIND
            && ($this->sentence->isAfter('at', $after->first) || $this->sentence->isAfter('from', $after->first)
                || null !== $after->to && Joined::stretches($mention));

        // "at six feet a bend at ten feet another": what comes behind leads the next one.
        $isNexts = null !== $after && null !== $next && $after->last < $next->first && $after === $places[\count($places) - 1];

        return null === $before || $isRightBehind && !$isNexts ? $after ?? $before : $before;
    }

    /**
     * What is named again has a place only where it stands right beside.
     *
     * @param list<Place> $places
     *
     * @return list<Place>
     */
    private static function beside(Mention $mention, array $places): array
    {
        return array_values(array_filter($places, static fn (Place $place) => $place->first - $mention->last <= self::BARE_WORDS
            && $mention->first - $place->last <= self::BARE_WORDS));
    }
}
