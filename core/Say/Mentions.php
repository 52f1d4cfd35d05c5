<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Fact;
use Jurvex\Core\Finding\Family;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Finding\Measure;

/** What is named in a sentence as being there, with what is said of it. */
final class Mentions
{
    /** What has no side of its own. */
    private const WITHOUT_CLOCK = [
        Kind::LowSpot, Kind::StandingWater, Kind::WornInvert, Kind::Transition, Kind::Tap, Kind::OpeningSeen, Kind::CannotGoFurther,
        Kind::EndOfLine, Kind::ShortFall, Kind::SightLimited, Kind::OutOfRound,
    ];
    /** "A tee for the old laundry, that's capped": what becomes of it is told within so many words. */
    private const TOLD_WORDS = 15;
    /** So many words before or behind roots say what kind they are. */
    private const ROOT_WORDS = 5;
    /** "Roots at the joint, and they're heavy". */
    private const ROOT_TOLD_WORDS = 6;
    /** "A big mass of those roots". */
    private const NAMED_BEHIND = 4;
    /** A side so many words from a name is of it. */
    private const SIDE_WORDS = 14;
    /** What holds water is named so many words before how much it is. */
    private const HOLDS_WORDS = 9;
    /** An hour so many words behind a side is of the same. */
    private const BEHIND_A_SIDE = 2;

    /** @var list<Mention> */
    public array $all = [];
    /** @var list<Amount> that nothing here can have: they are of what was named before */
    private array $looseSizes = [];
    /** @var array<string, string> */
    private array $looseFacts = [];
    /** @var list<Mention> what is said not to be there though it was named: "that's not a crack" */
    public array $retracted = [];
    /** What was named last, be it there or not; none where nothing was named. */
    public readonly ?Kind $spokenOf;

    /** @param Materials $pipes what the pipe was said to be made of before the sentence */
    public function __construct(
        private readonly Sentence $sentence, private readonly Measures $measures, bool $isPlacePending, Materials $pipes,
    ) {
        $named = Overlaps::withoutTwins([...$this->named(), ...Ways::in($sentence, $measures, $pipes)]);
        usort($named, static fn (Mention $one, Mention $other) => $one->first <=> $other->first);
        $ends = new PipeEnds($sentence, $measures, $pipes);
        $ends->place($named);
        $this->spokenOf = [] === $named ? null : $named[\count($named) - 1]->kind;
        $truth = new Truth($sentence, $measures, $isPlacePending);
        $denial = new Denial($sentence, $measures);
        $this->retracted = $denial->retracts($named);
        $there = Overlaps::without(array_values(array_filter($denial->without($named, $this->retracted), $truth->isThere(...))), $sentence);
        $this->all = Overlaps::withoutMore([...$there, ...$ends->changes($there)], $sentence, $measures);
        foreach ($measures->depths as $depth) {
            // "you're going to have to dig that up, it's four feet deep there": that is measured.
            $isHere = $sentence->isAfter('they_are', $depth->first, 2) && $sentence->isAny('pointing', $depth->last + 1, $depth->last + 2);
            if (!$isHere && $truth->isTalk()) {
                continue;
            }
            $mark = new Mention(null, $depth->first, $depth->last);
            $mark->depth = $depth;
            $this->all[] = $mark;
        }
        if ([] === $measures->depths && $sentence->has('marked') && !$sentence->has('was') && $truth->isHere()) {
            $at = array_key_first($sentence->marks('marked')) ?? $sentence->first;
            $this->all[] = new Mention(null, $at, $at);
        }
        usort($this->all, static fn (Mention $one, Mention $other) => $one->first <=> $other->first);
        $of = new SaidOf($sentence, $measures, $this->all);
        $this->measureAll($of);
        $this->tellAll($of);
        $this->turnAll($of);
        (new Doubt($sentence, $measures, $this->all))->settle();
        (new Anew($sentence, $this->all))->tell();
        (new Known($sentence, $measures))->tell($this->all);
    }

    /** What is said without a name, as of a kind; none where the kind has nothing of it. */
    public function more(Kind $kind, bool $isUnmeasured): ?Mention
    {
        $more = new Mention($kind, $this->sentence->first, $this->sentence->last);
        $isTold = false;
        foreach ($isUnmeasured ? $this->looseSizes : [] as $size) {
            $isTold = $more->measure($size) || $isTold;
        }
        foreach ($this->looseFacts as $fact => $value) {
            $isTold = $more->tell($fact, $value) || $isTold;
        }

        return $isTold ? $more : null;
    }

