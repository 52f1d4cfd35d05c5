<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** Where it is better, and so what stretches has ended, though nobody says that it does. */
final readonly class ClearsUp
{
    /** "28 feet, it flattens out": so many words beside a place. */
    private const WORDS = 6;

    /**
     * "we get through it around 28", "28 feet, it flattens out": a place that nothing is at, and that it is better there.
     *
     * @param list<Place> $places that nothing is at
     * @param list<string> $tables of words that say so
     */
    public static function at(Sentence $sentence, array $places, array $tables): ?Place
    {
        foreach ($places as $place) {
            $isTied = $sentence->isAfter('until', $place->first)
                || $sentence->isAfter('at', $place->first) && !$sentence->isAfter('to', $place->first);
            $words = [...self::beside($sentence, $place->last, 1), ...($isTied ? self::beside($sentence, $place->first, -1) : [])];
            $isBetter = static fn (int $word) => !$sentence->isInside('back', $word)
                && [] !== array_filter($tables, static fn (string $table) => $sentence->is($table, $word));
            if (null === $place->to && [] !== array_filter($words, $isBetter) && !self::goesOn($sentence, $words)) {
                return $place;
            }
        }

        return null;
    }

    /** @return list<int> the words on one side of a place, up to what is something else */
    private static function beside(Sentence $sentence, int $from, int $step): array
    {
        $words = [];
        for ($i = 1; $i <= self::WORDS; ++$i) {
            $word = $from + $i * $step;
            $isOther = '' === $sentence->text($word) || $sentence->isComma($word) || null !== $sentence->amountEnd($word)
                || $sentence->named->holds($word) || $i > 1 && $sentence->beginsAny(['cut', 'contrast'], $word);
            if ($isOther) {
                break;
            }
            $words[] = $word;
        }

        return $words;
    }

    /** @param list<int> $words */
    private static function goesOn(Sentence $sentence, array $words): bool
    {
        return [] !== array_filter($words, static fn (int $word) => $sentence->isInside('goes_on', $word)
            || $sentence->isInside('still', $word) || $sentence->isInside('deny', $word) || $sentence->isInside('move', $word));
    }
}
