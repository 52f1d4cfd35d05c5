<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Extent;
use Jurvex\Core\Finding\Kind;

/** What a sentence says of what was named last before it: where it is, and how far it goes. */
final readonly class OfLast
{
    /** Its place is told within so many seconds, and so many words. */
    private const TOLD_S = 30.0;
    private const TOLD_WORDS = 4;

    /** "It's hanging there in the flow at 33": it is named so many words before. */
    private const IT_WORDS = 9;

    public function __construct(private Entry $last, private Sentence $sentence)
    {
    }

    /** @return ?Place "so we're at the main, now that's eighty eight feet": of what had none */
    public function place(Measures $measures): ?Place
    {
        $place = $measures->places[0] ?? null;
        // What was only carried is told better: "there's a root … so that's at thirty two".
        $isTellable = null === $this->last->fromM || PlaceBy::Carried === $this->last->placeBy && null === $this->last->toM;
        if (!$isTellable || null === $place) {
            return null;
        }
        $isLate = ($this->sentence->atS($this->sentence->first) ?? 0.0) - ($this->last->atS ?? 0.0) > self::TOLD_S;
        $isTold = $this->sentence->isAfter('told', $place->first, 2)
            || null === $this->last->fromM && $this->sentence->isAfter('presence', $place->first)
            // "a root coming in, so that's thirty five"
            || null !== $place->to && $this->isSummingUp($place) && Extent::Point !== Kind::tryFrom($this->last->kind)?->extent()
            // "thirteen and a half feet, that's where it's at"
            || null !== $this->sentence->begins('where_it_is', $place->last + 1)
            || (new ToldBehind($this->sentence))->isPut($place) || $this->isOfIt($place);

        $begin = $this->sentence->part($place->first)[0];

        $isOther = null !== $this->sentence->nextName($this->sentence->first, $place->first);

        return $isLate || !$isTold || $isOther || $place->first - $begin > self::TOLD_WORDS && !$this->isOfIt($place) ? null : $place;
    }

    /** "the gasket's hanging down … so now it's hanging there in the flow at 33 feet" */
    private function isOfIt(Place $place): bool
    {
        $from = max($this->sentence->part($place->first)[0], $place->first - self::IT_WORDS);

        return null === $this->last->fromM && $this->sentence->isAfter('at', $place->first, 2)
            && $this->sentence->has('they_are', $from, $place->first) && !$this->sentence->has('reached', $from, $place->first)
            && !$this->sentence->beginsAny(['intro', 'here', 'another'], $place->last + 1);
    }

    /** "so nineteen to thirty three" */
    private function isSummingUp(Place $place): bool
    {
        $first = $this->sentence->first;

        return $first < $place->first && $this->sentence->behindCuts($first) === $place->first;
    }

    /** "and that goes on from fourteen feet to twenty two", "so nine to twenty" */
    public function stretch(Place $place): void
    {
        $isPoint = Extent::Point === (Kind::tryFrom($this->last->kind)?->extent() ?? Extent::Point);
        // "a hole, there's another hole, and it goes like that from eight feet to fifteen": the first is there.
        if (null !== $place->to && $isPoint && null === $this->last->fromM
            && $this->sentence->has('goes_on', ...$this->sentence->part($place->first))) {
            $this->last->placeAt($place->from, null, PlaceBy::Said);
        }
        if (null !== $place->to && !$isPoint
            && ($this->sentence->has('goes_on', ...$this->sentence->part($place->first)) || $this->last->begins($place)
                || $this->sentence->isAfter('made_of', $place->first) && $this->last->isWithinStretch($place)
                // "we're under water … and out of it, so that was from 24 to 26", "so 26 to about thirty"
                || !$this->last->isPlacedForSure() && ($this->sentence->isAfter('stretched', $place->first, 2) || $this->isSummingUp($place))
                || $this->isSummingUp($place) && $this->last->isWithinStretch($place))
        ) {
            $this->last->placeAt($place->from, $place->to, PlaceBy::Said);
        }
    }
}
