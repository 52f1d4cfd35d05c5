<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Kind;

/** The words that say that what stretches ends, or goes on to somewhere. */
final readonly class EndWords
{
    public const OF_OTHERS = ['runs_to'];
    /** "nothing till 24": so many words before it. */
    private const NOTHING_WORDS = 3;

    /** @var array<int, int> last word by first word */
    private array $marks;
    private bool $isOfOthers;

    /** @param list<string> $roles of the words */
    public function __construct(private Sentence $sentence, array $roles)
    {
        $this->marks = array_replace(...array_map($sentence->marks(...), $roles));
        $this->isOfOthers = self::OF_OTHERS === $roles;
    }

    /** @return array<int, int> last word by first word of those between two words that are of what was named */
    public function in(int $first, int $last): array
    {
        return array_filter($this->marks, fn (int $end, int $word) => $word >= $first && $word <= $last
            && !$this->isClean($word) && !$this->isChange($end) && !$this->isOfLine($word), \ARRAY_FILTER_USE_BOTH);
    }

    /** "nothing till 24", "then it's clear to nine", "then the line goes on to seven" */
    private function isClean(int $word): bool
    {
        $before = [$word - self::NOTHING_WORDS, $word - 1];
        $isOfPipe = $this->sentence->is('all_of_it', $word - 1)
            || $this->sentence->named->isMaterialBefore($word)
            || $this->sentence->is('nothing_there', $word) && $this->sentence->is('subjects', $word - 1);

        return $this->sentence->isAny('nothing_there', ...$before)
            // "it's a good one, it goes to nine", "it's clean, and that goes to fourteen"
            && !$this->sentence->isAny('pronouns', ...$before) && !$this->sentence->isAny('and', ...$before)
            || $this->isOfOthers && $isOfPipe;
    }

    /** "it goes to clay" */
    private function isChange(int $end): bool
    {
        return Atom::MATERIAL === $this->sentence->atomAt($end + 1)?->role;
    }

    /** "51 and that's the end of the run", but for "31 is where it ends" */
    private function isOfLine(int $word): bool
    {
        $isAround = fn (Atom $atom) => str_starts_with($atom->meaning, Kind::EndOfLine->value)
            && $atom->first <= $word && $atom->last >= $word && null === $this->sentence->begins('where_it_ends', $atom->first);

        return [] !== array_filter($this->sentence->atoms, $isAround);
    }
}
