<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Family;
use Jurvex\Core\Finding\Kind;

/** What was said to begin and not to end: a low spot, however much is named in it, or what was named last where it may stretch. */
final class Unended
{
    /** "The start of the grease": so many words beside it. */
    private const START_WORDS = 3;
    /** "Straight away there's a bit of water": so many words beside it. */
    private const BEGIN_WORDS = 9;

    /** A low spot. */
    public ?Entry $low = null;
    private bool $goesOn = false;
    /** Whether it begins where the camera goes in: "there's water from the start, up to three metres". */
    private bool $isFromZero = false;
    /** Whether somebody says that what was named last starts there. */
    private bool $isStart = false;
    /** What was named last. */
    private ?Entry $other = null;
    private ?Entry $ended = null;

    public function leave(): void
    {
        $this->low = $this->other = $this->ended = null;
    }

    /**
     * "okay, we come out of it": what has no place is over, and so it is told no end.
     *
     * @param list<Mention> $mentions of the sentence, behind which that is told
     *
     * @return bool whether it is over
     */
    public function isOverNowhere(Sentence $sentence, Measures $measures, array $mentions): bool
    {
        if (null === $this->low || null !== $this->low->fromM || [] !== $measures->places) {
            return false;
        }
        $low = array_filter($mentions, static fn (Mention $each) => Kind::LowSpot === $each->kind);
        $named = [] === $low ? 0 : end($low)->last;
        $isOut = static fn (int $word) => $word > $named && !$sentence->isInside('comes_up', $word);
        $isOver = [] !== array_filter(array_keys($sentence->marks('ends')), $isOut);
        $this->low = $isOver ? null : $this->low;

        return $isOver;
    }

    /** "a sag at fourteen, and it's holding grease … so fourteen to eighteen": the sag goes on so far. */
    public function lowFrom(?Place $stretch): ?Entry
    {
        return null !== $stretch?->to && true === $this->low?->begins($stretch) ? $this->low : null;
    }

    /** Something else was named. */
    public function pass(): void
    {
        $this->other = null;
    }

    /** @param bool $isBegin whether no place was said before it in the run */
    public function begin(Entry $entry, Mention $mention, Sentence $sentence, bool $isBegin): void
    {
        // "there's grease in the bend and some wipes in it, and it goes on to three": the grease does.
        $isIn = Family::Deposit === Kind::tryFrom($this->other->kind ?? '')?->family() && null !== $mention->place
            && true === $this->other?->begins($mention->place) && !Joined::stretches($mention);
        $this->other = $isIn ? $this->other : null;
        $this->isStart = $sentence->has('starts', $mention->first - self::START_WORDS, $mention->last + self::START_WORDS);
        // "I've got water nine ten eleven twelve": as the counter goes by, it may go on.
        $goesOn = $mention->goesOn || null !== $mention->place?->to && Listed::holds($sentence, $mention->place);
        if (Kind::LowSpot === $mention->kind && (null === $entry->toM || $goesOn)) {
            $this->low = $entry;
            $this->goesOn = $goesOn;
            $this->isFromZero = null === $entry->fromM && $isBegin
                && $sentence->has('at_begin', $mention->first - self::BEGIN_WORDS, $mention->last + self::BEGIN_WORDS);
        } elseif (Kind::LowSpot === $mention->kind && null !== $this->low?->fromM && $entry->fromM > $this->low->fromM) {
            // "a low spot at fourteen, and another one from 22 to thirty": whatever ends behind it is not the first.
            $this->low = null;
        } elseif (null === $entry->toM && null !== $entry->fromM && Joined::stretches($mention)) {
            $this->other = $entry;
        }
    }

    /** @return ?Entry the low spot that has begun, where it is of that and completes it */
    public function hear(Mention $mention, Sentence $sentence): ?Entry
    {
        $low = $this->low;
        if (null !== $low && self::isItsEnd($mention, $sentence)) {
            $this->low = null;
            if (null !== $low->fromM && null !== $mention->place && $mention->place->from > $low->fromM) {
                $low->stretch($low->fromM, $mention->place->from);
            }

            return $low;
        }
        if (null === $low || !(new OfLow($low, $sentence))->is($mention)) {
            return null;
        }
        $low->join($mention, $sentence->said());
        $this->goesOn = $this->goesOn || $mention->goesOn;
        $isPlaced = $low->isPlacedItself();
        if (null !== $mention->place && (!$isPlaced || null !== $mention->place->to)) {
            $low->placeAt($isPlaced ? (float) $low->fromM : $mention->place->from, $mention->place->to, PlaceBy::Said);
        }

        return $low;
    }

