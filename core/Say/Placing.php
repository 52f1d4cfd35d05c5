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
    /** What goes on from there is named so near. */
    private const BESIDE_WORDS = 6;

    /** A place that was said and that nothing in its sentence is at. */
    public ?Place $alone = null;

    public function __construct(
        private readonly Sentence $sentence, private readonly Measures $measures, private readonly Whereabouts $where,
    ) {
    }

    /**
     * @param list<Mention> $mentions in their order
     * @param ?Kind $last what was named last before the sentence
     *
     * @return list<Mention> the same, and what is named by its place alone: "roots at 44 feet, 51 feet and 58"
     */
    public function place(array $mentions, ?Kind $last): array
    {
        $this->goOn($mentions);
        $places = array_values(array_filter(Joined::places($this->sentence, $this->measures, $mentions), $this->isOfSomething(...)));
        $this->reach($mentions, $places);
        $repeated = new Repeated($this->sentence, $places);
        $others = $repeated->others($mentions, $last);
        $all = [...$mentions, ...$others];
        usort($all, static fn (Mention $one, Mention $other) => $one->first <=> $other->first);
        $all = $this->withoutWhoseIs($all);
        $free = self::without($places, $all);
        $alignment = new Alignment($this->sentence, $all, $free, $this->where->pending(), $this->where->isCarried());
        foreach ($alignment->places() as $i => $place) {
            $all[$i]->place ??= $place;
        }
        array_push($all, ...$repeated->each($mentions, self::without($places, $all)));
        array_push($all, ...$repeated->listed($all, self::without($places, $all)));
        $this->complete($all, $places);
        $left = self::without($places, $all);
        $this->alone = [] === $left ? null : $left[\count($left) - 1];
        foreach ($all as $i => $mention) {
            $mention->place = $this->end($mention, \array_slice($all, 0, $i));
            $this->stretchTo($mention, $all[$i + 1] ?? null);
        }

        return $all;
    }

    /**
     * "there's a hole at 15, and from here on there's water up to 22": it begins at the place that was said before.
     *
     * @param list<Mention> $mentions
     */
    private function goOn(array $mentions): void
    {
        foreach ($this->sentence->marks('from_here') as $first => $last) {
            $from = $this->where->carried();
            foreach ($this->measures->places as $i => $place) {
                if ($place->last < $first) {
                    $from = $place->to ?? $place->from;

                    continue;
                }
                if (null !== $from && null === $place->to && $this->sentence->isAfter('to', $place->first)
                    && $this->isGoingOn($mentions, $first, $place)
                ) {
                    $this->measures->places[$i] = Place::over($from, $place->from, $place);
                }
                break;
            }
        }
    }

    /** @param list<Mention> $mentions of which one is named beside what goes on from a word to a place */
    private function isGoingOn(array $mentions, int $first, Place $to): bool
    {
        // "no issues from there until 44, where we have another root"
        $last = $this->sentence->is('at_its_end', $to->last + 1) ? $to->last : $to->last + self::BESIDE_WORDS;
        $beside = array_filter($mentions, static fn (Mention $each) => Joined::stretches($each)
            && $each->last >= $first - self::BESIDE_WORDS && $each->first <= $last);

        return [] !== $beside && !Joined::isElsewhere($this->sentence, $first, $to->first);
    }

    /** "scale all the way to the bend at 22": as far as what is named next. */
    private function stretchTo(Mention $mention, ?Mention $next): void
    {
        [$from, $to] = [$mention->place, $next?->place];
        if (null === $next || null === $from || null === $to || null !== $from->to || null !== $to->to || !Joined::stretches($mention)
            || Joined::stretches($next) || $to->first <= $next->last || $to->first - $next->last > self::TO_NAME_WORDS + 1
            || !$this->sentence->isAfter('at', $to->first) && !$this->sentence->is('is', $to->first - 1)
            || Joined::isElsewhere($this->sentence, $mention->last + 1, $next->first - 1)
        ) {
            return;
        }
        foreach ($this->sentence->marks('to') + $this->sentence->marks('ends') as $begin => $end) {
            if ($begin > $mention->last && $next->first - $end > 0 && $next->first - $end <= self::TO_NAME_WORDS) {
                $mention->place = Place::over($from->from, $to->from, $from);
            }
        }
    }

    /**
     * "from 32 feet to the tap at 40 it's clay": the tap is where the stretch ends, and the clay begins where it begins.
     *
     * @param list<Mention> $mentions
     * @param list<Place> $places
     */
    private function reach(array $mentions, array $places): void
    {
        foreach ($places as $i => $place) {
            $next = $places[$i + 1] ?? null;
            $to = $this->sentence->isAfter('from', $place->first) ? $this->sentence->begins('to', $place->last + 1) : null;
            if (null === $next || null === $to) {
                continue;
            }
            foreach ($mentions as $mention) {
                $isBetween = $mention->first > $to && $mention->first - $to <= self::TO_NAME_WORDS && $mention->last < $next->first;
                $mention->place ??= $isBetween && $this->sentence->begins('at', $mention->last + 1) === $next->first - 1 ? $next : null;
            }
        }
    }

    /**
     * "another one on the left, that's the kitchen": whose tie-in it is, and no other.
     *
     * @param list<Mention> $mentions
     *
     * @return list<Mention>
     */
    private function withoutWhoseIs(array $mentions): array
    {
        $all = [];
        foreach ($mentions as $mention) {
            $before = end($all);
            $isWhose = false !== $before && Kind::TieIn === $mention->kind && Kind::TieIn === $before->kind && 'name' === $mention->by
                && !$this->measures->hasPlace($before->last, $mention->first)
                && $this->sentence->has('intro', $before->last + 1, $mention->last);
            array_push($all, ...($isWhose ? [] : [$mention]));
        }

        return $all;
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

    /** "eleven feet fine, fourteen feet": nothing is there. */
    private function isOfSomething(Place $place): bool
    {
        $next = $place->last + 1;
        // "thirty feet looks pretty clean"
        for ($most = $next + self::SEEMS_WORDS; $next < $most && $this->sentence->is('seems', $next); ++$next) {
        }
        $isNothing = $this->sentence->is('nothing_there', $next) || $this->sentence->is('all_well', $next);
        $ends = '' === $this->sentence->text($next + 1) || $this->sentence->beginsAny(['cut', 'move'], $next + 1)
            || $this->sentence->isComma($next + 1) || null !== $this->sentence->atomAt($next + 1)?->amount;

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
            if (null === $mention->place && Kind::CannotGoFurther === $mention->kind && [] !== $places) {
                $mention->place = $places[0];
            }
            foreach (null === $mention->place ? $mentions : [] as $other) {
                $mention->place = $other->kind === $mention->kind ? $other->place ?? $mention->place : $mention->place;
            }
        }
    }

    /**
     * What has no length is where a stretch begins or ends, and so is what else is named there.
     *
     * @param list<Mention> $before named before it
     */
    private function end(Mention $mention, array $before): ?Place
    {
        $place = $mention->place;
        $isPoint = !Joined::stretches($mention);
        $isOfOther = [] !== array_filter($before, static fn (Mention $each) => $each->place === $place && Joined::stretches($each));
        if (null === $place?->to || !$isPoint && !$isOfOther) {
            return $place;
        }
        // "at 22 it drops into cast iron, and that has scale to 38"
        $isWithin = $isPoint && $mention->first > $place->first && $mention->last < $place->last;
        // "grease from eight feet out to thirty where this other line ties in"
        $isAtEnd = $this->sentence->isAny('at_its_end', $place->last + 1, $mention->first - 1);

        return match (true) {
            $isWithin => new Place($place->from, null, $place->first, $place->last),
            $isAtEnd => new Place($place->to, null, $place->first, $place->last),
            default => $place,
        };
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
