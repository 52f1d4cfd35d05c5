<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** Whether places and what is at them are told in turn, a place first: "at nine a wipe at twelve an offset at seventeen nothing". */
final readonly class InTurn
{
    private const PLACE = 'place';
    private const THING = 'thing';
    private const LEAST_PLACES = 2;
    /** Of whoever says no more of each so many words lie between two places. */
    private const BETWEEN_WORDS = 5;

    /**
     * @param list<Mention> $mentions of the sentence
     * @param list<Place> $places of the sentence
     */
    public static function placesFirst(Sentence $sentence, array $mentions, array $places): bool
    {
        $begin = $sentence->behindCuts($sentence->first);
        $first = ($sentence->begins('at', $begin) ?? $begin - 1) + 1;
        if (\count($places) < self::LEAST_PLACES || $places[0]->first !== $first) {
            return false;
        }
        foreach (\array_slice($places, 1) as $i => $next) {
            if ($next->first - $places[$i]->last - 1 > self::BETWEEN_WORDS) {
                return false;
            }
        }
        $turns = array_values(self::told($sentence, $mentions, $places));
        foreach ($turns as $i => $what) {
            // "at nine, at twelve a wipe"
            if (self::PLACE === $what && self::THING !== ($turns[$i + 1] ?? null)) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param list<Mention> $mentions
     * @param non-empty-list<Place> $places
     *
     * @return array<int, string> what each word begins that begins a place, a name, or that nothing is there
     */
    private static function told(Sentence $sentence, array $mentions, array $places): array
    {
        $told = [];
        for ($i = $places[0]->last + 1; $i <= $sentence->last; ++$i) {
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
