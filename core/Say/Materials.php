<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Kind;

/** What the pipe was said to be made of so far, and which way the camera goes through it. */
final class Materials
{
    /** Where a pipe ends holds so long, in seconds. */
    private const ENDED_S = 20.0;
    /** "It changes over to clay": so many words beside a name. */
    private const CHANGE_WORDS = 2;
    /** "Cast iron for the first": so many words before how far. */
    private const FIRST_WORDS = 4;
    /** Of the first pipe that is named what is told so near to the opening is how it begins, in metres. */
    private const BEGINS_WITHIN_M = 4.0;

    /** At the last transition. */
    private ?string $behind = null;
    /** The one that was named last, be it at a transition or not. */
    private ?string $named = null;
    private bool $isDrawingBack = false;
    /** Where the pipe that was named last was said to end, and when. */
    private ?PipeEnd $end = null;
    private float $endS = 0.0;
    /** Whether no place was said in the run yet. */
    private bool $isBegin = true;
    private ?Sentence $sentenceBefore = null;
    /** @var list<string> */
    private array $all = [];

    public function named(): ?string
    {
        return $this->named;
    }

    /** Another run begins. */
    public function startRun(): void
    {
        $this->behind = $this->end = null;
        $this->isDrawingBack = false;
        $this->isBegin = true;
        $this->all = [];
    }

    /** Where the pipe that was named before a sentence was said to end. */
    public function end(Sentence $sentence): ?PipeEnd
    {
        return ($sentence->atS($sentence->first) ?? 0.0) - $this->endS <= self::ENDED_S ? $this->end : null;
    }

    /** @return list<string> each that was named in the run */
    public function all(): array
    {
        return $this->all;
    }

    /** Whether no place was said before it in the run. */
    public function isBegin(): bool
    {
        return $this->isBegin;
    }

    public function hearWay(Sentence $sentence): void
    {
        $this->isDrawingBack = $this->isDrawingBack || $sentence->has('back');
    }

    public function hearNames(Sentence $sentence, Measures $measures): void
    {
        $end = (new PipeEnds($sentence, $measures, $this))->last();
        if (null !== $end) {
            [$this->end, $this->endS] = [$end, $sentence->atS($sentence->first) ?? 0.0];
        } elseif ([] !== $measures->places) {
            $this->end = null;
        }
        $this->isBegin = $this->isBegin && [] === $measures->places;
        $this->sentenceBefore = $sentence;
        $this->named = $sentence->named->material($sentence->last + 1) ?? $this->named;
        $this->all = [...$this->all, ...array_column(PipeEnds::pipes($sentence), 'meaning')];
    }

    /**
     * "Eight feet, ten feet, it's cast iron": as the counter goes by, it was so before. "Five feet pvc, ten feet pvc": so it is still.
     *
     * @param ?float $fromM where it is told; a change is somewhere
     * @param bool $isFirst whether nothing was found before it: "so we're in the clay now, and there's roots at ten"
     */
    public function isSame(Mention $mention, Sentence $sentence, ?float $fromM, ?PlaceBy $by, bool $isFirst): bool
    {
        $before = $sentence->named->material($mention->first) ?? $this->named;
        $place = ($isFirst || null === $before) && Kind::Transition === $mention->kind ? $mention->place : null;
        $next = null === $place ? null : $sentence->named->next($mention->last + 1, $place->first);
        // "clay to plastic transition at 26" is one.
        if (null !== $next && !str_starts_with((string) $sentence->atomAt($next)?->meaning, Kind::Transition->value)) {
            return true;
        }
        // "it's cast iron for the first eleven feet": so the line begins.
        if (Kind::Transition === $mention->kind && self::isOfFirst($mention, $sentence)) {
            return true;
        }
        $after = $mention->facts['material_after'] ?? null;

        // Who says no place of anything says none of a change, either; what is named first is no change.
        $isNowhere = null === $fromM && $this->isBegin;
        $isChange = $isNowhere && !$isFirst;
        $isTold = PipeChange::OTHER === $mention->by
            ? PlaceBy::Said === $by || $isNowhere : PipeChange::COUNTER !== $mention->by || null !== $fromM || $isChange;
        $isBeside = \in_array($mention->by, [PipeChange::COUNTER, PipeChange::OTHER], true);

        // "we hit the clay, and there's a lip from the iron to the clay"
        $isAgain = null === $fromM && Kind::Transition === $mention->kind && null !== $after && $after === $this->behind;

        // "seven feet it's cast iron, and it's got a channel": nothing was named before, and so the line began.
        $isBegin = PipeChange::TOLD === $mention->by && null === $before && ($isFirst && $mention->place?->from <= self::BEGINS_WITHIN_M
            // "thirty feet it's a clay joint"
            || null !== $sentence->begins('joint_named', $mention->last + 1));
        $isUnknown = null === $before && !$isChange && !$this->isCoupled($mention, $sentence);

        return $isBegin || !$isTold || $isAgain || $isBeside && ($before === $after || $isUnknown)
            || \in_array($mention->by, [PipeChange::BARE, PipeChange::BEHIND], true) && $before === $after
            || PipeChange::BEHIND === $mention->by && null === $fromM && !$isChange;
    }

    /** "there's a coupling at fourteen, and then it's clay": whatever it was before. */
    private function isCoupled(Mention $mention, Sentence $sentence): bool
    {
        $last = $this->sentenceBefore;
        $isBefore = null !== $last && $last->isAny('adaptors', $last->first, $last->last);

        return ($isBefore || $sentence->isAny('adaptors', $sentence->first, $mention->first))
            && null === $sentence->begins('joint_named', $mention->last + 1);
    }

    /** "cast iron for the first eleven feet", "the first ten feet was replaced with plastic" */
    private static function isOfFirst(Mention $mention, Sentence $sentence): bool
    {
        $isFirst = static fn (Atom $atom) => null !== $atom->amount && $sentence->is('first', $atom->first - 1)
            && null === $sentence->named->next(min($mention->last, $atom->last) + 1, max($mention->first, $atom->first) - 1)
            && ($atom->first > $mention->last && $atom->first - $mention->last <= self::FIRST_WORDS
                || $mention->first - $atom->last <= self::FIRST_WORDS && $sentence->is('was', $atom->last + 1));

        return [] !== array_filter($sentence->atoms, $isFirst);
    }

    /** "it's plastic for a little bit, and then it goes to clay": whether the pipe was said to be another before. */
    public function isOther(Mention $mention, Sentence $sentence): bool
    {
        $before = [...$this->all, ...array_column($sentence->named->materials($mention->first), 'meaning')];
        $after = $mention->facts['material_after'] ?? $sentence->named->material($mention->last + 1);

        // … and "it changes to clay" whatever it was.
        $isChange = $sentence->has('changes', $mention->first - self::CHANGE_WORDS, $mention->last + self::CHANGE_WORDS);

        return Kind::Transition === $mention->kind && ($isChange || [] !== array_diff($before, [$after]));
    }

    /** Drawing back, what the pipe is said to become is what it was before the transition. */
    public function turnAbout(Entry $entry, bool $isInOrder): void
    {
        $named = $entry->facts['material_after'] ?? null;
        if (null !== $named && $this->isDrawingBack && !$isInOrder) {
            $entry->become($this->behind);
        }
        $this->behind = $named ?? $this->behind;
    }
}
