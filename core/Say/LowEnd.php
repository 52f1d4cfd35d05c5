<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Kind;

/** Where it is said that a low spot ends, or goes on to. */
final readonly class LowEnd
{
    /** @param list<Place> $places behind the word that says so, in their order */
    private function __construct(public int $word, public array $places)
    {
    }

    /** @return ?self none where nothing of that is said, or another one starts in the sentence */
    public static function in(Sentence $sentence, Measures $measures): ?self
    {
        return $sentence->has('starts') ? null : self::between($sentence, $measures, $sentence->first, $sentence->last);
    }

    /**
     * The end of one that has begun in the same sentence: it is said before anything else is named.
     *
     * @param list<Mention> $mentions
     */
    public static function inOneBreath(Sentence $sentence, Measures $measures, array $mentions): ?self
    {
        $begin = null;
        $end = $sentence->last;
        foreach ($mentions as $mention) {
            if (Kind::LowSpot === $mention->kind) {
                [$begin, $end] = [$begin ?? $mention->last, $sentence->last];
            } elseif (null !== $begin && $end === $sentence->last) {
                $end = $mention->first - 1;
            }
        }
        $found = null === $begin ? null : self::between($sentence, $measures, $begin, $end);

        return null === $found || $sentence->has('starts', $found->word) ? null : $found;
    }

    private static function between(Sentence $sentence, Measures $measures, int $first, int $last): ?self
    {
        $ends = $placed = [];
        foreach (array_keys($sentence->marks('ends') + $sentence->marks('goes_on')) as $word) {
            if ($word < $first || $word > $last) {
                continue;
            }
            $isBehind = static fn (Place $place) => $place->last > $word && $place->last <= $last;
            $ends[$word] = array_values(array_filter($measures->places, $isBehind));
            // "it carries on to 13, and at 16 it comes out in the chamber": what no place follows does not say where.
            $placed += [] === $ends[$word] ? [] : [$word => $ends[$word]];
        }
        $told = [] === $placed ? $ends : $placed;
        $word = [] === $told ? null : max(array_keys($told));

        return null === $word ? null : new self($word, $told[$word]);
    }
}
