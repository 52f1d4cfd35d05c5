<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** Whether what is named behind an "and" has a place of its own, so that what was said before the "and" is not of it. */
final readonly class OwnPlace
{
    /** "Deposits on top of the joint at thirty": so many words behind the name. */
    private const BEHIND_WORDS = 7;
    private const LEADS = ['at', 'from', 'between', 'another'];

    public function __construct(private Sentence $sentence, private Measures $measures)
    {
    }

    /** "no roots, and deposits on the joint at thirty", behind a word. */
    public function isToldSince(int $word, Mention $mention): bool
    {
        $isIts = fn (Place $place) => $this->isOf($mention, $place);

        return $this->sentence->isAny('and', $word + 1, $mention->first - 1) && [] !== array_filter($this->measures->places, $isIts);
    }

    private function isOf(Mention $mention, Place $place): bool
    {
        $isLed = $place->first === $mention->last + 1
            || [] !== array_filter(self::LEADS, fn (string $role) => $this->sentence->isAfter($role, $place->first));

        return $isLed && $place->first > $mention->last && $place->first - $mention->last <= self::BEHIND_WORDS
            && null === $this->sentence->named->next($mention->last + 1, $place->first);
    }
}
