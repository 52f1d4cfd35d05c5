<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Kind;

/** From where to where what is named goes, where that is told by what was said before or by what is named next. */
final readonly class Stretches
{
    /** Such as "to the city tap". */
    private const TO_NAME_WORDS = 4;
    /** What goes on from there is named so near. */
    private const BESIDE_WORDS = 7;

    /** "It's all clean": so many words behind a place. */
    private const CLEAN_WORDS = 3;

    public function __construct(private Sentence $sentence, private Measures $measures, private Whereabouts $where)
    {
    }

    /**
     * "there's a hole at 15, and from here on there's water up to 22": it begins at the place that was said before.
     *
     * @param list<Mention> $mentions
     */
    public function goOn(array $mentions): void
    {
        $this->sayWhole();
        $carried = $this->where->carried();
        // "water from the start, about five percent, up to three metres"
        $begins = array_fill_keys(array_keys(null === $carried ? $this->sentence->marks('at_begin') : []), 0.0)
            + array_fill_keys(array_keys($this->sentence->marks('from_here')), $carried);
        foreach ($begins as $first => $from) {
            $last = (int) ($this->sentence->begins('from_here', $first) ?? $this->sentence->begins('at_begin', $first));
            foreach ($this->measures->places as $i => $place) {
                if ($place->last < $first) {
                    $from = $place->to ?? $place->from;

                    continue;
                }
                // "from there up to 110 it's clean"
                $isClean = $this->sentence->isAny('nothing_there', $place->last + 1, $place->last + self::CLEAN_WORDS);
                if (null !== $from && null === $place->to && !$isClean && $this->isUpTo($last, $place)
                    && $this->isGoingOn($mentions, $first, $place)
                ) {
                    $this->measures->places[$i] = Place::over($from, $place->from, $place);
                }
                break;
            }
        }
    }

    /** "a repair at fifty, and that's from fifty to fifty four", "at thirty there's a belly from thirty to 33": said again, and whole. */
    private function sayWhole(): void
    {
        for ($i = \count($this->measures->places) - 1; $i > 0; --$i) {
            [$one, $whole] = [$this->measures->places[$i - 1], $this->measures->places[$i]];
            $isSame = null === $one->to && null !== $whole->to && abs($one->from - $whole->from) < Entry::SAME_PLACE_M;
            if ($isSame && ($this->sentence->isAfter('stretched', $whole->first) || $this->isOfOne($one, $whole))) {
                $words = [$one->first, $whole->last];
                array_splice($this->measures->places, $i - 1, 2, [new Place($whole->from, $whole->to, ...$words)]);
            }
        }
    }

    /** Whether one thing is named between two places, and right before the second. */
    private function isOfOne(Place $one, Place $whole): bool
    {
        $name = $this->sentence->named->next($one->last + 1, $whole->first - 1);
        $last = null === $name ? 0 : $this->sentence->atomAt($name)->last ?? 0;

        return null !== $name && $this->sentence->begins('from', $last + 1) === $whole->first - 1;
    }

    /** "to 22", "through to the bend at 22" */
    private function isUpTo(int $begin, Place $place): bool
    {
        $isNamed = $this->sentence->isAfter('at', $place->first);

        return $this->isBehindTo($place->first, $isNamed ? self::TO_NAME_WORDS + 2 : 1, $begin);
    }

    /** Whether "to" or "as far as" is said behind one word and no more than so many before another. */
    private function isBehindTo(int $word, int $words, int $since): bool
    {
        foreach ($this->sentence->marks('to') + $this->sentence->marks('ends') as $first => $last) {
            // "to the left at three and a half" is no end.
            $isSide = Atom::CLOCK === $this->sentence->atomAt($last + 1)?->role;
            if ($last > $since && $last < $word && $word - $last <= $words && !$isSide) {
                return true;
            }
        }

        return false;
    }

    /** @param list<Mention> $mentions of which one is named beside what goes on from a word to a place */
    private function isGoingOn(array $mentions, int $first, Place $to): bool
    {
        // "no issues from there until 44, where we have another root"
        $last = $this->sentence->is('at_its_end', $to->last + 1) ? $to->last : $to->last + self::BESIDE_WORDS;
        // "from there out to sixty is plastic"
        $isPipe = static fn (Mention $each) => Kind::Transition === $each->kind && $each->first > $to->last
            && $each->first - $to->last <= self::CLEAN_WORDS;
        $beside = array_filter($mentions, static fn (Mention $each) => (Joined::stretches($each) || $isPipe($each))
            && $each->last >= $first - self::BESIDE_WORDS && $each->first <= $last);

        return [] !== $beside && !Joined::isElsewhere($this->sentence, $first, $to->first);
    }

    /** "scale all the way to the bend at 22": as far as what is named next. */
    private function stretchTo(Mention $mention, ?Mention $next): void
    {
        [$from, $to] = [$mention->place, $next?->place];
        if (null === $next || null === $from || null === $to || null !== $from->to || null !== $to->to || !Joined::stretches($mention)
            || Joined::stretches($next) && !$this->sentence->is('definite', $next->first - 1)
            || $to->first <= $next->last || $to->first - $next->last > self::TO_NAME_WORDS + 1
            || !$this->sentence->isAfter('at', $to->first) && !$this->sentence->is('is', $to->first - 1)
            || Joined::isElsewhere($this->sentence, $mention->last + 1, $next->first - 1)
        ) {
            return;
        }
        // "a belly at 34, forty one feet we're out of it and there's the main at 46": it has ended before.
        if ($this->measures->hasPlace(max($mention->last, $from->last), $next->first)) {
            return;
        }
        // "62, 65, 68, all the way to the sewer at 73" is at each of these.
        if ($this->isBehindTo($next->first, self::TO_NAME_WORDS, $mention->last) && !Listed::holds($this->sentence, $from)) {
            $mention->place = Place::over($from->from, $to->from, $from);
        }
    }

    /** @param list<Mention> $mentions in their order, with their places */
    public function settle(array $mentions): void
    {
        foreach ($mentions as $i => $mention) {
            self::fill($mentions[$i - 1] ?? null, $mention);
            $mention->place = $this->end($mention, \array_slice($mentions, 0, $i));
            $mention->place = $this->until($mention, $mentions[$i - 1]->place ?? null);
            $this->stretchTo($mention, $mentions[$i + 1] ?? null);
        }
    }

    /** "there's a hole at six, and from there the bottom's gone to twenty, where it's plastic": as far as that is what goes on. */
    private static function fill(?Mention $before, Mention $point): void
    {
        $place = $point->place;
        if (null === $before?->place || null === $place?->to || null !== $before->place->to) {
            return;
        }
        $isBegun = Joined::stretches($before) && !Joined::stretches($point) && $before->last < $place->first;
        if ($isBegun && abs($before->place->from - $place->from) < Entry::SAME_PLACE_M) {
            $before->place = $place;
        }
    }

    /** "there's a wye at eight, then it's scale until fifteen": from the place before. */
    private function until(Mention $mention, ?Place $before): ?Place
    {
        $place = $mention->place;
        if (null === $place || null !== $place->to || !Joined::stretches($mention) || $place->first < $mention->last
            || !$this->sentence->isAfter('until', $place->first)
            || Joined::isElsewhere($this->sentence, $mention->last + 1, $place->first - 1)
        ) {
            return $place;
        }
        $from = $before->to ?? $before->from ?? $this->where->carried();

        return null === $from || $from >= $place->from ? $place : Place::over($from, $place->from, $place);
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
        $isWithin = $isPoint && $mention->first > $place->first && $mention->last < $place->last
            // "nine to twenty two is clay"
            || Kind::Transition === $mention->kind && $mention->first === $place->last + 1 && !$mention->isInOrder;
        // "grease from eight feet out to thirty where this other line ties in"
        $isAtEnd = $this->sentence->isAny('at_its_end', $place->last + 1, $mention->first - 1)
            // "cast from seven to fifteen and clay from there"
            || $isPoint && $mention->first > $place->last && null !== $this->sentence->begins('from_here', $mention->last + 1)
            // "… three point two we come out of it, there's a step at that joint"
            || $isPoint && $mention->first > $place->last && null !== $this->sentence->begins('beside_it', $mention->last + 1)
            // "from there it holds water to the wye at eleven"
            || $isPoint && $mention->last < $place->first && $place->first - $mention->last <= 2
                && $this->isBehindTo($mention->first, 2, $this->sentence->first - 1);

        return match (true) {
            $isWithin => new Place($place->from, null, $place->first, $place->last),
            $isAtEnd => new Place($place->to, null, $place->first, $place->last),
            default => $place,
        };
    }
}