    /** @return ?Kind of the roots that were named before: "you see those roots … those are heavy" */
    public function rootsTold(): ?Kind
    {
        $sentence = $this->sentence;
        $areTold = fn (int $end, int $begin) => $sentence->is('of_many', $begin)
            && null === $sentence->named->before($end + 1) && !$this->measures->hasPlace($sentence->first - 1, $end);
        foreach (array_filter($sentence->marks('they_are'), $areTold, \ARRAY_FILTER_USE_BOTH) as $end) {
            // "those are fine" are no trouble.
            $isKind = null !== $sentence->begins('root', $end + 1)
                && (!$sentence->is('nothing_there', $end + 1) || $sentence->is('heightening', $end));
            if ($isKind) {
                return $this->ofRoots($end + 1);
            }
        }

        return null;
    }

    private function ofRoots(int $word): Kind
    {
        return $this->sentence->is('clumps', $word) ? Kind::RootClump : Kind::RootThreads;
    }

    /** "the first lateral": of what a first one is named. */
    public function first(): ?Kind
    {
        $firsts = array_filter($this->all, fn (Mention $each) => $this->sentence->is('first', $each->first - 1));

        return (end($firsts) ?: null)?->kind;
    }

    /** Whether all that is named has its place, and all of it stands before another one. */
    public function areAllBefore(Place $place): bool
    {
        $isLater = static fn (Mention $each) => null === $each->place || max($each->last, $each->place->first) > $place->first;

        return [] !== $this->all && [] === array_filter($this->all, $isLater);
    }

    /** @return list<Mention> */
    private function named(): array
    {
        $named = [];
        foreach ($this->sentence->named->names as $name) {
            $mention = Mention::of($name);
            $after = Kind::Transition === $mention->kind ? (new PipeNamed($this->sentence, $name))->after() : null;
            $mention->facts += null === $after ? [] : ['material_after' => $after];
            $this->qualify($mention);
            $named[] = $mention;
        }
        array_push($named, ...SplitName::in($this->sentence));
        foreach ($this->measures->sizes as $size) {
            // "an inch of water"
            $at = $this->sentence->behindSize($size);
            $isLevel = Unit::Percent === $size->unit && $this->sentence->isAfter('water_level', $size->first, 2)
                // "a section that's holding about an inch"
                || Unit::Small === $size->unit && $this->sentence->isAfter('holds', $size->first, 2)
                // … and not "the low spot at 55 is still holding an inch"
                && null === $this->sentence->named->next($size->first - self::HOLDS_WORDS, $size->first);
            if ($isLevel || Unit::Small === $size->unit && $this->sentence->is('water', $at)) {
                // A level may end what is said: "standing at thirty percent".
                $water = min($at, $this->sentence->last);
                $named[] = new Mention(Kind::LowSpot, $water, $water, false, 'water');
            }
        }

        return $named;
    }

    private function qualify(Mention $mention): void
    {
        $mention->isFarEnough = Kind::CannotGoFurther === $mention->kind
            && $this->sentence->has('as_far', $mention->first, $mention->last);
        if (Kind::TieIn === $mention->kind && $this->isTold('capped', $mention)) {
            $mention->kind = Kind::DeadLeg;
        } elseif (Kind::TieIn === $mention->kind && $this->isTold('protrudes', $mention)) {
            $mention->kind = Kind::StubbedHose;
        }
        if (!$mention->isGeneral) {
            return;
        }
        [$from, $to] = $this->sentence->part($mention->first);
        $nearest = self::ROOT_WORDS + 1;
        foreach ($this->sentence->marks('root') as $begin => $end) {
            $apart = $begin > $mention->last ? $begin - $mention->last : $mention->first - $end;
            // "roots at six, a big mass of roots at six point eight": the mass is the next.
            $isParted = $this->measures->hasPlace(min($end, $mention->last), max($begin, $mention->first))
                && ($begin < $mention->first || null !== $this->sentence->named->next($begin, $begin + self::NAMED_BEHIND)
                    // "twenty one roots, twenty four roots heavy"
                    || null !== $this->sentence->named->next($mention->last + 1, $begin - 1));
            // "there's roots and they're heavy"
            $isTold = $begin > $mention->last && $this->sentence->isAfter('they_are', $begin)
                && null === $this->sentence->named->next($mention->last + 1, $begin)
                // "roots, heavy", "roots, a mass of them"
                || $this->sentence->isComma($mention->last + 1)
                && $begin === $mention->last + ($this->sentence->is('articles', $mention->last + 2) ? 3 : 2);
            $isNear = $begin >= $from && $end <= $to && $apart < $nearest || $isTold && $apart <= self::ROOT_TOLD_WORDS;
            // "roots, not too thick"
            if ($isNear && !$isParted && !$this->sentence->isAny('not', $begin - 2, $begin - 1)) {
                $nearest = $apart;
                $mention->kind = $this->ofRoots($begin);
                $mention->isGeneral = false;
            }
        }
    }

