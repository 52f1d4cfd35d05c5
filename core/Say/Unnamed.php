<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Kind;

/** Parts of a sentence that tell a place and name nothing. */
final readonly class Unnamed
{
    /** @param list<Place> $places of the sentence, in their order */
    public function __construct(private Sentence $sentence, private array $places)
    {
    }

    /**
     * @param list<Mention> $mentions
     * @param list<Place> $places
     *
     * @return list<array{array{int, int}, Place}> each part in which nothing is named, with the first of the places in it
     */
    public function parts(array $mentions, array $places): array
    {
        $unnamed = [];
        foreach ($this->sentence->parts as $part) {
            $isHere = static fn (Place|Mention $each) => $each->first >= $part[0] && $each->first <= $part[1];
            $place = array_values(array_filter($places, $isHere))[0] ?? null;
            if (null !== $place && [] === array_filter($mentions, $isHere)) {
                $unnamed[] = [$part, $place];
            }
        }

        return $unnamed;
    }

    /**
     * @param list<Mention> $mentions
     * @param array{int, int} $part
     */
    public static function before(array $mentions, array $part): ?Mention
    {
        // "at the cleanout, thirty feet that's the big one"
        $before = array_filter($mentions, static fn (Mention $each) => $each->last < $part[0] && Kind::OpeningSeen !== $each->kind);

        return end($before) ?: null;
    }

    /**
     * Whether a place is of what is named next, which has none of its own.
     *
     * @param list<Mention> $mentions
     * @param array{int, int} $part
     */
    public function isNexts(array $mentions, array $part): bool
    {
        $behind = array_values(array_filter($mentions, static fn (Mention $each) => $each->first > $part[1]));
        if ([] === $behind) {
            return false;
        }
        $next = $this->sentence->part($behind[0]->first);
        // "roots at 18 and 21 and at 24 there's a hole": that one has a nearer place.
        foreach ($this->places as $place) {
            if ($place->first > $part[1] && $place->last < $next[0]) {
                return false;
            }
        }
        // "a third one at fifteen, there's a hole at twenty", "some more at eighteen, there's water twenty to 24"
        $isOwn = [] !== array_filter($this->places, fn (Place $place) => $place->first > $behind[0]->last && $place->last <= $next[1]
            && ($place->first === $behind[0]->last + 1 || $this->sentence->isAfter('at', $place->first)));
        $isIntroduced = $part[1] + 1 === $next[0] && $this->sentence->beginsAny(['here', 'intro'], $next[0]) && !$isOwn;

        return $isIntroduced || [] === array_filter(
            $this->places, static fn (Place $place) => $place->first >= $next[0] && $place->last <= $next[1],
        );
    }
}