    /** "31 is where it ends": not the line, while a low spot has no end. */
    private static function isItsEnd(Mention $mention, Sentence $sentence): bool
    {
        return Kind::EndOfLine === $mention->kind && null !== $sentence->begins('where_it_ends', $mention->first);
    }

    /**
     * "and it ends at 22 feet".
     *
     * @param list<Mention> $mentions
     *
     * @return list<Mention> those that are not of what has ended
     */
    public function end(Sentence $sentence, Measures $measures, array $mentions, Whereabouts $where): array
    {
        // "a belly at 12 … the bottom's gone at 20, it goes on to 26": what was named last does.
        if (null === $this->low || null !== $this->other && $sentence->has('goes_on')) {
            $mentions = $this->endOther($sentence, $measures, $mentions);
        }

        return null === $this->low || null !== $this->ended
            ? $mentions : $this->endLow($sentence, $measures, $mentions, StretchEnd::ofLow($sentence, $measures), $where);
    }

    /** "seven feet it starts to belly, twelve it's dry again, seventeen there's water": the first has ended before the other begins. */
    public function endBefore(Sentence $sentence, Measures $measures, Mention $next): void
    {
        $open = $this->low ?? $this->other;
        if (GoesOnTo::end($open, $sentence, $next)) {
            [$this->ended, $this->low, $this->other] = [$open, null, null];
        }
        $from = $this->low?->fromM;
        if (Kind::LowSpot !== $next->kind || null === $from || null !== $this->low->toM) {
            return;
        }
        $end = StretchEnd::before($sentence, $measures, $next->first);
        $at = $end->places[0]->from ?? $from;
        if ($at > $from && $next->place?->from > $at) {
            $this->low->stretch($from, $at);
            $this->low = null;
        }
    }

    /** @param list<Mention> $mentions among which one has begun */
    public function endInOneBreath(Sentence $sentence, Measures $measures, array $mentions, Whereabouts $where): void
    {
        $last = end($mentions);
        if (null !== $this->other && false !== $last) {
            $isInLow = null !== $this->low?->fromM;
            $end = StretchEnd::ofOther($sentence, $measures, $last->last + 1, $sentence->last, $isInLow)->places[0] ?? null;
            $isFree = null !== $end && null === $end->to && !\in_array($end, array_column($mentions, 'place'), true);
            $from = $this->other->fromM ?? 0.0;
            if ($isFree && abs($end->from - $from) >= Entry::SAME_PLACE_M) {
                $this->other->stretch($from, $end->from);
                $this->ended = $this->other;
                $this->other = null;
            }
        }
        if (null !== $this->low && (null === $this->low->toM || $this->goesOn) && [] !== $mentions) {
            $end = StretchEnd::inOneBreath($sentence, $measures, $this->sinceLow($mentions));
            // "the low spot at 55 is still holding": that tells no end.
            $this->endLow($sentence, $measures, [], [] === $end?->places ? null : $end, $where);
        }
    }

    /**
     * "we get through it around 28", "21 feet we've got pipe again": where nothing says that it ends, it is better at a place that
     * nothing is at.
     *
     * @param list<Place> $places of the sentence that nothing is at
     * @param ?Place $pending one that was said before the sentence
     *
     * @return ?Entry what has ended since this was asked last
     */
    public function endWhereBetter(Sentence $sentence, array $places, ?Place $pending): ?Entry
    {
        foreach (array_filter([$this->other, $this->low]) as $open) {
            $end = null === $this->ended ? $this->better($open, $sentence, $places, $pending) : null;
            if (null !== $end) {
                $open->stretch((float) $open->fromM, $end->from);
                $this->ended = $open;
                $this->low = $open === $this->low ? null : $this->low;
                $this->other = null;
            }
        }

        [$ended, $this->ended] = [$this->ended, null];

        return $ended;
    }

    /** @param list<Place> $places */
    private function better(Entry $open, Sentence $sentence, array $places, ?Place $pending): ?Place
    {
        $isLow = $open === $this->low;
        $mayEnd = null === $open->toM || $isLow && $this->goesOn;
        if (null === $open->fromM || !$mayEnd || Family::Roots === Kind::tryFrom($open->kind)?->family()) {
            return null;
        }
        $begins = ($open->toM ?? $open->fromM) + Entry::SAME_PLACE_M;
        $isBehind = static fn (Place $place) => $place->from > $begins && $place->from < $open->fromM + OfLow::LONGEST_M;
        $tables = ['better', ...($isLow ? ['out_of_water'] : []), ...($this->isStart ? ['nothing_there'] : [])];

        // "10 feet a crack, at 20 something else, at 28 it's better": that is better.
        $may = array_values(array_filter(Kind::Crack->value === $open->kind ? \array_slice($places, 0, 1) : $places, $isBehind));

        return ClearsUp::at($sentence, $may, $tables)
            // "37 feet." "Okay, it's gone."
            ?? (null !== $pending && $isLow && $isBehind($pending) && StretchEnd::isOver($sentence) ? $pending : null);
    }

