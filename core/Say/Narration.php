<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Extent;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Measure\UnitSystem;

/** Reads what a technician says while looking: a sentence, or the words of a whole recording. */
final class Narration
{
    private const FOOT_M = 0.3048;
    /** A place that was said holds so long, in seconds. */
    private const CARRIED_S = 20.0;

    /** A place with no more words beside it is one where the tool is. */
    private const WORDS_BESIDE = 2;

    /** @var list<Entry> */
    private array $entries = [];
    private int $run = 0;
    /** A place that was said and that nothing has been named at yet, and when. */
    private ?Place $pending = null;
    private float $pendingS = 0.0;
    /** How far the tool has come by that, should nothing be named. */
    private ?Entry $reached = null;
    private ?float $carried = null;
    private float $carriedS = 0.0;
    private bool $isDrawingBack = false;
    /** What the pipe is made of at the last transition. */
    private ?string $material = null;
    private ?Entry $low = null;
    private ?Entry $last = null;

    private function __construct(private readonly Reel $reel, private readonly UnitSystem $units)
    {
    }

    /**
     * @param Reel $reel what the reel read meanwhile
     * @param UnitSystem $units in which a place without a unit is
     *
     * @return list<Entry> in the order in which they were first named
     */
    public static function read(Speech $speech, Lexicon $lexicon, UnitSystem $units, Reel $reel): array
    {
        $narration = new self($reel, $units);
        foreach (Reading::of($speech, $lexicon)->sentences() as $sentence) {
            $narration->hear($sentence);
        }
        $narration->endReached(!$speech->hasTimes);

        return $narration->entries;
    }

    private function hear(Sentence $sentence): void
    {
        $atS = $sentence->atS($sentence->first) ?? 0.0;
        $this->startRun($sentence);
        $this->forget($atS);
        $measures = new Measures($sentence, UnitSystem::Metric === $this->units ? 1.0 : self::FOOT_M);
        $mentions = new Mentions($sentence, $measures, null !== $this->pending);
        $placing = new Placing($sentence, $measures);
        $mentions->all = $placing->place($mentions->all, Kind::tryFrom($this->last->kind ?? ''));
        $movesFirst = $this->move($sentence, $mentions->all);
        if (!$this->endLow($sentence, $measures, $mentions->all)) {
            foreach ($mentions->all as $mention) {
                $this->enter($mention, $sentence);
            }
        }
        $this->complete($mentions, $sentence, $atS);
        $this->remember($sentence, $measures, $mentions, $placing, $atS);
        if (!$movesFirst) {
            $this->moveOn();
        }
    }

    private function startRun(Sentence $sentence): void
    {
        if ($sentence->has('run')) {
            ++$this->run;
            $this->moveOn();
            $this->low = $this->last = $this->material = null;
            $this->isDrawingBack = false;
        }
    }

    /**
     * Whoever pushes on leaves the place behind.
     *
     * @param list<Mention> $mentions
     *
     * @return bool false where that comes after all that is named
     */
    private function move(Sentence $sentence, array $mentions): bool
    {
        $this->isDrawingBack = $this->isDrawingBack || $sentence->has('back');
        $moves = array_keys($sentence->marks('move') + $sentence->marks('back'));
        if ([] === $moves) {
            return true;
        }
        $named = [] === $mentions ? -1 : $mentions[\count($mentions) - 1]->last;
        if (min($moves) > $named && $named >= 0) {
            return false;
        }
        $this->moveOn();

        return true;
    }

    private function moveOn(): void
    {
        $this->endReached(false);
        $this->pending = $this->carried = null;
    }

    private function forget(float $atS): void
    {
        if (null !== $this->pending && $atS - $this->pendingS > self::CARRIED_S) {
            $this->endReached(false);
            $this->pending = null;
        }
        if (null !== $this->carried && $atS - $this->carriedS > self::CARRIED_S) {
            $this->carried = null;
        }
    }

    /** How far it has come is an entry where nothing was named there. */
    private function endReached(bool $isAlone): void
    {
        if (null !== $this->reached && ($isAlone && [] === $this->entries || !$this->reached->isGeneral)) {
            $this->reached->isGeneral = false;
            $this->entries[] = $this->reached;
        }
        $this->reached = null;
    }

    /**
     * "and it ends at 22 feet".
     *
     * @param list<Mention> $mentions
     */
    private function endLow(Sentence $sentence, Measures $measures, array $mentions): bool
    {
        $isOther = [] !== array_filter($mentions, static fn (Mention $each) => Kind::LowSpot !== $each->kind);
        if (null === $this->low || !($sentence->has('ends') || $sentence->has('goes_on')) || $isOther || $sentence->has('starts')) {
            return false;
        }
        $place = $measures->places[0] ?? null;
        $at = null === $place ? $this->reel->at($sentence->atS($sentence->first)) : $place->to ?? $place->from;
        if (null === $at) {
            return false;
        }
        $from = $place?->to === null ? $this->low->fromM ?? $at : $place->from;
        $this->low->placeAt(min($from, $at), max($from, $at), $this->low->placeBy ?? PlaceBy::Said);
        foreach ($mentions as $mention) {
            $this->low->join($mention, $sentence->said());
        }
        $this->last = $this->low;
        // "it keeps going to 26 feet" may go on.
        $this->low = $sentence->has('ends') ? null : $this->low;

        return true;
    }

