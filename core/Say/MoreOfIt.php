<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Kind;

/** What is said of something that was named, and of nothing that has a name: "twenty feet, they're getting thicker". */
final readonly class MoreOfIt
{
    /** What is named so many words behind is what is told of. */
    private const NAMED_WORDS = 4;
    /** "Twenty feet, and that joint's got some": so many words behind a place. */
    private const MORE_WORDS = 4;
    /** … and so many before one. */
    private const TOLD_WORDS = 11;

    /** @param list<Place> $places of the sentence, in their order */
    public function __construct(private Sentence $sentence, private array $places)
    {
    }

    /** "there's more at seven", and not "one more at seven" */
    public function isSaid(int $from, int $to): bool
    {
        $isMore = fn (int $word) => $this->sentence->is('more', $word) && !$this->sentence->is('pronouns', $word - 1);

        return [] !== array_filter(range($from, $to), $isMore);
    }

    /**
     * "that joint's got some too".
     *
     * @return ?array{int, int} its first and last word
     */
    public function at(Place $place): ?array
    {
        $grows = $this->sentence->marks('grows');
        foreach ($grows as $begin => $end) {
            // "they start to get thick at thirty"
            if ($end > $begin && $this->sentence->begins('at', $end + 1) === $place->first - 1
                && null === $this->sentence->named->next($begin, $place->last) && $this->isWhole($place->last + 1)) {
                return [$begin, $end];
            }
        }
        // "some roots at the next joint, 22 feet, they're coming in from the top": those.
        $isOther = null === $this->sentence->named->before($place->first) || $this->places[0] !== $place;
        foreach ($this->sentence->marks('more_of_it') + ($isOther ? $grows : []) as $begin => $end) {
            // "that's a big one, that's probably seventy five percent blocked right there at 28"
            if ($this->sentence->is('pronouns', $end) && $this->isToldBehind($end, $place)) {
                return [$begin, $end];
            }
            $isBehind = $begin > $place->last && $begin - $place->last <= self::MORE_WORDS && !$this->sentence->isAfter('to', $begin);
            $isOwn = null !== $this->sentence->named->next($place->last + 1, $end + self::NAMED_WORDS)
                || $this->sentence->has('deny', $place->last + 1, $begin)
                || $this->sentence->isAny('nothing_there', $place->last + 1, $end);
            if ($isBehind && !$isOwn && $this->isWhole($end + 1) && [] === $this->amounts($place->last + 1, $begin)) {
                // "there's some more, and they're a little thicker"
                $told = $end + ($this->sentence->is('and', $end + 1) ? 2 : 1);

                return [$begin, null === $this->sentence->begins('they_are', $told) ? $end : $told + self::MORE_WORDS];
            }
        }

        return null;
    }

    /** "just a few" of heavy roots are not heavy, and what is thicker than hair is no hair. */
    public function grown(Kind $kind, int $from, int $to): Kind
    {
        if (\in_array($kind, [Kind::RootCords, Kind::RootThreads], true) && $this->sentence->isAny('heavy', $from, $to)) {
            return Kind::RootClump;
        }
        $isOther = Kind::RootClump === $kind && $this->sentence->isAny('lessens', $from, $to)
            || Kind::RootThreads === $kind && $this->sentence->isAny('heightens', $from, $to);

        return $isOther ? Kind::RootCords : $kind;
    }

    /** Whether a place is told of what ends at a word, with no other name or place between. */
    private function isToldBehind(int $end, Place $place): bool
    {
        $isBetween = static fn (Place $each) => $each->first > $end && $each->last < $place->first;

        return $place->first > $end && $place->first - $end <= self::TOLD_WORDS && $this->sentence->isAfter('at', $place->first)
            && null === $this->sentence->named->next($end + 1, $place->last + self::NAMED_WORDS)
            && [] === array_filter($this->places, $isBetween);
    }

    /** @return array<Atom> */
    private function amounts(int $from, int $to): array
    {
        return array_filter(
            $this->sentence->atoms, static fn (Atom $atom) => null !== $atom->amount && $atom->first >= $from && $atom->last <= $to,
        );
    }

    /** Whether nothing more is said that could be a name no table knows. */
    private function isWhole(int $next): bool
    {
        $sentence = $this->sentence;

        return '' === $sentence->text($next) || $sentence->isComma($next) || $sentence->is('and', $next) || $sentence->is('closers', $next)
            || $sentence->beginsAny(['cut', 'move', 'intro', 'here', 'contrast'], $next) || null !== $sentence->atomAt($next);
    }
}
