<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Kind;

/** Gives what is named in a sentence the places that are said in it. */
final class Placing
{
    /** A stretch is of what was named at a place so near to either of its ends, in metres. */
    private const BEGINS_WITHIN_M = 0.6;
    /** Such as "that joint looks". */
    private const SEEMS_WORDS = 4;
    /** Such as "to the city tap". */
    private const TO_NAME_WORDS = 3;

    /** A place that was said and that nothing in its sentence is at. */
    public ?Place $alone = null;

    public function __construct(
        private readonly Sentence $sentence, private readonly Measures $measures, private readonly Whereabouts $where,
    ) {
    }

    /**
     * @param list<Mention> $mentions in their order
     * @param ?Kind $last what was named last before the sentence
     * @param ?Kind $counted of what a first one was named before it
     *
     * @return list<Mention> the same, and what is named by its place alone: "roots at 44 feet, 51 feet and 58"
     */
    public function place(array $mentions, ?Kind $last, ?Kind $counted = null): array
    {
        $stretches = new Stretches($this->sentence, $this->measures, $this->where);
        $stretches->goOn($mentions);
        $places = array_values(array_filter(Joined::places($this->sentence, $this->measures, $mentions), $this->isOfSomething(...)));
        $this->reach($mentions, $places);
        $repeated = new Repeated($this->sentence, $places);
        $isNowhere = [] === $this->measures->places && !$this->where->isPending() && !$this->where->isCarried();
        $others = $isNowhere ? (new Further($this->sentence))->of($mentions, $last)
            : (new Others($this->sentence, $places, $this->measures))->of($mentions, $last, $counted);
        $all = [...$mentions, ...$others];
        usort($all, static fn (Mention $one, Mention $other) => $one->first <=> $other->first);
        $all = Overlaps::withoutWhoseIs($all, $this->sentence, $this->measures);
        $claimed = $repeated->claim($all);
        $free = self::without($places, [...$all, ...$claimed]);
        $alignment = new Alignment($this->sentence, $all, $free, $this->where->pending(), $this->where->isCarried());
        foreach ($alignment->places() as $i => $place) {
            $all[$i]->place ??= $this->firstOf($all[$i], $place, $free);
        }
        array_push($all, ...$claimed);
        usort($all, static fn (Mention $one, Mention $other) => $one->first <=> $other->first);
        array_push($all, ...(new EachOf($this->sentence, $places))->all($mentions, self::without($places, $all)));
        array_push($all, ...$repeated->listed($all, self::without($places, $all)));
        array_push($all, ...(new Sided($this->sentence))->opposite($all));
        usort($all, static fn (Mention $one, Mention $other) => $one->first <=> $other->first);
        $this->complete($all, $places);
        $left = self::without($places, $all);
        $this->alone = [] === $left ? null : $left[\count($left) - 1];
        $stretches->settle($all);

        return $all;
    }

    /**
     * "from ten to twenty there's cracks, one at twelve and one at seventeen": that is where all of them are.
     *
     * @param list<Place> $free at which nothing is yet
     */
    private function firstOf(Mention $mention, ?Place $place, array $free): ?Place
    {
        $one = $this->sentence->isMany($mention->last) ? $this->sentence->begins('another', $mention->last + 1) : null;
        $at = null === $one || $this->sentence->isInside('at', $one) ? $one : $this->sentence->begins('at', $one + 1);
        $isFirst = static fn (Place $each) => null !== $at && $each->first === $at + 1
            && $each->from >= $place?->from && $each->from <= $place?->to;

        return array_values(array_filter($free, $isFirst))[0] ?? $place;
    }

    /**
     * @param list<Mention> $mentions
     *
     * @return list<Place> those from one word to another that nothing of these is at
     */
    public function free(array $mentions, int $from, int $to): array
    {
        $taken = array_filter(array_map(static fn (Mention $each) => $each->place, $mentions));
        // The end of "35 a crack, 37 it stops" is the crack's.
        $isIn = static fn (Place $place) => [] !== array_filter($taken, static fn (Place $each) => $each === $place
            || $each->to === $place->from && null === $place->to);

        return array_values(array_filter(
            $this->measures->places, static fn (Place $place) => $place->first >= $from && $place->first <= $to && !$isIn($place),
        ));
    }

