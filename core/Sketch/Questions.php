<?php

declare(strict_types=1);

namespace Jurvex\Core\Sketch;

/** Few questions of many proposals: what says the same is asked once, what contradicts is one choice, what confirms is one for all. */
final class Questions
{
    /**
     * @param iterable<Proposal> $proposals the older looks' first
     *
     * @return list<Question> with what only confirms at the end
     */
    public static function of(iterable $proposals): array
    {
        $confirming = $choices = [];
        foreach (self::once($proposals) as $proposal) {
            if ($proposal->confirms) {
                $confirming[] = $proposal;
                continue;
            }
            $of = \count($choices);
            foreach ($choices as $i => $offers) {
                $of = [] !== array_filter($offers, $proposal->contradicts(...)) ? $i : $of;
            }
            $choices[$of][] = $proposal;
        }
        $questions = array_map(static fn (array $offers) => new Question($offers), array_values($choices));

        return [] === $confirming ? $questions : [...$questions, new Question($confirming, true)];
    }

    /**
     * Without those that a later look says again.
     *
     * @param iterable<Proposal> $proposals
     *
     * @return list<Proposal>
     */
    private static function once(iterable $proposals): array
    {
        $kept = [];
        foreach ($proposals as $proposal) {
            $isSaid = false;
            foreach ($kept as $i => $other) {
                if ($proposal->says($other) && !$isSaid) {
                    $kept[$i] = $proposal;
                    $isSaid = true;
                } elseif ($isSaid && $proposal->says($other)) {
                    unset($kept[$i]);
                } elseif ($other->says($proposal)) {
                    $isSaid = true;
                }
            }
            $kept = $isSaid ? array_values($kept) : [...$kept, $proposal];
        }

        return $kept;
    }
}
