<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Extent;
use Jurvex\Core\Finding\Family;
use Jurvex\Core\Finding\Kind;

/** What a sentence says of what was named last before it: where it is, and how far it goes. */
final readonly class OfLast
{
    /** Its place is told within so many seconds, and so many words. */
    private const TOLD_S = 30.0;
    private const TOLD_WORDS = 4;
    /** A place so long behind its name is of it, in seconds. */
    private const PLACED_S = 40.0;
    /** What is said without a name is of what was named last, for so long, in seconds. */
    private const COMPLETED_S = 20.0;
    /** A run has one of these. */
    public const ONE = [Kind::Tap, Kind::EndOfLine];
    /** What is not at more places than one. */
    public const ONCE = [Kind::Tap->value, Kind::EndOfLine->value, Kind::Transition->value, Kind::CannotGoFurther->value, Entry::MARK];
    /** How far it goes altogether is told within so many seconds. */
    private const SUM_S = 60.0;
    /** "It starts right here at": so many words before a place. */
    private const STARTS_WORDS = 4;
    /** What is named so many words behind a stretch is there. */
    private const SUM_WORDS = 7;
    /** "Roots to about 23": so many words before its end. */
    private const TO_WORDS = 3;
    /** "It's hanging there in the flow at 33": it is named so many words before. */
    private const IT_WORDS = 9;
    /** Whoever is stuck got no farther in the meantime, in metres. */
    private const FARTHER_M = 1.5;
    /** The counter is read off no farther than that behind what it went by, in metres. */
    private const READ_OFF_M = 5.0;

    public function __construct(private Entry $last, private Sentence $sentence)
    {
    }

    /**
     * What was named last, or of what was only spoken of what is left or the first: "they ran a blade through the roots … at 35 I left
     * some", "they said there's roots … there's the first one at eight".
     */
    public static function kind(Sentence $sentence, ?Entry $last, ?Kind $spokenOf, Entries $entries): ?Kind
    {
        $isLeft = null === $last && \in_array($spokenOf?->family(), [Family::Roots, Family::Deposit], true)
            && $sentence->has(['left_over', 'first_of']);
        $kind = Kind::tryFrom($last->kind ?? '');
        // "a wye at twelve with grease on it, and then at thirty there's another one"
        $one = Family::Deposit === $kind?->family() && $sentence->has('one_more_of_them') ? $entries->lastOne() : null;

        return $isLeft ? $spokenOf : Kind::tryFrom($one->kind ?? '') ?? $kind;
    }

    /** @return ?Place "so we're at the main, now that's eighty eight feet": of what had none */
    public function place(Measures $measures): ?Place
    {
        $place = $measures->places[0] ?? null;
        // What was only carried is told better: "there's a root … so that's at thirty two".
        $span = $this->span($measures);
        if (null !== $span || null !== $place && $this->isSumOfIt($place)) {
            return $span ?? $place;
        }
        // "I'm not able to push through … so that's about twelve": the place before was of what was named with it.
        $isFarther = null !== $place && Kind::CannotGoFurther->value === $this->last->kind && $place->from > $this->last->fromM
            && $place->from - $this->last->fromM < self::FARTHER_M && $this->sentence->isAfter('puts', $place->first)
            && $place->first - $this->sentence->first <= self::STARTS_WORDS;
        $isFarther = $isFarther || null !== $place && $this->isReadOff($place);
        if (!$isFarther && $this->last->isPlacedForSure() || null === $place || $this->sinceS() > self::TOLD_S
            || null !== $this->sentence->named->next($this->sentence->first, $place->first)
            // "it's at one metre, and it's clean"
            || (new Vacancy($this->sentence))->isClean($place)) {
            return null;
        }
        $isOfIt = $this->isOfIt($place);
        $isTold = $isOfIt || $isFarther || $this->sentence->isAfter('told', $place->first, 2)
            || null === $this->last->fromM && $this->sentence->isAfter('presence', $place->first)
            // "so 26 to about thirty"
            || null !== $place->to && $this->isSummingUp($place) && Extent::Point !== Kind::tryFrom($this->last->kind)?->extent()
            // "a root at every third joint, so eighteen, 27 and 36"
            || $this->isSummingUp($place) && Listed::holds($this->sentence, $place)
            // "thirteen and a half feet, that's where it's at"
            || null !== $this->sentence->begins('where_it_is', $place->last + 1)
            // "a root coming in, so that's thirty five"
            || (new ToldBehind($this->sentence))->isPut($place);
        $isNear = $isOfIt || $isFarther || $place->first - $this->sentence->part($place->first)[0] <= self::TOLD_WORDS;

        return $isTold && $isNear ? $place : null;
    }

    /** "sixty, seventy, and right there a wye is coming in … so that's 84 feet": what the counter went by is told better. */
    private function isReadOff(Place $place): bool
    {
        $isNear = null === $place->to && $place->from > $this->last->fromM && $place->from - $this->last->fromM <= self::READ_OFF_M;

        return $this->last->isCounted && $isNear && (new ToldBehind($this->sentence))->isPut($place);
    }

    /** @return list<Place> those behind one, at which it is too: "first joint roots, second joint roots, so that's 21, 24 and 27" */
    public function places(Measures $measures, Place $first): array
    {
        return \in_array($this->last->kind, self::ONCE, true) ? [] : Listed::others($this->sentence, $first, $measures->places);
    }

    /** "the gasket's hanging down … so now it's hanging there in the flow at 33 feet" */
    private function isOfIt(Place $place): bool
    {
        $from = max($this->sentence->part($place->first)[0], $place->first - self::IT_WORDS);

        return null === $this->last->fromM && $this->sentence->isAfter('at', $place->first, 2)
            && $this->sentence->has('they_are', $from, $place->first) && !$this->sentence->has('reached', $from, $place->first)
            && !$this->sentence->beginsAny(['intro', 'here', 'another'], $place->last + 1);
    }

    /** "there's a crack along the top … so it starts at ten feet and it goes to fourteen": and nothing is named in it. */
    private function span(Measures $measures): ?Place
    {
        [$one, $other] = [$measures->places[0] ?? null, $measures->places[1] ?? null];
        $mayBe = null !== $one && null !== $other && null === $one->to && null === $other->to && $this->sinceS() <= self::PLACED_S
            && Extent::Point !== Kind::tryFrom($this->last->kind)?->extent();
        $isSpan = $mayBe && $this->sentence->isAfter('starts', $one->first, self::STARTS_WORDS)
            && $this->sentence->has(['to', 'runs_to', 'ends'], $one->last, $other->first)
            && null === $this->sentence->named->next($this->sentence->first, $other->last);

        if (!$isSpan) {
            return null;
        }
        $span = Place::over($one->from, $other->from, new Place($one->from, null, $one->first, $other->last));

        return null === $this->last->fromM || null === $this->last->toM && $this->last->isCoveredBy($span) ? $span : null;
    }

    /** "roots at ten … thirteen, still roots, so from ten to sixteen, and that's where that maple is": and nothing else is named there. */
    private function isSumOfIt(Place $place): bool
    {
        $isIts = null !== $place->to && $this->isSummingUp($place) && ($this->last->isCoveredBy($place) || $this->last->begins($place))
            && null === $this->sentence->named->next($place->last + 1, $place->last + self::SUM_WORDS);

        return ($isIts || $this->isItsWay($place)) && Extent::Point !== Kind::tryFrom($this->last->kind)?->extent()
            && $this->sinceS() <= self::SUM_S;
    }

    /** "the crack's longer … now it goes from 26 to about 29, and the roots are thicker" */
    private function isItsWay(Place $place): bool
    {
        $begin = $this->sentence->behindCuts($this->sentence->first);

        return null !== $place->to && (null === $this->last->fromM || $this->last->begins($place)) && $this->sentence->is('likened', $begin)
            && null === $this->sentence->named->next($begin, $place->first)
            // "from here zero"
            && $this->sentence->isAfter('from', $place->first, 2) && $place->first - $begin <= self::STARTS_WORDS;
    }

    /** The stretch that a sentence begins with: "so nineteen to twenty two, and beyond that I can't get past". */
    public function sum(Measures $measures): ?Place
    {
        $first = $measures->places[0] ?? null;

        return null !== $first?->to && $this->isSummingUp($first) ? $first : null;
    }

    /** "so nineteen to thirty three", and not "alright so eight nine ten", as the counter goes by */
    private function isSummingUp(Place $place): bool
    {
        $first = $this->sentence->first;
        $isCounted = null !== $place->to && !$this->sentence->has('to', $place->first, $place->last);

        return !$isCounted && $first < $place->first && $this->sentence->behindCuts($first) === $place->first;
    }

    /** "and that goes on from fourteen feet to twenty two", "so nine to twenty" */
    public function stretch(?Place $place): void
    {
        $isPoint = Extent::Point === (Kind::tryFrom($this->last->kind)?->extent() ?? Extent::Point);
        // "a crack that goes about three feet, so to 23"
        $isTo = null !== $place && $this->sentence->begins('to', $this->sentence->behindCuts($this->sentence->first)) === $place->first - 1;
        if ($isTo && !$isPoint && null === $place->to && null === $this->last->toM && $place->from > ($this->last->fromM ?? \INF)) {
            $this->last->stretch((float) $this->last->fromM, $place->from);
        }
        if (null === $place?->to) {
            return;
        }
        $goesOn = $this->sentence->has('goes_on', ...$this->sentence->part($place->first));
        // "a hole, there's another hole, and it goes like that from eight feet to fifteen": the first is there.
        if ($isPoint && $goesOn && null === $this->last->fromM) {
            $this->last->placeAt($place->from, null, PlaceBy::Said);
        }
        $isSum = $this->isSummingUp($place);
        // "we're under water … and out of it, so that was from 24 to 26", "so 26 to about thirty"
        $isAll = !$this->last->isPlacedForSure() && ($isSum || $this->sentence->isAfter('stretched', $place->first, 2));
        // "31, 34 … I'm out of it at 37, so 28 to 37"
        $isAll = $isAll || $isSum && $this->last->isCoveredBy($place);
        $isMore = ($isSum || $this->sentence->isAfter('made_of', $place->first)) && $this->last->isWithinStretch($place);
        if (!$isPoint && ($goesOn || $isAll || $isMore || $this->last->begins($place))) {
            $this->last->placeAt($place->from, $place->to, PlaceBy::Said);
        }
    }

    /**
     * "that's an offset … so now you've got a lip there, and that's at 31": where it is named again, for it was nowhere for sure.
     *
     * @param bool $isLast whether nothing was named since
     */
    public function isPlacedBy(Mention $mention, bool $isLast): bool
    {
        // "the camera's out of push, so it won't go past 150"
        if (Kind::CannotGoFurther === $mention->kind) {
            return $isLast && $mention->place?->from > $this->last->fromM && $this->sinceS() <= self::COMPLETED_S;
        }
        if ($this->last->isPlacedForSure()) {
            return false;
        }
        // "here we are at the main, so that's 52 feet to the main": there is one.
        $isOne = \in_array($mention->kind, self::ONE, true);
        // "I've got a root in there, so 24 feet is a root"
        $place = $mention->place;
        $isSo = null !== $place && $this->isSummingUp($place) && $this->sentence->is('is', $place->last + 1);
        if (Family::Roots === $mention->kind?->family()) {
            return $isLast && $isSo && $this->sinceS() <= self::COMPLETED_S;
        }
        // "it's full of scale, from the cleanout to the wall it's all scale"
        $isWhole = null === $this->last->fromM && Family::Deposit === $mention->kind?->family()
            && !$this->sentence->isAfter('another', $mention->first) && !$this->sentence->is('more', $mention->first - 1);
        $isTold = $isSo || $place?->first > $mention->last && $this->sentence->isAfter('puts', $place->first, 2);

        $isNowhere = null === $this->last->fromM && !$this->sentence->isAfter('another', $mention->first, 2)
            && !$this->sentence->has('another', $mention->first, $mention->last) && $this->sinceS() <= self::PLACED_S;

        return $isOne || $isNowhere || $mention->isKnown && null === $this->last->fromM
            || $isLast && ($isWhole || $isTold) && $this->sinceS() <= self::PLACED_S;
    }

    /** @return bool whether it goes on so far: "roots at nineteen … so every joint's got roots to about 23" */
    public function goOnTo(Mention $mention): bool
    {
        if ($this->isComing($mention)) {
            return true;
        }
        $end = $mention->place;
        $from = $this->last->isOfKind($mention) ? $this->last->fromM : null;
        if (null === $end || null !== $end->to || null === $from || $end->from <= $from || !Joined::stretches($mention)) {
            return false;
        }
        $isTo = $this->sentence->isAfter('to', $end->first) && !$this->sentence->isAfter('at', $end->first) && $end->first > $mention->last
            && $end->first - $mention->last <= self::TO_WORDS;
        // "a lot of debris … fifteen, still debris"
        if (!$isTo && !Joined::isStill($this->sentence, $mention)) {
            return false;
        }
        $this->last->placeAt($from, $end->from, PlaceBy::Said);
        $this->last->join($mention, $this->sentence->said());

        return true;
    }

    /** "roots coming in on the left, and then it's coming in on the right too": the roots are, and nothing ties in. */
    private function isComing(Mention $mention): bool
    {
        $isIt = $this->sentence->is('likened', $mention->first) || $this->sentence->is('likened', $mention->first - 1);

        return $isIt && null === $mention->place && Kind::TieIn === $mention->kind
            && $this->sentence->isAny('coming', $mention->first, $mention->last)
            && Family::Roots === Kind::tryFrom($this->last->kind)?->family();
    }

    /** Whether it is none after all: "so that's not a belly". */
    public function isRetracted(Mentions $mentions): bool
    {
        return $this->sinceS() <= self::COMPLETED_S && [] !== array_filter($mentions->retracted, $this->last->isOfKind(...));
    }

    /** "roots there … they're real fine, and the water's backed up behind them": what kind they are, whatever else is named. */
    public function tellRoots(Mentions $mentions): void
    {
        $roots = $mentions->rootsTold();
        if (null !== $roots && Family::Roots === Kind::tryFrom($this->last->kind)?->family() && $this->sinceS() <= self::COMPLETED_S) {
            $this->last->join(new Mention($roots, $this->sentence->first, $this->sentence->last), $this->sentence->said());
        }
    }

    /** What a sentence that names nothing says of it. */
    public function complete(Mentions $mentions): void
    {
        $kind = Kind::tryFrom($this->last->kind);
        if (null === $kind || [] !== $mentions->all || null !== $mentions->spokenOf || $this->sinceS() > self::COMPLETED_S
            || $this->sentence->has('deny') || $this->sentence->has('question')
        ) {
            return;
        }
        if ($this->sentence->has('capped')) {
            $this->last->cap();
        }
        $more = $mentions->more($kind, null === $this->last->size);
        if (null !== $more) {
            $more->sureness = $this->last->sureness;
            $this->last->join($more, $this->sentence->said());
        }
    }

    /** How long before the sentence it was named, in seconds. */
    private function sinceS(): float
    {
        $atS = $this->sentence->atS($this->sentence->first) ?? 0.0;

        return $atS - ($this->last->atS ?? $atS);
    }
}
