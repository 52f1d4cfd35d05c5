<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Family;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Measure\UnitSystem;

/** Reads what a technician says while looking: a sentence, or the words of a whole recording. */
final class Narration
{
    /** What is said without a name is of what was named last, for so long, in seconds. */
    private const COMPLETED_S = 20.0;

    /** "Roots to about 23": so many words before its end. */
    private const TO_WORDS = 3;

    /** "I've got it located": so long behind what was named, in seconds. */
    private const MARKED_S = 60.0;
    /** Where it is located its depth is read within so long, in seconds. */
    private const LOCATING_S = 30.0;
    /** What was named last has its place told within so long, in seconds. */
    private const PLACED_S = 40.0;

    /** Named first and nowhere, none of these is what was found. */
    private const AT_BEGIN = [Kind::Transition, Kind::OpeningSeen];

    private readonly Entries $entries;
    private readonly Whereabouts $where;
    private readonly Reach $reach;
    private readonly Materials $materials;
    private readonly Unended $unended;
    private ?Entry $last = null;
    /** When it was said last that something is being located. */
    private ?float $locatingS = null;
    /** What is being located, while no place is said. */
    private ?Entry $located = null;
    /** What was named before and is named again in the sentence, without its place. */
    private ?Entry $referred = null;
    /** What was said of the place of what was named last. */
    private ?Place $place = null;

    private function __construct(Reel $reel, private readonly UnitSystem $units, private readonly bool $isRecording)
    {
        $this->where = new Whereabouts($reel);
        $this->entries = new Entries();
        $this->materials = new Materials();
        $this->unended = new Unended();
        $this->reach = new Reach($isRecording);
    }

    /**
     * @param Reel $reel what the reel read meanwhile
     * @param UnitSystem $units in which a place without a unit is
     *
     * @return list<Entry> in the order in which they were first named
     */
    public static function read(Reading $reading, UnitSystem $units, Reel $reel): array
    {
        $narration = new self($reel, $units, $reading->speech->isRecording);
        foreach ($reading->sentences() as $sentence) {
            $narration->hear($sentence);
        }
        $narration->endReached(!$reading->speech->hasTimes);

        return $narration->entries->told($reading->speech);
    }

    private function hear(Sentence $sentence): void
    {
        $atS = $sentence->atS($sentence->first) ?? 0.0;
        $this->referred = null;
        $this->startRun($sentence);
        $this->getPast($sentence, $sentence->first);
        $this->where->forget($atS);
        $this->locatingS = $sentence->has('locating') ? $atS : $this->locatingS;
        $measures = new Measures($sentence, $this->units, $this->where->carried(), $this->isLocating($sentence));
        $this->tellPlace($sentence, $measures);
        $mentions = new Mentions($sentence, $measures, $this->where->isPending(), $this->materials->named());
        $this->entries->recognise($mentions->all, $this->isSummingUp($sentence, $measures));
        $placing = new Placing($sentence, $measures, $this->where);
        $mentions->all = Joined::ended(
            $sentence, $measures, $placing->place($mentions->all, Kind::tryFrom($this->last->kind ?? '')),
        );
        $this->materials->hearWay($sentence);
        $this->stretch($sentence, $placing->alone);
        $this->retract($mentions, $sentence, $atS);
        $this->tellRoots($mentions, $sentence, $atS);
        $said = $this->enterAll($sentence, $measures, $mentions, $placing);
        $this->getPast($sentence, $said);
        $this->located = [] === $measures->places ? $this->located : null;
        $this->located = $sentence->has('locating') ? $this->referred : $this->located;
        $this->complete($mentions, $sentence, $atS);
        $alone = $placing->alone;
        // "a tee on the left, let's keep pushing, and at twelve feet": the place is where that has led to.
        $this->move($sentence, $said, null === $alone ? $sentence->first : $alone->first);
        if ([] === $mentions->all) {
            $this->move($sentence, $said, $sentence->last);
        }
        $this->remember($sentence, $measures, $mentions, $placing, $atS);
        if ([] !== $mentions->all) {
            $this->move($sentence, max($said, $alone->last ?? 0), $sentence->last);
        }
        $this->materials->hearNames($sentence);
    }