    /**
     * "from 32 feet to the tap at 40 it's clay": the tap is where the stretch ends, and the clay begins where it begins.
     *
     * @param list<Mention> $mentions
     * @param list<Place> $places
     */
    private function reach(array $mentions, array $places): void
    {
        // "it meets the house line at nine, and that has sludge until 22": what the stretch begins at is there too.
        $begins = array_filter($this->measures->places, static fn (Place $place) => !\in_array($place, $places, true));
        foreach ($begins as $begin) {
            foreach ($mentions as $mention) {
                $isAt = $this->sentence->begins('at', $mention->last + 1) === $begin->first - 1 && !Joined::stretches($mention);
                $mention->place ??= $isAt ? $begin : null;
            }
        }
        foreach ($places as $i => $place) {
            foreach ($mentions as $mention) {
                // "the sink at 27"
                $isAt = Kind::TieIn === $mention->kind && 'name' === $mention->by && $mention->last === $place->first - 1
                    && $this->sentence->begins('at', $mention->last) === $mention->last;
                $mention->place ??= $isAt ? $place : null;
            }
            $next = $places[$i + 1] ?? null;
            $to = $this->sentence->isAfter('from', $place->first) ? $this->sentence->begins('to', $place->last + 1) : null;
            if (null === $next || null === $to) {
                continue;
            }
            $end = null;
            foreach ($mentions as $mention) {
                $isBetween = $mention->last > $to && $mention->first - $to <= self::TO_NAME_WORDS && $mention->last < $next->first;
                // "at" may end its name.
                $at = $this->sentence->begins('at', $mention->last + 1) ?? $this->sentence->begins('at', $mention->last);
                $isAt = $isBetween && null === $mention->place && $at === $next->first - 1;
                $mention->place ??= $isAt ? $next : null;
                $end = $isAt ? $next : $end;
            }
            // "from eighteen feet to the main at 22 it's full of water"
            foreach ($mentions as $mention) {
                $isNext = null !== $end && $mention->first > $end->last && $mention->first - $end->last <= self::TO_NAME_WORDS;
                $mention->place ??= $isNext && Joined::stretches($mention) && Kind::Transition !== $mention->kind
                    ? Place::over($place->from, $end->from, $place) : null;
            }
        }
    }

    /**
     * @param list<Place> $places
     * @param list<Mention> $mentions
     *
     * @return list<Place> those that nothing of these is at
     */
    private static function without(array $places, array $mentions): array
    {
        $taken = array_map(static fn (Mention $each) => $each->place, $mentions);

        return array_values(array_filter($places, static fn (Place $place) => !\in_array($place, $taken, true)));
    }

    /** "eleven feet fine, fourteen feet", "clear at ten feet, then": nothing is there. */
    private function isOfSomething(Place $place): bool
    {
        // "from 42 to the main at 70 is okay": the main is there.
        $at = $this->sentence->leadingTo('at', $place->first)[0] ?? null;
        if (null !== $at && ($this->sentence->named->endsBefore($at) || $this->sentence->named->holds($at))
            // "I can't get past sixty feet, next one's fine"
            || $this->sentence->named->endsBefore($place->first) && null !== $this->sentence->begins('next_joint', $place->last + 1)) {
            return true;
        }
        // "there's nothing from eighteen to forty"
        $isNone = null !== $place->to && $this->sentence->isAfter('from', $place->first)
            && $this->sentence->is('nothing_there', $place->first - 2);
        $next = $place->last + 1;
        if ($isNone || $next > $this->sentence->last && (new Vacancy($this->sentence))->isGood($place)) {
            return false;
        }
        // "eleven feet, okay, so there's a crack"
        $shown = $this->sentence->is('all_well', $next) ? $this->sentence->behindCuts($next) : $next;
        if ($shown > $next && ($this->sentence->beginsAny(['intro', 'here', 'another'], $shown)
            || Atom::KIND === $this->sentence->atomAt($shown + ($this->sentence->is('articles', $shown) ? 1 : 0))?->role)) {
            return true;
        }
        // "thirty feet looks pretty clean"
        for ($most = $next + self::SEEMS_WORDS; $next < $most && $this->sentence->is('seems', $next); ++$next) {
        }
        $isNothing = $this->sentence->is('nothing_there', $next) || $this->sentence->is('all_well', $next);
        $at = $this->sentence->begins('at', $next + 1) ?? $this->sentence->last;
        $ends = '' === $this->sentence->text($next + 1) || $this->sentence->beginsAny(['cut', 'move'], $next + 1)
            || $this->sentence->isComma($next + 1) || null !== $this->sentence->atomAt($next + 1)?->amount
            || (new Vacancy($this->sentence))->isShownElsewhere($next + 1)
            // "from ten to twenty it's good, at twenty there's …"
            || null !== $place->to && null !== $this->sentence->atomAt($at + 1)?->amount;

        return !$isNothing || !$ends;
    }

    /**
     * What was named twice is at the place of either; a stretch is of what stretches; and whoever is stuck is at whatever place is said.
     *
     * @param list<Mention> $mentions
     * @param list<Place> $places
     */
    private function complete(array $mentions, array $places): void
    {
        foreach (self::without($places, $mentions) as $place) {
            $mention = null === $place->to ? null : $this->stretching($mentions, $place);
            if (null !== $mention) {
                $mention->place = $place;
            }
        }
        foreach ($mentions as $mention) {
            if (null === $mention->place && Kind::CannotGoFurther === $mention->kind) {
                $before = array_filter($places, static fn (Place $place) => $place->last < $mention->first);
                $mention->place = end($before) ?: $places[0] ?? null;
            }
            foreach (null === $mention->place ? $mentions : [] as $other) {
                $isTwice = $other->kind === $mention->kind && !$other->isOtherPipe($mention);
                $mention->place = $isTwice ? $other->place ?? $mention->place : $mention->place;
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
}
