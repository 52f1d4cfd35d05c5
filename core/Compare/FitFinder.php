<?php

declare(strict_types=1);

namespace Jurvex\Core\Compare;

/**
 * Finds the fit with the most pairs over all kinds together, then the smallest squares. Of boxes of fits the one that promises
 * most is cut in two, until what it promises is what its middle gives; so nothing better is passed over.
 */
final readonly class FitFinder
{
    private const MOST_ROUNDS = 8;
    /** Where thousands of features fit alike everywhere, the best of so many is taken. */
    private const MOST_BOXES = 20_000;

    public static function find(Seen $before, Seen $after): Fit
    {
        $pairings = new Pairings($before->features, $after->features);
        $best = Fit::none();
        $places = static fn (int $side) => array_merge(...array_map(
            static fn (array $of) => array_map(static fn (Feature $each) => $each->at, $of[$side]), $pairings->kinds,
        ), ...[[]]);
        [$placesBefore, $placesAfter] = [$places(0), $places(1)];
        if ([] === $placesBefore || [] === $placesAfter) {
            return $best;
        }
        $all = FitBox::around($placesBefore, $placesAfter);
        /** @var \SplPriorityQueue<array{int, int}, FitBox> $open */
        $open = new \SplPriorityQueue();
        $open->setExtractFlags(\SplPriorityQueue::EXTR_BOTH);
        $open->insert($all, [\count($all->pairs($pairings)), 0]);
        for ($i = 1; !$open->isEmpty() && $i < self::MOST_BOXES; ++$i) {
            /** @var array{data: FitBox, priority: array{int, int}} $next */
            $next = $open->extract();
            if ($next['priority'][0] < \count($best->pairs)) {
                break;
            }
            [$box, $promised] = [$next['data'], $next['priority'][0]];
            if ($box->isSmall()) {
                $best = self::settled($box->centre(), $pairings, $best);
                $best = self::settled(Fit::over($box->pairs($pairings)), $pairings, $best);
                if ($box->isLeast() || $promised <= \count($best->pairs)) {
                    continue;
                }
            }
            foreach ($box->halves() as $half) {
                // Of those that promise as much the newest, so that a good fit is known soon.
                $open->insert($half, [\count($half->pairs($pairings)), $i]);
            }
        }

        return $best;
    }

    /** Pairs by the fit and fits by the pairs until both stay; the best of what was on the way. */
    private static function settled(Fit $fit, Pairings $pairings, Fit $best): Fit
    {
        $pairs = [];
        for ($round = 0; $round < self::MOST_ROUNDS; ++$round) {
            $found = $pairings->under($fit);
            if ($found === $pairs) {
                break;
            }
            $fit = Fit::over($pairs = $found);
            $best = $fit->isBetterThan($best) ? $fit : $best;
        }

        return $best;
    }
}
