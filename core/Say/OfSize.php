<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** How much there is of what was named before, told where it is told of that and of nothing else. */
final readonly class OfSize
{
    /** "They're about", "it's maybe": so many words before how much. */
    private const TOLD_WORDS = 3;
    /** In percent. */
    private const HALF = 50.0;

    /**
     * "roots at eleven, and at fifteen they're half the pipe": at another place, without its name.
     *
     * @param list<Amount> $sizes of the sentence
     */
    public static function behind(Sentence $sentence, array $sizes, Place $place): ?Amount
    {
        // "it gets thicker, and by thirty it's half the pipe": that is one.
        $isAt = $sentence->isAfter('at', $place->first) && !$sentence->is('by', $place->first - 1);
        $told = $isAt ? $sentence->begins('they_are', $place->last + 1) : null;
        if (null === $told) {
            return null;
        }
        $isIts = static fn (Amount $size) => $size->first > $told && $size->first - $told <= self::TOLD_WORDS
            && \in_array($size->unit, [Unit::Percent, Unit::Small], true)
            && null === $sentence->named->next($size->last + 1, $size->last + self::TOLD_WORDS);

        return array_values(array_filter($sizes, $isIts))[0] ?? null;
    }

    /**
     * "some rust on the walls, and at 35 a root, and I opened it up about three inches": that is not how thick the rust is.
     *
     * @param list<Mention> $all that is named in the sentence
     */
    public static function isBeyond(Sentence $sentence, Measures $measures, Mention $mention, Amount $size, array $all): bool
    {
        // "it's choked down to about two inches": so much is left; half is half.
        // "maybe an inch of opening left, because of the rust"
        if ($sentence->isAfter('down_to', $size->first) && self::HALF !== $size->value
            || null !== $sentence->begins('left_open', $size->last + 1)) {
            return true;
        }
        // "a six inch service, and at nine feet there's some concrete", "it's a third full, and there's a ball"
        if ($size->last < $mention->first) {
            return $measures->hasPlace($size->last, $mention->first)
                || $sentence->is('and', $size->last + 1) && null !== $sentence->begins('intro', $size->last + 2);
        }
        $isBetween = static fn (Mention $each) => $each->first > $mention->last && $each->last < $size->first;
        // "roots at eleven, and at fifteen they're half the pipe"
        $isOther = static fn (Place $place) => self::behind($sentence, $measures->sizes, $place)?->first === $size->first
            && $measures->hasPlace($mention->last, $place->first);

        return [] !== array_filter($measures->places, $isOther)
            || $measures->hasPlace($mention->last, $size->first) && [] !== array_filter($all, $isBetween);
    }
}
