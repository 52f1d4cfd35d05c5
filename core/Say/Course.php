<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** The way of the tool along the line: where it is, and how far it has come with nothing more said. */
final class Course
{
    public readonly Whereabouts $where;
    private readonly Reach $reach;
    /** Whether somebody pushed on, or drew back, since something was found. */
    private bool $hasMoved = false;

    /** @param Reel $reel what the reel read meanwhile */
    public function __construct(Reel $reel, private readonly Entries $entries, bool $isRecording)
    {
        $this->where = new Whereabouts($reel);
        $this->reach = new Reach($isRecording);
    }

    /** Whoever pushes on between two words leaves the place behind. */
    public function move(Sentence $sentence, int $from, int $to): void
    {
        if ($sentence->has(['move', 'back'], $from, $to)) {
            $this->leave();
            $this->goOn();
        }
    }

    /** "at 25 that one's bigger … and you see the crack right there": what has no place of its own is where the sentence has come to. */
    public function pass(Sentence $sentence, Measures $measures, Mention $mention): void
    {
        $before = array_filter($measures->places, static fn (Place $place) => $place->last < $mention->first);
        $last = end($before);
        if (null !== $mention->kind && null === $mention->place && false !== $last && !$this->where->isPending()
            && !$sentence->has(['move', 'back'], $last->last + 1, $mention->first)) {
            $this->where->say($last, $sentence->atS($last->first) ?? 0.0);
        }
    }

    /** What is found from now on is another one. */
    public function goOn(): void
    {
        $this->hasMoved = true;
    }

    /** Something was found where the tool is. */
    public function stay(): void
    {
        $this->hasMoved = false;
    }

    public function hasMoved(): bool
    {
        return $this->hasMoved;
    }

    public function leave(): void
    {
        $this->end(false);
        $this->where->leave();
    }

    /** @param bool $isAll whether all was said */
    public function end(bool $isAll): void
    {
        $reached = $this->reach->end($isAll && $this->entries->isEmpty());
        if (null !== $reached) {
            $this->entries->add($reached);
        }
    }

    /** Something is where the tool was said to be. */
    public function arrive(): void
    {
        $this->reach->forget();
    }

    /**
     * What a sentence says of where the tool is.
     *
     * @param ?Place $alone a place that nothing in it is at
     * @param ?Entry $last what was named last
     */
    public function remember(Sentence $sentence, Measures $measures, Mentions $mentions, ?Place $alone, ?Entry $last): void
    {
        $places = $measures->places;
        if ([] === $places) {
            return;
        }
        $end = $places[\count($places) - 1];
        $placeS = $sentence->atS($end->first) ?? $sentence->atS($sentence->first) ?? 0.0;
        $this->where->say($end, $placeS);
        if (null === $alone || $last?->toM === ($alone->to ?? $alone->from)) {
            return;
        }
        $isNamed = null !== $mentions->spokenOf || [] !== $mentions->all || $sentence->has('ends') && null !== $last?->toM;
        // "the tap was at sixty one, fifty four I'll stop here"
        if (!$isNamed || $mentions->areAllBefore($alone)) {
            $this->where->await($alone, $placeS);
        }
        if ($isNamed && !$sentence->has('got_to')) {
            return;
        }
        $this->end(false);
        $this->reach->say($sentence, $alone, $this->entries->run());
    }
}
