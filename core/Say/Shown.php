<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Family;
use Jurvex\Core\Finding\Kind;

/** Whether somebody shows what has no place in a recording. */
final readonly class Shown
{
    /** "Some roots right here": so many words before or behind a name. */
    private const HERE_WORDS = 2;
    /** "There's a really heavy root": so many words before a name. */
    private const INTRO_WORDS = 5;

    public function __construct(private Sentence $sentence)
    {
    }

    /** How firmly it is told, where it has no place. */
    public function telling(Mention $mention): Telling
    {
        return match (true) {
            $mention->isOnlySaid => Telling::AmidTalk,
            $this->sentence->has('right_here', $mention->first - self::HERE_WORDS, $mention->last + self::HERE_WORDS) => Telling::Here,
            $this->isPointedAt($mention) => Telling::Shown,
            default => Telling::Named,
        };
    }

    /**
     * Whether what is named is another one than the one of its kind before, where neither has a place: "another crack", "keep going …
     * there's roots".
     *
     * @param bool $hasMoved whether somebody pushed on meanwhile
     */
    public function isOther(Mention $mention, bool $hasMoved): bool
    {
        $isNew = [] !== $this->sentence->introsOf($mention->first, self::INTRO_WORDS)
            || $this->sentence->isAny('anew', $mention->first - self::INTRO_WORDS, $mention->first - 1);

        return $mention->isOther || $hasMoved && $isNew && !$this->sentence->is('definite', $mention->first - 1);
    }

    /** "this is the main sewer for the building": what all of it is about. */
    public function isPresented(Mention $mention): bool
    {
        $intros = $this->sentence->introsOf($mention->first, self::HERE_WORDS);

        return 'name' === $mention->by
            && [] !== array_filter($intros, fn (int $begin) => $this->sentence->isInside('presents', $begin));
    }

    /** Whether nothing is told where it is, and nothing is shown here. */
    public function isNothing(Measures $measures): bool
    {
        return [] === $measures->places && !$this->sentence->has('right_here');
    }

    /** Whether it is shown, or may be all along the pipe. */
    private function isPointedAt(Mention $mention): bool
    {
        [$first] = $this->sentence->part($mention->first);
        $isAlong = \in_array($mention->kind?->family(), [null, Family::Deposit], true)
            || \in_array($mention->kind, [Kind::WornInvert, Kind::CannotGoFurther], true);

        return $isAlong || $this->sentence->has('intro', $first, $mention->last) || $this->sentence->has('right_here', $first)
            || $this->sentence->has('reached', $first);
    }
}
