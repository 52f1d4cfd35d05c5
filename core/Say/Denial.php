<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Kind;

/** Whether what is named is said not to be there: "no roots", "not seeing any cracks". */
final readonly class Denial
{
    /** Of what tells the way only what is denied right before it is not there: "no defects to the main". */
    private const DENIED_WORDS = 2;
    /** "A crack at twenty": so many words behind a name its place begins. */
    private const PLACE_WORDS = 3;
    /** "Not that I can't": what is denied in its name is denied so many words before. */
    private const NEXT_WORDS = 1;

    public function __construct(private Sentence $sentence, private Measures $measures)
    {
    }

    public function is(Mention $mention): bool
    {
        $sentence = $this->sentence;
        $denied = null;
        foreach ($sentence->marks('deny') as $begin => $end) {
            // "from zero to 22 feet", and not "it looks like no roots"
            $isPlace = null !== $sentence->begins('to', $end + 1)
                || $sentence->isAfter('at', $begin) && !$sentence->isAfter('likely', $begin);
            // "It doesn't have much fall": that is what is there; "a no hub coupling" denies nothing.
            // "looks like a golf ball, no, it's a toy"
            $isAnew = $sentence->beginsAny(['taken_back', 'sorry'], $begin) || $this->isWhole($begin)
                || $sentence->named->holds($begin) && !$sentence->is('or', $mention->first - 1)
                    && !$sentence->is('any', $mention->first - 1)
                // "it's really not, and there's …", "it's not, it's a root"
                || $sentence->is('and', $end + 1)
                || $sentence->is('likened', $end + 1) && null !== $sentence->begins('they_are', $end + 1)
                // "zero at the main, fine roots", and not "zero roots"
                || null !== $sentence->atomAt($begin)?->amount && $mention->first - $end > self::DENIED_WORDS;
            // "that's not good, can't get past it"
            $isAnew = $isAnew || $sentence->is('cannot', $mention->first) && $mention->first - $end > self::NEXT_WORDS;
            if ($end < $mention->first && !$isPlace && !$this->isSome($begin, $end) && !$isAnew) {
                $denied = $end;
            }
        }
        $between = [($denied ?? 0) + 1, $mention->first - 1];
        if (null === $denied || $sentence->has(['contrast', 'intro', 'points', 'looks_well', 'and_now'], ...$between)
            || $this->beginsAnew($mention->first) || (new OwnPlace($sentence, $this->measures))->isToldSince($denied, $mention)
            || $this->isBeyond($denied, $mention) || $this->isLikened(...$between)
            // "that's not glued, it's come apart"
            || $this->isSaidAnew($denied, $mention) || $sentence->is('subjects', $mention->first)
            // "no more pipe, just a cave, can't go past that"
            || (Kind::CannotGoFurther === $mention->kind || true === $mention->kind?->isPlain())
                && $mention->first - $denied > self::DENIED_WORDS) {
            return false;
        }

        return !$this->standsForItself($denied, $mention) && !$this->measures->hasPlace($denied, $mention->first);
    }

    /** "no roots, there's a crack", "no roots, and the bottom's gone": where that is in the name. */
    private function beginsAnew(int $first): bool
    {
        $sentence = $this->sentence;

        return null !== $sentence->begins('intro', $first)
            || $sentence->is('and', $first - 1) && ($sentence->is('known', $first) || $sentence->is('speakers', $first));
    }

    /** Whether what is named behind a denial is none of what is denied. */
    private function standsForItself(int $denied, Mention $mention): bool
    {
        $sentence = $this->sentence;
        for ($i = $denied + 1; $i < $mention->first; ++$i) {
            // "no roots, an offset at 30 feet": what comes behind the comma with an article or a place stands for itself.
            $isOwn = $sentence->isComma($i) && ($sentence->is('articles', $i + 1) || $this->measures->hasPlace($i, $mention->first));
            // "no standing water, a crack runs from 13 to 20", and not "no roots or a crack"
            $isOwn = $isOwn || $sentence->is('one', $i) && $sentence->named->endsBefore($i) && $i === $mention->first - 1;
            // "no fall on that pipe, and it holds water", "it's not going to hurt anything, and the joint's open"
            $isSaid = $sentence->is('subjects', $i + 1) || $sentence->is('definite', $i + 1)
                && ($i + 2 === $mention->first || $sentence->is('of_the_line', $i + 2) && $i + 3 === $mention->first);
            if ($isOwn || $isSaid && $sentence->is('and', $i)) {
                return true;
            }
        }

        return false;
    }

    /**
     * "that is not a collapse": of what was named as one before.
     *
     * @param list<Mention> $named
     *
     * @return list<Mention>
     */
    public function retracts(array $named): array
    {
        return array_values(array_filter($named, fn (Mention $each) => $this->sentence->isAfter('retracts', $each->first)));
    }

    /**
     * "here's their collapsed line at 27, now that is not a collapse, that's a root mass".
     *
     * @param list<Mention> $named
     * @param list<Mention> $retracted of these
     *
     * @return list<Mention> those that nothing behind them takes back
     */
    public function without(array $named, array $retracted): array
    {
        $isOwn = static fn (Mention $each, Place $place) => $place->first > $each->last && $place->first - $each->last <= self::PLACE_WORDS;
        $isTakenBack = function (Mention $each) use ($isOwn, $retracted): bool {
            $own = array_filter($this->measures->places, static fn (Place $place) => $isOwn($each, $place));
            $end = max([$each->last, ...array_map(static fn (Place $place) => $place->last, $own)]);
            $by = array_filter($retracted, fn (Mention $other) => $other->kind === $each->kind && $other->first > $each->last
                && !$this->measures->hasPlace($end, $other->first));

            return [] !== $by;
        };

        return array_values(array_filter($named, static fn (Mention $each) => !$isTakenBack($each)));
    }

    /** "there's no bellies, the bad news is the separation": what was denied has its name, and nothing joins the two. */
    private function isBeyond(int $denied, Mention $mention): bool
    {
        $name = $this->sentence->named->before($mention->first);
        $between = [(int) $name + 1, $mention->first - 1];
        // "you don't have any new breaks, the crack at 24 looks as it did"
        $isApart = ($between[1] - $between[0] >= self::DENIED_WORDS - 1 || $this->sentence->is('definite', $between[1]))
            && !$this->sentence->isAny('and', ...$between);
        // "not seeing any offsets, a ball of roots at 44"
        $isIts = fn (Place $place) => $place->first > $mention->last && $place->first - $mention->last <= self::PLACE_WORDS
            && $this->sentence->isAfter('at', $place->first);
        $isTold = [] !== array_filter($this->measures->places, $isIts);

        return null !== $name && $name > $denied && ($isApart || $isTold || $this->sentence->isAny('has', ...$between))
            && !$this->sentence->isAny('or', ...$between) && !$this->sentence->isAny('joins', ...$between);
    }

    /** "you can't even see around it, it looks like grease" */
    private function isLikened(int $from, int $to): bool
    {
        foreach ($this->sentence->marks('likely') as $begin => $end) {
            $isIt = $this->sentence->isAny('likened', $begin - 1, $begin);
            if ($begin > $from && $end <= $to && $isIt) {
                return true;
            }
        }

        return false;
    }

    /** "section one no issues, section two has roots", and not "no issues or cracks" */
    private function isWhole(int $begin): bool
    {
        $end = $this->sentence->begins('no_issues', $begin);

        return null !== $end && !$this->sentence->is('or', $end + 1) && !$this->sentence->is('joins', $end + 1)
            && null === $this->sentence->begins('way', $end + 1);
    }

    /** "it's not a crack at all, it's an offset" */
    private function isSaidAnew(int $denied, Mention $mention): bool
    {
        foreach ($this->sentence->atoms as $atom) {
            $isDenied = Atom::KIND === $atom->role && $atom->first > $denied && $atom->last < $mention->first;
            if ($isDenied && $this->sentence->has('made_of', $atom->last + 1, $mention->first - 1)) {
                return true;
            }
        }

        return false;
    }

    /** "not much root" is small, not none. */
    private function isSome(int $from, int $to): bool
    {
        return [] !== array_filter(
            $this->sentence->marks('some'), static fn (int $end, int $begin) => $begin <= $to && $end >= $from, \ARRAY_FILTER_USE_BOTH,
        );
    }
}
