<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/**
 * "there's a joint that's open, so we're at six feet, keep going, fourteen feet there's a root": where somebody says they stand is the
 * place of what comes next, and of what came right before it if the next has another.
 */
final class Stands
{
    /** What was named with no place right before the place that waits. */
    private ?Entry $nowhere = null;
    /** The place that waited before the sentence. */
    private ?Place $waiting = null;
    /** Whether the speaker had moved on by then. */
    private bool $hasMoved = false;

    public function __construct(private readonly Course $course)
    {
    }

    /** Before a sentence is read. */
    public function hear(): void
    {
        [$this->waiting, $this->hasMoved] = [$this->course->where->pending(), $this->course->hasMoved()];
    }

    /** When nothing more is said, what waits is of nothing else. */
    public function end(): void
    {
        $this->placeAt($this->course->where->pending());
    }

    /** @param ?Entry $last what was named last when the sentence is read */
    public function place(Sentence $sentence, ?Entry $last): void
    {
        $this->placeAt($this->course->where->unused());
        $now = $this->course->where->pending();
        if (null === $now || $now !== $this->waiting) {
            $isHere = null !== $now && \in_array($last?->telling, [Telling::Here, Telling::Shown], true) && !$this->hasMoved
                && !$sentence->has(['move', 'back'], null, $now->first) && $sentence->isAfter('reached', $now->first);
            $this->nowhere = $isHere && null === $last->fromM ? $last : null;
        }
    }

    private function placeAt(?Place $place): void
    {
        if (null !== $place && null !== $this->nowhere && null === $this->nowhere->fromM) {
            $this->nowhere->placeAt($place->from, $place->to, PlaceBy::Said);
            $this->course->arrive();
        }
    }
}