    /** @return int the first word behind all that is named */
    private function enterAll(Sentence $sentence, Measures $measures, Mentions $mentions, Placing $placing): int
    {
        $said = $sentence->first;
        // Of one that began nowhere this sentence may tell the place, and the end with it.
        $before = null === $this->unended->low?->fromM ? null : $this->unended->low;
        foreach ($this->unended->end($sentence, $measures, $mentions->all, $this->where) as $mention) {
            $this->move($sentence, $said, $mention->first);
            $this->unended->endBefore($sentence, $measures, $mention);
            $this->unended->endWhereBetter($sentence, $placing->free($mentions->all, $said, $mention->first), null);
            $this->enter($mention, $sentence);
            $said = $mention->last + 1;
        }
        if ([] !== $mentions->all && (null === $before || $before !== $this->unended->low)) {
            $this->unended->endInOneBreath($sentence, $measures, $mentions->all, $this->where);
        }
        $free = $placing->free($mentions->all, $said, $sentence->last);
        $this->last = $this->unended->endWhereBetter($sentence, $free, $this->where->pending()) ?? $this->last;

        return $said;
    }

    /** Nothing is told where it is, and nothing is shown here. */
    private function isSummingUp(Sentence $sentence, Measures $measures): bool
    {
        return $this->isRecording && [] === $measures->places && !$this->where->isPending() && !$sentence->has('right_here');
    }

    private function tellPlace(Sentence $sentence, Measures $measures): void
    {
        $place = null === $this->last ? null : (new OfLast($this->last, $sentence))->place($measures);
        if (null === $this->last || null === $place) {
            return;
        }
        $this->last->placeAt($place->from, $place->to, PlaceBy::Said);
        array_shift($measures->places);
        $this->where->say($place, $sentence->atS($place->first) ?? 0.0);
    }

    private function stretch(Sentence $sentence, ?Place $place): void
    {
        if (null !== $this->last && null !== $place) {
            (new OfLast($this->last, $sentence))->stretch($place);
        }
    }

