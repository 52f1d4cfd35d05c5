<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** Whether places and what is at them are told in turn: "at nine a wipe at twelve an offset", or "a wipe at nine nothing at twelve". */
final readonly class InTurn
{
    private const PLACE = 'place';
    private const THING = 'thing';
    private const LEAST_PLACES = 2;
    /** Of whoever says no more of each so many words lie between two places. */
    private const BETWEEN_WORDS = 5;
    /** … and so many where each place is told first, and with "at". */
    private const LED_WORDS = 8;

    /**
     * @param list<Mention> $mentions of the sentence
     * @param list<Place> $places of the sentence
     *
     * @return ?bool whether the place of each is told before it; none where they are not told in turn
     */
    public static function placesFirst(Sentence $sentence, array $mentions, array $places): ?bool
    {
        if (\count($places) < self::LEAST_PLACES) {
            return null;
        }
        $begin = $sentence->behindCuts($sentence->first);
        $isPlaceFirst = $places[0]->first === ($sentence->begins('at', $begin) ?? $begin - 1) + 1;
        $isLed = $isPlaceFirst
            && [] === array_filter($places, static fn (Place $place) => !$sentence->isAfter('at', $place->first));
        foreach (\array_slice($places, 1) as $i => $next) {
            if ($next->first - $places[$i]->last - 1 > ($isLed ? self::LED_WORDS : self::BETWEEN_WORDS)) {
                return null;
            }
        }
        $turns = array_values(self::told($sentence, $begin, $mentions, $places));
        // "at nine, at twelve a wipe"
        foreach (array_keys($turns, self::PLACE, true) as $i) {
            if (self::THING !== ($turns[$i + ($isPlaceFirst ? 1 : -1)] ?? null)) {
                return null;
            }
        }

        // "a wipe nine feet …" may be told either way.
        $isNameFirst = self::PLACE === end($turns)
            && [] === array_filter($places, static fn (Place $place) => !$sentence->isAfter('at', $place->first));

        return $isPlaceFirst || $isNameFirst ? $isPlaceFirst : null;
    }

    /**
     * @param list<Mention> $mentions
     * @param non-empty-list<Place> $places
     *
     * @return array<int, string> what each word begins that begins a place, a name, or that nothing is there
     */
    private static function told(Sentence $sentence, int $begin, array $mentions, array $places): array
    {
        $told = [];
        for ($i = $begin; $i <= $sentence->last; ++$i) {
            $isNothing = $sentence->is('nothing_there', $i) || $sentence->is('all_well', $i)
                || $sentence->beginsAny(['joint_named', 'deny'], $i);
            $told += $isNothing ? [$i => self::THING] : [];
        }
        $told = array_fill_keys(array_column($mentions, 'first'), self::THING) + $told;
        $told = array_fill_keys(array_column($places, 'first'), self::PLACE) + $told;
        ksort($told);

        return $told;
    }
}
