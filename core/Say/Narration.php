<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Extent;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Measure\UnitSystem;

/** Reads what a technician says while looking: a sentence, or the words of a whole recording. */
final class Narration
{
    /** What is said without a name is of what was named last, for so long, in seconds. */
    private const COMPLETED_S = 20.0;
    /** A low spot that has begun is not longer. */
    private const LONGEST_LOW_M = 15.0;
    /** A place with no more words beside it is one where the tool is. */
    private const WORDS_BESIDE = 2;

    /** @var list<Entry> */
    private array $entries = [];
    private int $run = 0;
    private readonly Whereabouts $where;
    /** How far the tool has come by the place that waits for a name, and whether that was told in so many words. */
    private ?Entry $reached = null;
    private bool $isReachTold = false;
    private bool $isDrawingBack = false;
    /** What the pipe is made of at the last transition. */
    private ?string $material = null;
    /** A low spot that has begun and not ended. */
    private ?Entry $low = null;
    private ?Entry $last = null;
    /** What was said of the place of what was named last. */
    private ?Place $place = null;

    private function __construct(Reel $reel, private readonly UnitSystem $units)
    {
        $this->where = new Whereabouts($reel);
    }

    /**
     * @param Reel $reel what the reel read meanwhile
     * @param UnitSystem $units in which a place without a unit is
     *
     * @return list<Entry> in the order in which they were first named
     */
    public static function read(Reading $reading, UnitSystem $units, Reel $reel): array
    {
        $narration = new self($reel, $units);
        foreach ($reading->sentences() as $sentence) {
            $narration->hear($sentence);
        }
        $narration->endReached(!$reading->speech->hasTimes);

        return $narration->entries;
    }

    private function hear(Sentence $sentence): void
    {
        $atS = $sentence->atS($sentence->first) ?? 0.0;
        $this->startRun($sentence);
        $this->where->forget($atS);
        $measures = new Measures($sentence, $this->units);
        $mentions = new Mentions($sentence, $measures, $this->where->isPending());
        $placing = new Placing($sentence, $measures);
        $mentions->all = $placing->place($mentions->all, Kind::tryFrom($this->last->kind ?? ''));
        $this->isDrawingBack = $this->isDrawingBack || $sentence->has('back');
        $this->stretch($sentence, $placing->alone);
        $said = $sentence->first;
        $before = $this->low;
        foreach ($this->endLow($sentence, $mentions->all, LowEnd::in($sentence, $measures), $measures) as $mention) {
            $this->move($sentence, $said, $mention->first);
            $this->enter($mention, $sentence);
            $said = $mention->last;
        }
        $last = end($mentions->all);
        if ($before !== $this->low && null === $this->low?->toM && false !== $last) {
            $this->endLow($sentence, [], LowEnd::inOneBreath($sentence, $measures, $mentions->all), $measures);
        }
        $this->complete($mentions, $sentence, $atS);
        if ([] === $mentions->all) {
            $this->move($sentence, $said, $sentence->last);
        }
        $this->remember($sentence, $measures, $mentions, $placing, $atS);
        if ([] !== $mentions->all) {
            $this->move($sentence, $said, $sentence->last);
        }
    }

    private function startRun(Sentence $sentence): void
    {
        if ($sentence->has('run')) {
            ++$this->run;
            $this->leave();
            $this->low = $this->last = $this->material = null;
            $this->isDrawingBack = false;
        }
    }

    /** Whoever pushes on between two words leaves the place behind. */
    private function move(Sentence $sentence, int $from, int $to): void
    {
        if ($sentence->has('move', $from, $to) || $sentence->has('back', $from, $to)) {
            $this->leave();
        }
    }

    private function leave(): void
    {
        $this->endReached(false);
        $this->where->leave();
    }

    /** How far it has come is an entry where nothing was named there and that was told in so many words, or nothing else was said. */
    private function endReached(bool $isAll): void
    {
        if (null !== $this->reached && ($this->isReachTold || $isAll && [] === $this->entries)) {
            $this->entries[] = $this->reached;
        }
        $this->reached = null;
    }

    /**
     * "and it ends at 22 feet".
     *
     * @param list<Mention> $mentions
     *
     * @return list<Mention> those that are not of the low spot that has ended
     */
    private function endLow(Sentence $sentence, array $mentions, ?LowEnd $end, Measures $measures): array
    {
        $others = array_values(array_filter($mentions, static fn (Mention $each) => Kind::LowSpot !== $each->kind));
        $isOnTheWay = [] !== $others && ($others[0]->first < $end?->word || !$sentence->has('ends'));
        if (null === $this->low || null === $end || $isOnTheWay) {
            return $mentions;
        }
        $place = $end->places[0] ?? ([] === $others ? $measures->places[0] ?? null : null);
        $read = [] === $others ? $this->where->read($sentence->atS($sentence->first)) : null;
        $at = null === $place ? $read : $place->to ?? $place->from;
        if (null === $at || $at === $this->low->fromM) {
            return $mentions;
        }
        $from = null === $place?->to ? $this->low->fromM ?? $at : $place->from;
        $this->low->placeAt(min($from, $at), max($from, $at), $this->low->placeBy ?? PlaceBy::Said);
        foreach ($mentions as $mention) {
            if (Kind::LowSpot === $mention->kind) {
                $this->low->join($mention, $sentence->said());
            }
        }
        $this->last = $this->low;
        // "it keeps going to 26 feet" may go on.
        $this->low = $sentence->has('ends') ? null : $this->low;

        return $others;
    }

