<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Extent;
use Jurvex\Core\Finding\Kind;

/** Two places of a sentence that are the ends of one stretch. */
final class Joined
{
    /**
     * "starts at 53 feet and ends at 62": one stretch.
     *
     * @param list<Mention> $mentions
     *
     * @return list<Place>
     */
    public static function places(Sentence $sentence, Measures $measures, array $mentions): array
    {
        $places = $measures->places;
        $isStretch = [] !== array_filter($mentions, self::stretches(...));
        for ($i = 0; $isStretch && $i + 1 < \count($places); ++$i) {
            // "starts at 33, deepest at 36, ends at 41": where it is deepest is no end.
            $j = $i + 1;
            $j += isset($places[$j + 1]) && $sentence->has('deepest', $places[$i]->last + 1, $places[$j]->first - 1) ? 1 : 0;
            [$one, $other] = [$places[$i], $places[$j]];
            $isGoing = $sentence->has('ends', $places[$j - 1]->last + 1, $other->first - 1)
                || $sentence->isAfter('to', $other->first) && !$sentence->is('at_or_to', $other->first - 1);
            $isEnded = null === $one->to && null === $other->to && $isGoing;
            if ($isEnded && self::isOneStretch($mentions, $one, $other)) {
                $stretch = new Place(min($one->from, $other->from), max($one->from, $other->from), $one->first, $other->last);
                array_splice($places, $i, $j - $i + 1, [$stretch]);
            }
        }

        return $places;
    }

    /**
     * Whether what was named last before the end stretches, and nothing else was named since the beginning.
     *
     * @param list<Mention> $mentions
     */
    private static function isOneStretch(array $mentions, Place $from, Place $to): bool
    {
        $before = array_filter($mentions, static fn (Mention $each) => $each->first < $to->first);
        $between = array_filter($before, static fn (Mention $each) => $each->first > $from->last && Kind::LowSpot !== $each->kind);
        $last = end($before);
        // "at ten feet gravel, and that goes to fifteen"
        $kinds = array_unique(array_map(static fn (Mention $each) => $each->kind->value ?? '', $before));
        $isNamedBetween = 1 === \count($kinds) && \count($before) === \count($between);

        return ([] === $between || $isNamedBetween) && (false === $last || self::stretches($last));
    }

    /** Whether it goes from somewhere to somewhere. */
    public static function stretches(Mention $mention): bool
    {
        return Extent::Point !== ($mention->kind?->extent() ?? Extent::Point);
    }
}