    private function startRun(Sentence $sentence): void
    {
        if (RunBegins::isNow($sentence)) {
            $this->entries->startRun();
            $this->leave();
            $this->unended->leave();
            $this->materials->startRun();
            $this->last = null;
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

    /** @param bool $isAll whether all was said */
    private function endReached(bool $isAll): void
    {
        $reached = $this->reach->end($isAll && $this->entries->isEmpty());
        if (null !== $reached) {
            $this->entries->add($reached);
        }
    }

    /** "this is where I couldn't get past, and look at that, we're right through it" */
    private function getPast(Sentence $sentence, int $from): void
    {
        if ($sentence->has('got_past', $from) && $this->entries->getPast() && Kind::CannotGoFurther->value === $this->last?->kind) {
            $this->last = $this->entries->last();
        }
    }

    private function enter(Mention $mention, Sentence $sentence): void
    {
        // "the locator says 4 foot 6, so it's four and a half feet deep": one reading, said twice.
        $isSamePlace = \in_array($mention->place, [null, $this->place], true);
        $isRead = $isSamePlace && true === $this->last?->isReadAgain($mention, $sentence->atS($mention->first));
        if ($isRead || true === $this->last?->deepen($mention)) {
            return;
        }
        $this->place = $mention->place;
        if ($this->isOfLow($mention, $sentence)) {
            return;
        }
        $isAgain = $mention->isAgain || true === $this->last?->isSummedUpBy($mention);
        $known = $isAgain || $mention->isKnown ? $this->entries->known($mention) : null;
        if ($mention->isSum && true === $this->last?->isOfKind($mention)) {
            $this->last->join($mention, $sentence->said());

            return;
        }
        if (($isAgain || null !== $known) && null === $mention->place && !$this->where->isPending()) {
            $known?->join($mention, $sentence->said());
            $this->last = $this->referred = $known ?? $this->last;

            return;
        }
        if ($this->where->isPending() && null === $mention->place) {
            $this->reach->forget();
        }
        if ($this->isPlacedNow($mention, $sentence) || $this->goesOnTo($mention, $sentence)) {
            return;
        }
        [$from, $to, $by] = $this->placeOf($mention, $sentence);
        $again = $this->entries->at($mention, $sentence, $from, $to);
        if (null !== $again) {
            $again->join($mention, $sentence->said());
            $isWhole = null === $again->toM || $again->endsAt($to) || abs($from - ($again->fromM ?? $from)) <= Entry::SAME_PLACE_M;
            if ($isWhole && null !== $to && null !== $from && null !== $by) {
                $again->placeAt($from, $to, $by);
            }
            $this->last = $again;
            $this->referred = $mention->isKnown ? $again : $this->referred;

            return;
        }
        $this->add($mention, $sentence, $from, $to, $by);
    }

    /** "there's a lot of silt in here … about one metre the silt's a third of the pipe": what had no place has it now. */
    private function isPlacedNow(Mention $mention, Sentence $sentence): bool
    {
        $known = null === $mention->place || Family::Roots === $mention->kind?->family() ? null : $this->entries->known($mention);
        // "here we are at the main, so that's 52 feet to the main": there is one.
        $isOne = \in_array($mention->kind, [Kind::Tap, Kind::EndOfLine], true) && false === $known?->isPlacedForSure();
        $isNow = null !== $known
            && ($isOne || $mention->isKnown && null === $known->fromM || $this->isPlacedBehind($known, $mention, $sentence));
        if (!$isNow) {
            return false;
        }
        [$from, $to, $by] = $this->where->of($mention, $sentence->atS($mention->first));
        if (null === $from || null === $by) {
            return false;
        }
        $known->placeAt($from, $to, $by);
        $known->join($mention, $sentence->said());
        $this->last = $known;
        $this->unended->begin($known, $mention, $sentence);

        return true;
    }

    /** "that's an offset … so now you've got a lip there, and that's at 31": of what was named last, and nowhere for sure. */
    private function isPlacedBehind(Entry $known, Mention $mention, Sentence $sentence): bool
    {
        // "it's full of scale, from the cleanout to the wall it's all scale"
        $isWhole = null === $known->fromM && Family::Deposit === $mention->kind?->family()
            && !$sentence->isAfter('another', $mention->first) && !$sentence->is('more', $mention->first - 1);

        return $known === $this->last && !$known->isPlacedForSure() && ($isWhole || $mention->place?->first > $mention->last
            && $sentence->isAfter('puts', $mention->place->first, 2))
            && ($sentence->atS($mention->first) ?? 0.0) - ($known->atS ?? 0.0) <= self::PLACED_S;
    }

    /** "roots at nineteen … so every joint's got roots to about 23": they go on so far. */
    private function goesOnTo(Mention $mention, Sentence $sentence): bool
    {
        $end = $mention->place;
        $from = true === $this->last?->isOfKind($mention) ? $this->last->fromM : null;
        if (null === $end || null !== $end->to || null === $from || $end->from <= $from || !Joined::stretches($mention)) {
            return false;
        }
        $isTo = $sentence->isAfter('to', $end->first) && $end->first > $mention->last && $end->first - $mention->last <= self::TO_WORDS;
        // "a lot of debris … fifteen, still debris"
        if (!$isTo && !Joined::isStill($sentence, $mention)) {
            return false;
        }
        $this->last?->placeAt($from, $end->from, PlaceBy::Said);
        $this->last?->join($mention, $sentence->said());

        return true;
    }

    private function isLocating(Sentence $sentence): bool
    {
        return null !== $this->locatingS && ($sentence->atS($sentence->first) ?? 0.0) - $this->locatingS <= self::LOCATING_S;
    }

    private function isOld(?Entry $entry, Sentence $sentence): bool
    {
        return ($sentence->atS($sentence->first) ?? 0.0) - ($entry->atS ?? 0.0) > self::MARKED_S;
    }

    /** @return array{?float, ?float, ?PlaceBy} from, to and by what; a depth with no place is where what it is told of was named */
    private function placeOf(Mention $mention, Sentence $sentence): array
    {
        $atS = $sentence->atS($mention->first);
        $isNowhere = null === $mention->place && !$this->where->isPending() && !$this->where->isCarried() && null === $this->where->read($atS);
        // "… but my camera doesn't want to go over that lump": it stands where it stood.
        $stood = Kind::CannotGoFurther === $mention->kind && $isNowhere && !$this->isOld($this->last, $sentence)
            && $sentence->isAny('before_pronouns', $mention->first, $mention->last + 1) ? $this->where->stood() : null;
        if (null !== $stood) {
            return [$stood, null, PlaceBy::Carried];
        }
        // "I've got it located, it's nine foot four deep"
        $isIts = $isNowhere && ($sentence->has('marked_it') || $this->isLocating($sentence)) && !$this->isOld($this->last, $sentence);
        $known = $this->referred ?? $this->located ?? ($isIts ? $this->last : null);
        $isOfKnown = null === $mention->kind && null === $mention->place && null !== $known?->fromM;

        return $isOfKnown
            ? [$known->fromM, null, PlaceBy::Carried] : $this->where->of($mention, $atS);
    }

    /** @return bool whether it is of the low spot that has begun, which it completes */
    private function isOfLow(Mention $mention, Sentence $sentence): bool
    {
        $low = $this->unended->low;
        if (null === $low || !$this->unended->isOfLow($mention, $sentence)) {
            return false;
        }
        $low->join($mention, $sentence->said());
        $this->unended->goOn($mention);
        $isPlaced = null !== $low->fromM && PlaceBy::Carried !== $low->placeBy;
        if (null !== $mention->place && (!$isPlaced || null !== $mention->place->to)) {
            $low->placeAt($isPlaced ? (float) $low->fromM : $mention->place->from, $mention->place->to, PlaceBy::Said);
        }
        $this->last = $low;

        return true;
    }

    private function add(Mention $mention, Sentence $sentence, ?float $from, ?float $to, ?PlaceBy $by): void
    {
        $before = $this->last;
        if (null === $from && null !== $before && null === $before->fromM && $before->kind === $mention->kind?->value
            // "a line coming in on the left … and one on the right"
            && (null === $mention->clock || null === $before->clockFrom || $before->clockFrom === $mention->clock->from)) {
            $before->join($mention, $sentence->said());

            return;
        }
        // What it is in at the beginning is no change of pipe, and an opening that is named first and nowhere is the speaker's own.
        $isBegin = \in_array($mention->kind, self::AT_BEGIN, true) && $this->entries->isEmpty();
        $isMarked = null === $mention->kind && null === $mention->depth && null !== $from && $this->entries->isMarked($from);
        if ($isMarked || $this->materials->isSame($mention, $sentence, $from, $by, $this->entries->isEmpty())) {
            return;
        }
        if (null === $from && $this->isRecording && ($isBegin || !(new Shown($sentence))->isPointedAt($mention))) {
            $this->unended->pass();

            return;
        }
        $entry = Entry::of($mention, $this->entries->run(), $sentence->atS($mention->first), $sentence->said());
        $entry->isHere = (new Shown($sentence))->isHere($mention);
        if (null !== $from && null !== $by) {
            $entry->placeAt($from, $to, $by);
        }
        $this->materials->turnAbout($entry, $mention->isInOrder);
        $this->entries->add($entry);
        // "a root, it's coming in from a crack … another one": another root.
        $isBeside = null !== $before && $before->fromM === $from && $sentence->isAfter('from', $mention->first, 2);
        $this->last = $isBeside ? $before : $entry;
        $this->unended->begin($entry, $mention, $sentence);
    }

    /** "see the water standing there … so that's not a belly" */
    private function retract(Mentions $mentions, Sentence $sentence, float $atS): void
    {
        $isLast = fn (Mention $each) => true === $this->last?->isOfKind($each);
        if (null !== $this->last && $atS - ($this->last->atS ?? $atS) <= self::COMPLETED_S && $this->last === $this->entries->last()
            && [] !== array_filter($mentions->retracted, $isLast)) {
            $this->entries->takeBack();
            $this->last = $this->entries->last();
        }
    }

    /** "roots there … they're real fine, and the water's backed up behind them": what kind they are is told whatever else is named. */
    private function tellRoots(Mentions $mentions, Sentence $sentence, float $atS): void
    {
        $roots = $mentions->rootsTold();
        if (null !== $roots && null !== $this->last && Family::Roots === Kind::tryFrom($this->last->kind)?->family()
            && $atS - ($this->last->atS ?? $atS) <= self::COMPLETED_S) {
            $this->last->join(new Mention($roots, $sentence->first, $sentence->last), $sentence->said());
        }
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
        if ($sentence->has('capped')) {
            $this->last->cap();
        }
        $more = $mentions->more($kind, null === $this->last->size);
        if (null !== $more) {
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
        $placeS = $sentence->atS($last->first) ?? $atS;
        $this->where->say($last, $placeS);
        $alone = $placing->alone;
        if (null === $alone || $this->last?->toM === ($alone->to ?? $alone->from)) {
            return;
        }
        $isNamed = $mentions->hasNamed || [] !== $mentions->all || $sentence->has('ends') && null !== $this->last?->toM;
        // "the tap was at sixty one, fifty four I'll stop here"
        if (!$isNamed || $mentions->areAllBefore($alone)) {
            $this->where->await($alone, $placeS);
        }
        if ($isNamed && !$sentence->has('got_to')) {
            return;
        }
        $this->endReached(false);
        $this->reach->say($sentence, $alone, $this->entries->run());
    }
}
