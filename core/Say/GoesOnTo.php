<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** What has begun and goes on to what is named next: "the bottom's gone, and it goes like that till we hit the clay at nineteen". */
final class GoesOnTo
{
    /** "It goes like that for three, four feet till we hit the clay". */
    private const GOES_ON_WORDS = 14;
    /** "Till we hit the clay". */
    private const TO_WORDS = 4;
    /** "We start seeing roots": so many words before. */
    private const START_WORDS = 3;

    /** @return bool whether it ends there, and is so long now */
    public static function end(?Entry $open, Sentence $sentence, Mention $next): bool
    {
        $isOpen = null !== $open?->fromM && null === $open->toM && null !== $next->place && null === $next->place->to
            && $next->place->from - $open->fromM >= Entry::SAME_PLACE_M;
        if (!$isOpen || !self::leads($sentence, $next->first)) {
            return false;
        }
        $open->stretch($open->fromM, $next->place->from);

        return true;
    }

    /**
     * "roots at eight … at thirteen we start seeing roots, and that goes to eighteen", "debris at eight … gravel at 21, and it goes to 26".
     *
     * @param list<Mention> $mentions of the sentence
     */
    public static function isOther(Entry $open, Sentence $sentence, array $mentions): bool
    {
        return [] !== array_filter($mentions, static fn (Mention $each) => $open->isOfKind($each)
            && $each->place?->from > $open->fromM + Entry::SAME_PLACE_M
            && ($sentence->has('starts', $each->first - self::START_WORDS, $each->last)
                || $sentence->isAfter('at', $each->place->first) && !$sentence->isAfter('reached', $each->place->first)
                && !$sentence->isAfter('told', $each->place->first) && !Joined::isStill($sentence, $each)));
    }

    private static function leads(Sentence $sentence, int $name): bool
    {
        foreach (array_keys($sentence->marks('goes_on')) as $goesOn) {
            if ($goesOn < $name && $name - $goesOn <= self::GOES_ON_WORDS
                && self::isTo($sentence, max($goesOn, $name - self::TO_WORDS), $name)
                && null === $sentence->named->next($goesOn, $name - 1)) {
                return true;
            }
        }

        return false;
    }

    /** "till we hit the clay", and not "to twelve o'clock, and roots" */
    private static function isTo(Sentence $sentence, int $first, int $name): bool
    {
        $isIts = static fn (int $end, int $begin) => $begin >= $first && $begin < $name && !$sentence->isAny('and', $end, $name - 1);

        return [] !== array_filter($sentence->marks('to'), $isIts, \ARRAY_FILTER_USE_BOTH);
    }
}