    /**
     * @param list<Mention> $mentions
     *
     * @return list<Mention> from where the low spot began
     */
    private function sinceLow(array $mentions): array
    {
        $isIt = fn (Mention $each) => Kind::LowSpot === $each->kind && $each->place?->from === $this->low?->fromM;

        return \array_slice($mentions, (int) array_key_first(array_filter($mentions, $isIt)));
    }

    /**
     * @param list<Mention> $mentions
     *
     * @return list<Mention>
     */
    private function endLow(Sentence $sentence, Measures $measures, array $mentions, ?StretchEnd $end, Whereabouts $where): array
    {
        $others = array_values(array_filter($mentions, static fn (Mention $each) => Kind::LowSpot !== $each->kind));
        $solid = array_values(array_filter($others, static fn (Mention $each) => Kind::SightLimited !== $each->kind));
        $isTold = $sentence->has('ends') || null !== $sentence->begins('out_again', $end->word ?? 0);
        $isOnTheWay = [] !== $solid && ($solid[0]->first < $end?->word || !$isTold);
        if (null === $this->low || null === $end || $isOnTheWay
            || (new OfLow($this->low, $sentence))->isAnotherBefore($end->word, $mentions)) {
            return $mentions;
        }
        $place = $end->places[0] ?? ([] === $others ? $measures->places[0] ?? null : null);
        $read = [] === $others ? $where->read($sentence->atS($sentence->first)) : null;
        $at = null === $place ? $read : $place->to ?? $place->from;
        // "there's a sag in here. It starts at 35 and ends at 41."
        $begin = $this->low->fromM ?? StretchEnd::start($sentence, $measures) ?? ($this->isFromZero ? 0.0 : null);
        if (null === $at || $at === $begin || null === $begin && null === $place?->to) {
            return $mentions;
        }
        $from = null === $place?->to ? $begin ?? $at : $place->from;
        $this->low->stretch($from, $at);
        $this->complete($this->low, array_filter($mentions, static fn (Mention $each) => Kind::LowSpot === $each->kind), $sentence);
        // "it keeps going to 26 feet" may go on, and who is "coming up" is not out yet.
        $isOver = $isTold && !$sentence->isInside('comes_up', $end->word);
        $this->low = $isOver ? null : $this->low;
        $this->goesOn = null !== $this->low;

        return $others;
    }

    /**
     * "and it goes on like that to 29": where nothing else is named before.
     *
     * @param list<Mention> $mentions
     *
     * @return list<Mention>
     */
    private function endOther(Sentence $sentence, Measures $measures, array $mentions): array
    {
        $open = $this->other;
        $end = null === $open ? null : StretchEnd::ofOther($sentence, $measures, $sentence->first, $sentence->last);
        if (null === $open || null === $end) {
            return $mentions;
        }
        $others = array_values(array_filter($mentions, static fn (Mention $each) => !$open->isOfKind($each)));
        [$place, $from] = [$end->places[0] ?? $measures->places[0] ?? null, $open->fromM];
        // "from six to nine it's roots … until you get to 31, and there's a joint with roots": that is another one.
        $isAnother = null !== $open->toM && null !== $place && $sentence->has('intro', $place->last + 1, $mentions[0]->first ?? 0);
        $isOnTheWay = $isAnother || GoesOnTo::isOther($open, $sentence, $mentions) || null === $place
            || [] !== $others && $others[0]->first < max($place->last, $end->word);
        if ($isOnTheWay || null === $from || null !== $place->to || abs($place->from - $from) < Entry::SAME_PLACE_M) {
            return $mentions;
        }
        $open->stretch($from, $place->from);
        $this->complete($open, array_filter($mentions, $open->isOfKind(...)), $sentence);
        $this->other = null;

        return $others;
    }

    /** @param array<Mention> $mentions */
    private function complete(Entry $entry, array $mentions, Sentence $sentence): void
    {
        foreach ($mentions as $mention) {
            $entry->join($mention, $sentence->said());
        }
        $this->ended = $entry;
    }
}
