<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** Whether what is denied or only talked of is there after all: "you don't want to see roots, but you've got them here". */
final readonly class AfterAll
{
    /** It is told so many words behind the name. */
    private const BEHIND_WORDS = 6;

    public function __construct(private Sentence $sentence)
    {
    }

    public function is(Mention $mention): bool
    {
        $isOfIt = fn (int $begin) => $begin > $mention->last && $begin - $mention->last <= self::BEHIND_WORDS
            && null === $this->sentence->named->next($mention->last + 1, $begin);

        return [] !== array_filter(array_keys($this->sentence->marks('after_all')), $isOfIt);
    }
}
