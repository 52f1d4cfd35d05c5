<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Family;
use Jurvex\Core\Finding\Kind;

/** Whether what is named is only talked of: supposed, taught, or something that another thing is compared with. */
final readonly class Talk
{
    /** What leads through an opening or to the main stands so many words before it. */
    private const WAY_WORDS = 4;
    /** "Deposits on top of the joint at thirty": so many words before its place. */
    private const TOLD_WORDS = 7;
    /** What ends talk of lines in general. */
    private const SHOWS = ['intro', 'points', 'here', 'they_are', 'turns_to'];
    /** What is named so many words behind "if you" is talked of. */
    private const TALK_WORDS = 9;
    /** What is named so many words behind "say you have" is nowhere … */
    private const SUPPOSED_WORDS = 25;
    /** … if nobody comes back to the line before. */
    private const BACK = ['right_here', 'reached', 'here', 'move', 'turns_to', 'another', 'i_see'];
    /** Talk of lines in general goes on so many words behind a name. */
    private const GENERAL_WORDS = 4;
    /** What is shown before it is no talk in general. */
    private const SHOWN = [...self::SHOWS, 'right_here', 'i_see'];
    /** "In the yard": so many words behind a name. */
    private const OUTDOORS_WORDS = 6;
    /** "A crack here at twenty": so many words before the place of what is named. */
    private const OWN_WORDS = 3;

    private OwnPlace $ownPlace;

    public function __construct(private Sentence $sentence, private Measures $measures)
    {
        $this->ownPlace = new OwnPlace($sentence, $measures);
    }

    public function isOf(Mention $mention): bool
    {
        return $this->isTalkedOf($mention) || $this->isSupposed($mention) || $this->isCompared($mention)
            || $this->isOutdoors($mention) || $this->isGeneralBehind($mention) || $this->isTaught($mention);
    }

    /** "A hole in the pipe means you can't line it", "a diaper will stop it up": of any of them, for none is shown. */
    private function isTaught(Mention $mention): bool
    {
        $behind = ($this->sentence->begins('in_the_pipe', $mention->last + 1) ?? $mention->last) + 1;
        $isOne = $this->sentence->isAny('known', $mention->first - 1, $mention->first)
            || [] !== $this->sentence->introsOf($mention->first, self::WAY_WORDS) || $this->sentence->is('has', $mention->first - 1);

        return Kind::CannotGoFurther !== $mention->kind && null !== $this->sentence->begins('taught', $behind) && !$isOne
            // "fifteen point seven a solid mass of roots, won't go through"
            && !$this->sentence->named->holds($behind);
    }

    /** "if you had a belly", "once roots get in there", and not "if you look there's a belly", "if we go to the root at 12" */
    private function isTalkedOf(Mention $mention): bool
    {
        foreach ($this->sentence->marks('talk') as $begin => $end) {
            // "that could be a crack", "that would be your kitchen tee"
            $isOpened = !$this->sentence->beginsAny(['likely', 'identifies'], $begin) && $begin < $mention->first
                || $begin === $mention->first && $end > $mention->last;
            $isBehind = $isOpened && $mention->first - $end <= self::TALK_WORDS
                && !$this->measures->hasPlace($end, $mention->first) && !$this->isToldAtPlace($mention)
                && !$this->ownPlace->isToldSince($end, $mention)
                // "… by another outfit, start of the liner is at about four feet"
                && !($this->sentence->is('is', $mention->last + 1)
                    && $this->measures->hasPlace($mention->last, $mention->last + self::TOLD_WORDS));
            // What is shown may have "there's" in its name.
            if ($isBehind && !$this->sentence->has(self::SHOWS, $end + 1, $mention->first) && !$this->isOurEnd($mention)) {
                return true;
            }
        }

        return false;
    }

    /** "I got to 58 and ran into what felt like a rock, and I couldn't get any further" */
    private function isOurEnd(Mention $mention): bool
    {
        $before = $mention->first - 1;
        $isOurs = $this->sentence->is('subjects', $before) && $this->sentence->is('and', $before - 1)
            // "there's a break, and that's why you've had problems, can't get past it"
            || $this->sentence->is('cannot', $mention->first) && !$this->sentence->is('subjects', $before)
                && !$this->sentence->is('somebody', $before);

        return Kind::CannotGoFurther === $mention->kind && [] !== $this->measures->places && $isOurs;
    }

    /** "if we go to the root at twelve" */
    private function isToldAtPlace(Mention $mention): bool
    {
        $isTold = fn (Place $place) => $place->first > $mention->last && $place->first - $mention->last <= self::TOLD_WORDS
            && null === $this->sentence->named->next($mention->last + 1, $place->first)
            && ($this->sentence->isAfter('at', $place->first)
                || $this->sentence->isAfter('from', $place->first) && $place->first - $mention->last <= self::WAY_WORDS)
            // "I've seen a wye at thirty, that's for the neighbor", and not "… at thirty there's a crack"
            && (!$place->isTold($this->sentence)
                // "when you come off the cast iron and go into the clay at seventeen there's a gap"
                || Kind::Transition === $mention->kind
                || null !== $this->sentence->begins('they_are', $place->last + 1));

        return [] !== array_filter($this->measures->places, $isTold);
    }

    /** "if you have a drain that backs up there's a reason, it's either roots or a belly", "say your break's at forty": that is nowhere. */
    private function isSupposed(Mention $mention): bool
    {
        foreach ($this->sentence->marks('supposes') as $begin => $end) {
            $isBefore = $begin < $mention->first && $mention->first - $end <= self::SUPPOSED_WORDS;
            $isBack = $this->measures->hasPlace($end, $mention->first)
                || $this->sentence->has(self::BACK, $end + 1, $mention->first) || $this->isToldWhole($mention)
                || $this->ownPlace->isToldSince($end, $mention);
            if ($isBefore && !$isBack) {
                return true;
            }
        }

        return false;
    }

    /** "when you get in the common line there's a belly from fifteen to 22": nobody supposes where both ends are. */
    private function isToldWhole(Mention $mention): bool
    {
        // … and not "if you've got trees you've got roots, and 27 to thirty is a belly"
        $isIts = fn (Place $place) => null !== $place->to && $place->first > $mention->last
            && $place->first - $mention->last <= self::WAY_WORDS && !$this->sentence->isAny('and', $mention->last, $place->first);

        return [] !== array_filter($this->measures->places, $isIts);
    }

    /** "a crack in the driveway", "roots on the ground": in no pipe. */
    private function isOutdoors(Mention $mention): bool
    {
        $isOfPipe = \in_array($mention->kind?->family(), [null, Family::Connection, Family::Way], true);
        $behind = [$mention->last + 1, $mention->last + self::OUTDOORS_WORDS];
        // "a hole, the tree in the front yard is what …": that is in the yard.
        $isIts = fn (int $end, int $begin) => $begin >= $behind[0] && $end <= $behind[1]
            && null === $this->sentence->named->next($behind[0], $begin)
            && !$this->sentence->isAny('articles', $behind[0], $begin - 1)
            // "a joint that's come apart, and it's dripping on the ground"
            && !$this->sentence->isAny('and', $behind[0], $begin - 1);

        // "a root, marked that on the grass"
        return !$isOfPipe && [] !== array_filter($this->sentence->marks('outdoors'), $isIts, \ARRAY_FILTER_USE_BOTH)
            && !$this->sentence->has('marked', ...$behind);
    }

    /** "the bottom's like a saw blade", and not "it looks like a saw blade" */
    private function isCompared(Mention $mention): bool
    {
        return Family::Object === $mention->kind?->family() && $this->sentence->isAfter('simile', $mention->first)
            && !$this->sentence->isAfter('likely', $mention->first, 2);
    }

    /** "a crack at twenty, and roots always look for water": told of lines in general behind what is there, and shown by nothing. */
    private function isGeneralBehind(Mention $mention): bool
    {
        $before = $this->sentence->named->before($mention->first);
        // "… and a hole usually": one that is seen, and no hole in general.
        $isOne = $this->sentence->is('one', $mention->first - 1) && $this->sentence->is('joins', $mention->first - 2);
        $behind = $mention->last + ($isOne ? 0 : self::GENERAL_WORDS);
        if (null === $before || Kind::CannotGoFurther === $mention->kind || $this->measures->hasPlace($this->toldBy($before), $behind)
            || $this->ownPlace->isToldSince($before, $mention)) {
            return false;
        }

        // "a crack and a hole, that's how roots get in": whoever begins anew tells of something else.
        $isAnew = fn (int $begin) => $begin > $mention->last && ($this->sentence->is('subjects', $begin)
            || $this->sentence->is('known', $begin) || $this->sentence->is('speakers', $begin)
            // "a wye and fine roots, if it was my house I'd …"
            || $this->sentence->is('conditions', $begin)
            // "grease, that's going to need to be jetted"
            || $this->sentence->isAfter('they_are', $begin));
        $isOfIt = static fn (int $end, int $begin) => $begin > $before && $end <= $behind && !$isAnew($begin);

        return [] !== array_filter($this->sentence->marks('general'), $isOfIt, \ARRAY_FILTER_USE_BOTH)
            && !$this->sentence->has(self::SHOWN, $before + 1, $mention->first);
    }

    /** The last word of what ends at a word, its own place with it: "a crack at twenty". */
    private function toldBy(int $name): int
    {
        $isIts = static fn (Place $place) => $place->first > $name && $place->first - $name <= self::OWN_WORDS;

        return (array_values(array_filter($this->measures->places, $isIts))[0] ?? null)->last ?? $name;
    }
}
