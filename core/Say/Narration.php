<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Finding\Sureness;
use Jurvex\Core\Measure\UnitSystem;

/** Reads what a technician says while looking: a sentence, or the words of a whole recording. */
final class Narration
{
    /** Named first and nowhere, none of these is what was found. */
    private const AT_BEGIN = [Kind::Transition, Kind::OpeningSeen, Kind::EndOfLine];

    private readonly Entries $entries;
    private readonly Course $course;
    private readonly Whereabouts $where;
    private readonly Locating $locating;
    private readonly Materials $materials;
    private readonly Unended $unended;
    private readonly Stands $stands;
    private ?Entry $last = null;
    /** What was named last, be it there or not. */
    private ?Kind $spokenOf = null;
    /** Of what a first one was named in the run. */
    private ?Kind $counted = null;
    /** What was named before and is named again in the sentence, without its place. */
    private ?Entry $referred = null;
    /** Whether no place was said in the run until the end of the sentence. */
    private bool $isNowhere = true;
    /** What was said of the place of what was named last. */
    private ?Place $place = null;

    private function __construct(Reel $reel, private readonly UnitSystem $units, private readonly bool $isRecording)
    {
        $this->entries = new Entries();
        $this->course = new Course($reel, $this->entries, $isRecording);
        $this->where = $this->course->where;
        $this->materials = new Materials();
        $this->unended = new Unended();
        $this->locating = new Locating();
        $this->stands = new Stands($this->course);
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
            $narration->stands->hear();
            $narration->hear($sentence);
            $narration->stands->place($sentence, $narration->last);
        }
        $narration->stands->end();
        $narration->course->end(!$reading->speech->hasTimes);