    private function enter(Mention $mention, Sentence $sentence): void
    {
        // "the locator says 4 foot 6, so it's four and a half feet deep": one reading, said twice.
        $isSamePlace = \in_array($mention->place, [null, $this->place], true);
        if ($isSamePlace && true === $this->last?->isReadAgain($mention, $sentence->atS($mention->first))) {
            return;
        }
        $this->place = $mention->place;
        if (null !== $this->low && $this->isInLow($mention, $sentence)) {
            $this->low->join($mention, $sentence->said());
            $this->last = $this->low;

            return;
        }
        if ($mention->isAgain && null === $mention->place && !$this->where->isPending()) {
            $known = $this->known($mention);
            $known?->join($mention, $sentence->said());
            $this->last = $known ?? $this->last;

            return;
        }
        $this->reached = $this->where->isPending() && null === $mention->place ? null : $this->reached;
        [$from, $to, $by] = $this->where->of($mention, $sentence->atS($mention->first));
        $isAnother = $sentence->isAfter('another', $mention->first);
        foreach (null === $mention->kind || $isAnother ? [] : $this->entries as $entry) {
            if ($entry->isAlso($mention, $this->run, $from, $to)) {
                $entry->join($mention, $sentence->said());
                if (null === $entry->toM && null !== $to && null !== $from && null !== $by) {
                    $entry->placeAt($from, $to, $by);
                }
                $this->last = $entry;

                return;
            }
        }
        $this->add($mention, $sentence, $from, $to, $by);
    }

    /** What is said of water while a low spot has begun and not ended is said of it. */
    private function isInLow(Mention $mention, Sentence $sentence): bool
    {
        if (Kind::LowSpot !== $mention->kind || $sentence->has('starts', ...$sentence->part($mention->first))) {
            return false;
        }
        $isWater = $mention->isWater() || isset($mention->facts['lens_under']);
        $into = null === $mention->place ? 0.0 : $mention->place->from - ($this->low->fromM ?? 0.0);

        return null === $mention->place || $isWater && null === $mention->place->to && $into > 0 && $into < self::LONGEST_LOW_M;
    }

    private function add(Mention $mention, Sentence $sentence, ?float $from, ?float $to, ?PlaceBy $by): void
    {
        $before = $this->last;
        if (null === $from && null !== $before && null === $before->fromM && $before->kind === $mention->kind?->value) {
            $before->join($mention, $sentence->said());

            return;
        }
        $entry = Entry::of($mention, $this->run, $sentence->atS($mention->first), $sentence->said());
        if (null !== $from && null !== $by) {
            $entry->placeAt($from, $to, $by);
        }
        $this->turnAbout($entry, $mention->isInOrder);
        $this->entries[] = $this->last = $entry;
        if (Kind::LowSpot === $mention->kind && null === $to) {
            $this->low = $entry;
        }
    }

    /** Drawing back, what the pipe is said to become is what it was before the transition. */
    private function turnAbout(Entry $entry, bool $isInOrder): void
    {
        $named = $entry->facts['material_after'] ?? null;
        if (null !== $named && $this->isDrawingBack && !$isInOrder) {
            $entry->become($this->material);
        }
        $this->material = $named ?? $this->material;
    }

    private function known(Mention $mention): ?Entry
    {
        foreach (array_reverse($this->entries) as $entry) {
            if ($entry->run === $this->run && $entry->isOfKind($mention)) {
                return $entry;
            }
        }

        return null;
    }

    private function complete(Mentions $mentions, Sentence $sentence, float $atS): void
    {
        $kind = Kind::tryFrom($this->last->kind ?? '');
        $isOld = $atS - ($this->last->atS ?? $atS) > self::COMPLETED_S;
        if (null === $this->last || null === $kind || [] !== $mentions->all || $mentions->hasNamed || $isOld
            || $sentence->has('deny') || $sentence->has('question')
        ) {
            return;
        }
        $more = $mentions->more($kind, null === $this->last->size);
        if (null !== $more) {
            $more->sureness = $this->last->sureness;
            $this->last->join($more, $sentence->said());
        }
    }

    /** "and that goes on from fourteen feet to twenty two": what was named last does. */
    private function stretch(Sentence $sentence, ?Place $place): void
    {
        $isPoint = Extent::Point === (Kind::tryFrom($this->last->kind ?? '')?->extent() ?? Extent::Point);
        if (null !== $this->last && null !== $place?->to && !$isPoint && $sentence->has('goes_on', ...$sentence->part($place->first))) {
            $this->last->placeAt($place->from, $place->to, PlaceBy::Said);
        }
    }

    private function remember(Sentence $sentence, Measures $measures, Mentions $mentions, Placing $placing, float $atS): void
    {
        $places = $measures->places;
        if ([] === $places) {
            return;
        }
        $last = $places[\count($places) - 1];
        $placeS = $sentence->atS($last->first) ?? $atS;
        $this->where->say($last, $placeS);
        $alone = $placing->alone;
        if (null === $alone || $this->last?->toM === $alone->to && null !== $alone->to) {
            return;
        }
        $isTold = $sentence->has('got_to');
        $isNamed = $mentions->hasNamed || [] !== $mentions->all || $sentence->has('ends') && null !== $this->last?->toM;
        if ($isNamed && !$isTold) {
            return;
        }
        $this->endReached(false);
        $isAll = $sentence->last - $sentence->first - ($last->last - $last->first) <= self::WORDS_BESIDE;
        if (!$isNamed) {
            $this->where->await($alone, $placeS);
        }
        $isDenied = $sentence->has('general') || $sentence->has('deny') || $sentence->has('gone');
        if ($isTold || !$isDenied && ($isAll || $sentence->has('reached'))) {
            $this->isReachTold = $isTold || $sentence->has('reached');
            $this->reached = new Entry(Entry::REACHED, $this->run, $sentence->atS($last->first), $sentence->said());
            $this->reached->placeAt($alone->from, null, PlaceBy::Said);
        }
    }
}