    /** "a tee for the old laundry, that's capped": before anything else is named. */
    private function isTold(string $role, Mention $mention): bool
    {
        // "… and at five there's another one that's been capped"
        $begins = [...array_column($this->sentence->named->names, 'first'), ...array_keys($this->sentence->marks('another'))];
        $next = array_filter($begins, static fn (int $word) => $word > $mention->last);

        return $this->sentence->has($role, $mention->last, min([$mention->last + self::TOLD_WORDS + 1, ...$next]) - 1);
    }

    private function measureAll(SaidOf $of): void
    {
        foreach ($this->sentence->atoms as $atom) {
            if (Atom::WHOLE === $atom->role) {
                $this->measures->sizes[] = new Amount((float) $atom->meaning, Unit::Percent, $atom->first, $atom->last);
            }
        }
        foreach ($this->measures->sizes as $size) {
            $taken = false;
            foreach ($of->said($size->first, $size->last, $size->last) as $mention) {
                // "fine roots, nine point five there's a dip with ten percent water": what no dip has the roots have not, either.
                $isOther = $this->sentence->is('water', $size->last + 1) && Family::Water !== $mention->kind?->family()
                    && $mention->last < $size->first;
                $isOther = $isOther || OfSize::isBeyond($this->sentence, $this->measures, $mention, $size, $this->all);
                if (!$isOther && Measure::Bore !== $mention->kind?->measure() && $mention->measure($size)) {
                    $taken = true;
                    break;
                }
            }
            if (!$taken && [] === $this->all) {
                $this->looseSizes[] = $size;
            }
        }
    }

    private function tellAll(SaidOf $of): void
    {
        foreach ($this->sentence->atoms as $atom) {
            if (Atom::FACT !== $atom->role) {
                continue;
            }
            [$fact, $value] = explode('=', $atom->meaning);
            $taken = false;
            foreach ($of->likeliest($atom->first, $atom->last) as $mention) {
                if ($mention->tell($fact, $value)) {
                    $taken = true;
                    break;
                }
            }
            if (!$taken && [] === $this->all && null !== Fact::tryFrom($fact)) {
                $this->looseFacts[$fact] = $value;
            }
        }
    }

    private function turnAll(SaidOf $of): void
    {
        $hours = $said = $this->measures->hours;
        foreach ($this->sentence->atoms as $atom) {
            // "from the top at one o'clock": the hour says it better.
            $isBehind = static fn (Place $hour) => $hour->first > $atom->last && $hour->first - $atom->last <= self::BEHIND_A_SIDE;
            if (Atom::CLOCK === $atom->role && [] === array_filter($said, $isBehind)) {
                $hours[] = new Place((float) $atom->meaning, null, $atom->first, $atom->last);
            }
        }
        foreach ($hours as $hour) {
            // The side in a name is its own.
            $own = array_filter($this->all, static fn (Mention $each) => $each->first <= $hour->first && $each->last >= $hour->first);
            $near = $own ?: $of->said($hour->first, $hour->last, $hour->first);
            $has = array_filter($near, fn (Mention $each) => null !== $each->kind && null === $each->clock
                && !\in_array($each->kind, self::WITHOUT_CLOCK, true)
                // "it's pushed to the right, and at twenty four it's cracked": the side is of what is not named.
                // "there's more at the bottom, and at eighteen there's a tee"
                && !(($this->sentence->part($hour->first)[1] < $each->first || $this->sentence->is('and', $hour->last + 1))
                    && $this->measures->hasPlace($hour->last, $each->first))
                // "… and there's my main dropping in from the top": of nothing long before.
                && max($each->first - $hour->last, $hour->first - $each->last) <= self::SIDE_WORDS);
            $mention = reset($has);
            if (false !== $mention) {
                $mention->clock = $hour;
            }
        }
    }
}
