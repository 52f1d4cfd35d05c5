<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Kind;

/** What was named before and is there once more: "roots at 30, 34 and 41 feet", "another one on the left at 64". */
final readonly class Repeated
{
    /** "another one at 23 feet": so many words before the place. */
    private const ANOTHER_WORDS = 3;
    /** A part of a list of places has no more words. */
    private const BARE_WORDS = 6;

    public function __construct(private Sentence $sentence)
    {
    }

    /**
     * The kind that was named before, at another place.
     *
     * @param list<Mention> $mentions
     * @param array{int, int} $part
     * @param list<Place> $places
     * @param bool $isListed whether the place follows one that something is at
     */
    public function at(array $mentions, array $part, array $places, ?Kind $last, bool $isListed): ?Mention
    {
        $before = $next = null;
        foreach ($mentions as $mention) {
            $before = $mention->last < $part[0] ? $mention : $before;
            $next ??= $mention->first > $part[1] ? $mention : null;
        }
        if ($this->sentence->has('another', $part[0] - self::ANOTHER_WORDS, $part[1]) || $this->isAnotherBehind($part[1])) {
            $kind = $before->kind ?? $last;

            return null === $kind ? null : $this->turned(new Mention($kind, $part[0], $part[1], Kind::RootCords === $kind), $mentions);
        }
        $isList = null !== $before?->place && ($isListed || $this->sentence->isComma($part[0]) || $this->sentence->is('and', $part[0]))
            && $this->isBare($part, $before->place);
        $nextPart = null === $next ? null : $this->sentence->part($next->first);
        $isIntroduced = null !== $nextPart && $part[1] + 1 === $nextPart[0] && $this->sentence->beginsAny(['here', 'intro'], $nextPart[0]);
        $isNexts = $isIntroduced || null !== $nextPart && [] === array_filter(
            $places, static fn (Place $place) => $place->first >= $nextPart[0] && $place->last <= $nextPart[1],
        );

        return $isList && !$isNexts && null !== $before->kind ? new Mention($before->kind, $part[0], $part[1], $before->isGeneral) : null;
    }

    /**
     * "another one on the left": the side that nothing else has.
     *
     * @param list<Mention> $mentions
     */
    private function turned(Mention $another, array $mentions): Mention
    {
        $last = $this->sentence->part($another->last)[1];
        foreach ($this->sentence->atoms as $atom) {
            $isHere = Atom::CLOCK === $atom->role && $atom->first >= $another->first && $atom->last <= $last;
            $side = new Place((float) $atom->meaning, null, $atom->first, $atom->last);
            if ($isHere && [] === array_filter($mentions, static fn (Mention $each) => $each->clock?->first === $side->first)) {
                $another->clock = $side;
            }
        }

        return $another;
    }

    /** "at 3.9 there's another one": and not "there's another offset". */
    private function isAnotherBehind(int $last): bool
    {
        for ($i = $last + 1; $i <= $last + self::ANOTHER_WORDS; ++$i) {
            $end = $this->sentence->begins('another', $i);
            if (null !== $end) {
                return [] !== array_filter(range($i, $end), fn (int $word) => $this->sentence->is('pronouns', $word));
            }
        }

        return false;
    }

    /**
     * Whether a part holds a place and nothing else.
     *
     * @param array{int, int} $part
     */
    private function isBare(array $part, Place $before): bool
    {
        return $part[1] - $part[0] < self::BARE_WORDS && $part[0] - $before->last < self::BARE_WORDS
            && !$this->sentence->has('ends', $part[0], $part[1]) && !$this->sentence->has('reached', $part[0], $part[1])
            && !$this->sentence->has('presence', $part[0], $part[1]);
    }
}
