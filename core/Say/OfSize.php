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

    /** "roots at eleven, and at fifteen they're half the pipe": at another place, without its name. */
    public static function behind(Sentence $sentence, Place $place): ?Amount
    {
        // "it gets thicker, and by thirty it's half the pipe": that is one.
        $isAt = $sentence->isAfter('at', $place->first) && !$sentence->is('by', $place->first - 1);
        $told = $isAt ? $sentence->begins('they_are', $place->last + 1) : null;
        for ($i = (int) $told + 1; null !== $told && $i <= $told + self::TOLD_WORDS; ++$i) {
            $amount = $sentence->atomAt($i)?->amount;
            if (null !== $amount) {
                $isNext = null !== $sentence->named->next($amount->last + 1, $amount->last + self::TOLD_WORDS);

                return $isNext || Bores::isSaid($sentence, $amount) ? null : self::much($sentence, $amount);
            }
        }

        return null;
    }

    /** "half the pipe" is fifty percent; a number of nothing is no size. */
    private static function much(Sentence $sentence, Amount $amount): ?Amount
    {
        $isShare = Unit::None === $amount->unit && $amount->value < 1 && null !== $sentence->begins('share', $amount->last + 1);
        $share = $isShare ? new Amount(100 * $amount->value, Unit::Percent, $amount->first, $amount->last) : $amount;

        return \in_array($share->unit, [Unit::Percent, Unit::Small], true) ? $share : null;
    }

    /**
     * "some rust on the walls, and at 35 a root, and I opened it up about three inches": that is not how thick the rust is.
     *
     * @param list<Mention> $all that is named in the sentence
     */
    public static function isBeyond(Sentence $sentence, Measures $measures, Mention $mention, Amount $size, array $all): bool
    {
        // "it's choked down to about two inches": so much is left; half is half.
        if ($sentence->isAfter('down_to', $size->first) && self::HALF !== $size->value) {
            return true;
        }
        // "a six inch service, and at nine feet there's some concrete", "it's a third full, and there's a ball"
        if ($size->last < $mention->first) {
            return $measures->hasPlace($size->last, $mention->first)
                || $sentence->is('and', $size->last + 1) && null !== $sentence->begins('intro', $size->last + 2);
        }
        $isBetween = static fn (Mention $each) => $each->first > $mention->last && $each->last < $size->first;
        // "roots at eleven, and at fifteen they're half the pipe"
        $isOther = static fn (Place $place) => self::behind($sentence, $place)?->first === $size->first
            && $measures->hasPlace($mention->last, $place->first);

        return [] !== array_filter($measures->places, $isOther)
            || $measures->hasPlace($mention->last, $size->first) && [] !== array_filter($all, $isBetween);
    }
}
