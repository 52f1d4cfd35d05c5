<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Family;

/** Whether what is named in a sentence is named again, or as what everybody knows by now. */
final readonly class Known
{
    /** "again", "that whole" so many words before or behind a name: it is named again. */
    private const AGAIN_WORDS = 6;

    public function __construct(private Sentence $sentence, private Measures $measures)
    {
    }

    /** @param list<Mention> $named in the sentence */
    public function tell(array $named): void
    {
        foreach ($named as $mention) {
            $beside = $this->beside($mention);
            $isDefinite = $this->sentence->is('definite', $mention->first - 1);
            // "37, the offset's the same" tells how it is.
            $isSame = $isDefinite && [] !== $this->measures->places && null !== $this->sentence->begins('again', $mention->last + 1);
            $mention->isAgain = $this->sentence->has('again', ...$beside) && !$this->sentence->has('same_spot', ...$beside) && !$isSame;
            $mention->isSum = $this->sentence->is('of', $mention->first - 1)
                && Unit::Large === $this->sentence->amountBefore($mention->first - 1)?->unit;
            $mention->isKnown = $isDefinite && !$this->sentence->has('points', ...$beside)
                && [] === $this->sentence->introsOf($mention->first, self::AGAIN_WORDS)
                && !\in_array($mention->kind?->family(), [null, Family::Connection, Family::Way], true);
        }
    }

    /** @return array{int, int} the first and the last word that may tell it */
    private function beside(Mention $mention): array
    {
        $sentence = $this->sentence;
        $beside = [$mention->first - self::AGAIN_WORDS, $mention->last + self::AGAIN_WORDS];
        foreach ($this->measures->places as $place) {
            // Beyond a place something else is.
            $beside[0] = $place->last < $mention->first ? max($beside[0], $place->last + 1) : $beside[0];
            $beside[1] = $place->first > $mention->last ? min($beside[1], $place->first - 1) : $beside[1];
        }
        // "we hit the clay again and roots": that is said of the clay.
        foreach ($sentence->marks('again') as $begin => $end) {
            $isOfOther = $end < $mention->first && $sentence->named->endsBefore($begin)
                && ($sentence->is('and', $end + 1) || $sentence->is('with', $end + 1));
            $beside[0] = $isOfOther ? max($beside[0], $end + 1) : $beside[0];
        }
        // "roots at the transition, and again at 44", "a crack, but other than that it's good": that is somewhere else.
        foreach ($sentence->marks('again') as $begin => $end) {
            $isElsewhere = $begin > $mention->last
                && (null !== $sentence->begins('at', $end + 1) || null !== $sentence->begins('besides_that', $begin));
            $beside[1] = $isElsewhere ? min($beside[1], $begin - 1) : $beside[1];
        }
        // "it's still the same, here's a wye": that is a new one.
        $isNew = $sentence->is('articles', $mention->first - 1) && !$sentence->is('definite', $mention->first - 1)
            && ($sentence->isAfter('here', $mention->first - 1) || $sentence->isAfter('intro', $mention->first - 1));

        return [$isNew ? $mention->first : $beside[0], $beside[1]];
    }
}