    private function enter(Mention $mention, Sentence $sentence): void
    {
        $said = $sentence->said();
        $atS = $sentence->atS($mention->first);
        if (Kind::LowSpot === $mention->kind && null !== $this->low && null === $mention->place && !$sentence->has('starts')) {
            $this->low->join($mention, $said);
            $this->last = $this->low;

            return;
        }
        if ($this->isReference($mention) && null !== ($known = $this->known($mention))) {
            $known->join($mention, $said);
            $this->last = $known;

            return;
        }
        [$from, $to, $by] = $this->placeOf($mention, $atS);
        foreach (null === $mention->kind ? [] : $this->entries as $entry) {
            if ($entry->isAlso($mention, $this->run, $from)) {
                $entry->join($mention, $said);
                if (null === $entry->toM && null !== $to && null !== $from && null !== $by) {
                    $entry->placeAt($from, $to, $by);
                }
                $this->last = $entry;

                return;
            }
        }
        $this->add($mention, $sentence, $from, $to, $by);
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
        $material = $entry->facts['material_after'] ?? null;
        if (null === $material) {
            return;
        }
        if ($this->isDrawingBack && !$isInOrder) {
            unset($entry->facts['material_after']);
            if (null !== $this->material) {
                $entry->facts['material_after'] = $this->material;
            }
            [$entry->size, $entry->unit] = [null, null];
        }
        $this->material = $material;
    }

    /** @return array{?float, ?float, ?PlaceBy} */
    private function placeOf(Mention $mention, ?float $atS): array
    {
        $place = $mention->place ?? $this->pending;
        if (null !== $place) {
            $isStretch = null !== $mention->kind && Extent::Point !== $mention->kind->extent();
            if (null === $mention->place) {
                $this->consume($place);
            }

            return null === $place->to || $isStretch
                ? [$place->from, $place->to, PlaceBy::Said] : [($place->from + $place->to) / 2, null, PlaceBy::Said];
        }
        $read = $this->reel->at($atS);
        if (null !== $read) {
            return [$read, null, PlaceBy::Reel];
        }

        return null === $this->carried ? [null, null, null] : [$this->carried, null, PlaceBy::Carried];
    }

    private function consume(Place $place): void
    {
        $this->carried = $place->to ?? $place->from;
        $this->carriedS = $this->pendingS;
        $this->pending = $this->reached = null;
    }

    private function isReference(Mention $mention): bool
    {
        return $mention->isAgain && null === $mention->place && null === $this->pending;
    }

    private function known(Mention $mention): ?Entry
    {
        foreach (array_reverse($this->entries) as $entry) {
            if ($entry->run === $this->run && $entry->kind === $mention->kind?->value) {
                return $entry;
            }
        }

        return null;
    }

    /** What is said without a name is of what was named last. */
    private function complete(Mentions $mentions, Sentence $sentence, float $atS): void
    {
        if (null === $this->last || [] !== $mentions->all || $mentions->hasNamed || $atS - ($this->last->atS ?? $atS) > self::CARRIED_S) {
            return;
        }
        $kind = Kind::tryFrom($this->last->kind);
        if (null === $kind || $sentence->has('deny') || $sentence->has('question')) {
            return;
        }
        $more = new Mention($kind, $sentence->first, $sentence->last);
        $told = false;
        foreach ($mentions->looseSizes as $size) {
            $told = (null === $this->last->size && $more->measure($size)) || $told;
        }
        foreach ($mentions->looseFacts as $fact => $value) {
            $told = $more->tell($fact, $value) || $told;
        }
        if ($told) {
            $more->sureness = $this->last->sureness;
            $this->last->join($more, $sentence->said());
        }
    }

    private function remember(Sentence $sentence, Measures $measures, Mentions $mentions, Placing $placing, float $atS): void
    {
        $places = $measures->places;
        if ([] === $places) {
            return;
        }
        $last = $places[\count($places) - 1];
        $this->carried = $last->to ?? $last->from;
        $this->carriedS = $sentence->atS($last->first) ?? $atS;
        if (null !== $placing->alone && $sentence->has('got_to')) {
            $entry = new Entry(Entry::REACHED, $this->run, $sentence->atS($last->first), $sentence->said());
            $entry->placeAt($placing->alone->from, null, PlaceBy::Said);
            $this->entries[] = $entry;
            $this->pending = null;

            return;
        }
        if ($mentions->hasNamed || [] !== $mentions->all || null === $placing->alone || $sentence->has('ends') && [] === $mentions->all && null === $this->low && null !== $this->last?->toM) {
            $this->pending = null;

            return;
        }
        $this->endReached(false);
        [$this->pending, $this->pendingS] = [$placing->alone, $this->carriedS];
        if (!$sentence->has('general') && !$sentence->has('deny') && !$sentence->has('gone')) {
            $isAll = $sentence->last - $sentence->first - ($last->last - $last->first) <= self::WORDS_BESIDE;
            $isTold = $sentence->has('reached') ? false : ($isAll ? true : null);
            if (null === $isTold) {
                return;
            }
            $this->reached = new Entry(Entry::REACHED, $this->run, $sentence->atS($last->first), $sentence->said(), $isTold);
            $this->reached->placeAt($placing->alone->from, null, PlaceBy::Said);
        }
    }
}