        return $narration->entries->told($reading->speech);
    }

    private function hear(Sentence $sentence): void
    {
        $this->referred = null;
        $this->startRun($sentence);
        $this->getPast($sentence, $sentence->first);
        $this->where->forget($sentence->atS($sentence->first) ?? 0.0);
        // "a coupling at twelve, let's keep going, so there's an open joint": wherever that is.
        $this->course->move($sentence, $sentence->first, $sentence->begins('move', $sentence->first) ?? $sentence->first);
        $this->locating->hear($sentence);
        $measures = new Measures($sentence, $this->units, $this->where->carried(), $this->locating->isNow($sentence));
        $this->isNowhere = $this->materials->isBegin() && [] === $measures->places;
        $this->tellPlace($sentence, $measures);
        $mentions = new Mentions($sentence, $measures, $this->where->isPending(), $this->materials);
        $isSummingUp = $this->isRecording && !$this->where->isPending() && (new Shown($sentence))->isNothing($measures);
        $this->entries->recognise($mentions->all, $isSummingUp);
        $placing = new Placing($sentence, $measures, $this->where);
        $placed = $placing->place($mentions->all, OfLast::kind($sentence, $this->last, $this->spokenOf, $this->entries), $this->counted);
        $this->counted = $mentions->first() ?? $this->counted;
        $this->spokenOf = $mentions->spokenOf ?? $this->spokenOf;
        $mentions->all = Joined::ended($sentence, $measures, $placed);
        $this->materials->hearWay($sentence);
        $sum = $placing->alone ?? $this->ofLast($sentence)?->sum($measures);
        $of = $this->unended->lowFrom($sum) ?? $this->last;
        (null === $of ? null : new OfLast($of, $sentence))?->stretch($sum);
        $this->retract($mentions, $sentence);
        $this->ofLast($sentence)?->tellRoots($mentions);
        $this->getPast($sentence, $said = $this->enterAll($sentence, $measures, $mentions, $placing));
        $this->locating->remember($sentence, $measures, $this->referred);
        $this->ofLast($sentence)?->complete($mentions);
        // "a tee on the left, let's keep pushing, and at twelve feet": the place is where that has led to.
        $this->course->move($sentence, $said, [] === $mentions->all ? $sentence->last : $placing->alone->first ?? $sentence->first);
        $this->course->remember($sentence, $measures, $mentions, $placing->alone, $this->last);
        if ([] !== $mentions->all) {
            $this->course->move($sentence, max($said, $placing->alone->last ?? 0), $sentence->last);
        }
        if ($this->unended->isOverNowhere($sentence, $measures, $mentions->all)) {
            $this->course->goOn();
        }
        $this->materials->hearNames($sentence, $measures);
    }

    /** @return int the first word behind all that is named */
    private function enterAll(Sentence $sentence, Measures $measures, Mentions $mentions, Placing $placing): int
    {
        $said = $sentence->first;
        // Of one that began nowhere this sentence may tell the place, and the end with it.
        $before = null === $this->unended->low?->fromM ? null : $this->unended->low;
        foreach ($this->unended->end($sentence, $measures, $mentions->all, $this->where) as $mention) {
            $this->course->move($sentence, $said, $mention->first);
            $this->course->pass($sentence, $measures, $mention);
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

    private function ofLast(Sentence $sentence): ?OfLast
    {
        return null === $this->last ? null : new OfLast($this->last, $sentence);
    }

    private function tellPlace(Sentence $sentence, Measures $measures): void
    {
        $place = $this->ofLast($sentence)?->place($measures);
        if (null === $this->last || null === $place) {
            return;
        }
        $this->last = $this->unended->lowFrom($place) ?? $this->last;
        foreach ($this->entries->countedWith($this->last) as $entry) {
            $entry->placeAt($place->from, null, PlaceBy::Said);
        }
        $listed = (new OfLast($this->last, $sentence))->places($measures, $place);
        // "first joint roots, second joint roots, so that's at 21 and at 24": each has its own.
        $nowhere = [] === $listed ? [$this->last] : $this->entries->nowhereBefore($this->last);
        foreach ([$place, ...$listed] as $place) {
            $next = array_shift($nowhere);
            if (null === $next) {
                $this->entries->add($next = clone $this->last);
            }
            $this->last = $next;
            $this->last->placeAt($place->from, $place->to, PlaceBy::Said);
        }
        $measures->places = array_values(array_filter($measures->places, static fn (Place $each) => $each->first > $place->last));
        $this->where->say($place, $sentence->atS($place->first) ?? 0.0);
    }

    private function startRun(Sentence $sentence): void
    {
        if (RunBegins::isNow($sentence)) {
            $this->entries->startRun();
            $this->course->leave();
            $this->unended->leave();
            $this->materials->startRun();
            $this->last = $this->counted = null;
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
        $low = $this->unended->hear($mention, $sentence);
        if (null !== $low) {
            $this->last = $low;

            return;
        }
        if ($this->isNamedAgain($mention, $sentence) || $this->entries->areSummedUpBy($mention)) {
            return;
        }
        if ($this->where->isPending() && null === $mention->place) {
            $this->course->arrive();
        }
        if ($this->isPlacedNow($mention, $sentence) || true === $this->ofLast($sentence)?->goOnTo($mention)) {
            return;
        }
        if ($mention->isOnlySaid && !$this->where->isNowhere($sentence->atS($mention->first))) {
            return;
        }
        [$from, $to, $by] = $this->locating->placeOf($mention, $sentence, $this->where, $this->referred, $this->last);
        $again = $this->entries->at($mention, $sentence, $from, $to);
        if (null !== $again) {
            $again->joinAt($mention, $sentence->said(), $from, $to, $by);
            $this->last = $again;
            $this->referred = $mention->isKnown ? $again : $this->referred;

            return;
        }
        $this->add($mention, $sentence, $from, $to, $by);
    }

    /** @return bool whether it is what was named before, with no place of its own */
    private function isNamedAgain(Mention $mention, Sentence $sentence): bool
    {
        $isCounted = null === $mention->place && $this->entries->isCounted($mention, $sentence);
        $isAgain = $mention->isAgain || $isCounted || true === $this->last?->isSummedUpBy($mention);
        $known = $isAgain || $mention->isKnown ? $this->entries->known($mention) : null;
        // "it's gone at 34, so about seven feet of belly"
        if ($mention->isSum && true === $this->last?->isOfKind($mention)) {
            $this->last->join($mention, $sentence->said());
            $this->ofLast($sentence)?->stretch($mention->place);

            return true;
        }
        // "and then roots again": where nobody says places it is there, be it the first or not.
        $isKnown = null !== $known || $isAgain && !$this->isNowhere;
        // … and not "35, newer pipe, so you've really just got those two little roots": those are where they were.
        if (!$isKnown || null !== $mention->place || $this->where->isPending() && !($isCounted && $mention->isKnown)) {
            return false;
        }
        $known?->join($mention, $sentence->said());
        $this->last = $this->referred = $known ?? $this->last;

        return true;
    }

    /** "there's a lot of silt in here … about one metre the silt's a third of the pipe": what had no place has it now. */
    private function isPlacedNow(Mention $mention, Sentence $sentence): bool
    {
        $known = null === $mention->place ? null : $this->entries->known($mention);
        if (null === $known || !(new OfLast($known, $sentence))->isPlacedBy($mention, $known === $this->last)) {
            return false;
        }
        [$from, $to, $by] = $this->where->of($mention, $sentence->atS($mention->first));
        if (null === $from || null === $by) {
            return false;
        }
        $known->join($mention, $sentence->said());
        $known->placeAt($from, $to, $by);
        $this->last = $known;
        $this->unended->begin($known, $mention, $sentence, $this->materials->isBegin());

        return true;
    }

    private function add(Mention $mention, Sentence $sentence, ?float $from, ?float $to, ?PlaceBy $by): void
    {
        $before = null === $from ? $this->entries->knownNowhere($mention, $sentence, $this->last) ?? $this->last : $this->last;
        $shown = new Shown($sentence);
        if (null === $from && null !== $before && $before->isNowhereToo($mention)
            && !$shown->isOther($mention, $this->course->hasMoved())) {
            $before->join($mention, $sentence->said());

            return;
        }
        $isMarked = null === $mention->kind && null === $mention->depth && null !== $from && $this->entries->isMarked($from);
        if ($isMarked || $this->materials->isSame($mention, $sentence, $from, $by, $this->entries->isEmpty())) {
            return;
        }
        // What it is in at the beginning is no change of pipe, and an opening that is named first and nowhere is the speaker's own.
        $isFirst = null === $from && $this->isRecording && $this->entries->isEmpty();
        if ($isFirst && ($shown->isPresented($mention)
            || \in_array($mention->kind, self::AT_BEGIN, true) && !$this->materials->isOther($mention, $sentence))) {
            $this->unended->pass();

            return;
        }
        $entry = Entry::of($mention, $this->entries->run(), $sentence->atS($mention->first), $sentence->said());
        $entry->telling = $shown->telling($mention);
        $this->course->stay();
        if (null !== $from && null !== $by) {
            $entry->placeAt($from, $to, $by);
            $entry->isCounted = $mention->place?->isCounted($sentence) ?? ($this->last?->isCounted && $this->last->fromM === $from);
        }
        $this->materials->turnAbout($entry, $mention->isInOrder);
        $this->entries->add($entry);
        // "a root, it's coming in from a crack … another one": another root.
        $isBeside = null !== $before && $before->fromM === $from && $sentence->isAfter('from', $mention->first, 2);
        $this->last = $isBeside ? $before : $entry;
        $this->unended->begin($entry, $mention, $sentence, $this->materials->isBegin());
    }

    /** "see the water standing there … so that's not a belly" */
    private function retract(Mentions $mentions, Sentence $sentence): void
    {
        // "I think that's a crack, let me get the light on it … no, that's just a stain"
        $isNothing = $sentence->has('nothing_after_all') && Sureness::Clear !== ($this->last->sureness ?? Sureness::Clear);
        if ($this->last === $this->entries->last() && ($isNothing || true === $this->ofLast($sentence)?->isRetracted($mentions))) {
            $this->entries->takeBack();
            $this->last = $this->entries->last();
        }
    }
}
