<?php

declare(strict_types=1);

namespace Jurvex\Core\Judge;

use Jurvex\Core\Measure\Length;
use Jurvex\Core\Run\Boundary;
use Jurvex\Core\Run\Division;
use Jurvex\Core\Run\Sight;
use Jurvex\Core\Run\SightSpan;

/** A line cut into stretches, each with its verdict. */
final class Stretches
{
    /**
     * @param non-empty-list<Division> $divisions by place; the first is where the line begins, the last where it ends
     * @param list<PlacedVerdict> $found by place
     * @param list<SightSpan> $unseen what was not seen well, without overlaps
     * @param Length $farthest how far anybody has been: what was found there belongs to the stretch that ends there
     * @param bool $isOpenEnded whether the line goes on beyond the last division, nobody knows how far
     *
     * @return list<Stretch>
     */
    public static function between(array $divisions, array $found, array $unseen, Length $farthest, bool $isOpenEnded): array
    {
        $stretches = $within = [];
        $next = 0;
        for ($i = 1, $last = \count($divisions) - 1; $i <= $last; ++$i) {
            [$starts, $ends] = [$divisions[$i - 1], $divisions[$i]];
            $within = array_values(array_filter($within, static fn (PlacedVerdict $each) => $each->to->metres > $starts->at->metres));
            $isFarthest = $i === $last || $ends->at->metres >= $farthest->metres;
            while (isset($found[$next]) && ($isFarthest || $found[$next]->from->metres < $ends->at->metres)) {
                $within[] = $found[$next++];
            }
            $stretches[] = self::stretch($starts, $ends, $within, $unseen);
        }
        if ($isOpenEnded) {
            $end = $divisions[\count($divisions) - 1]->at;
            $stretches[] = new Stretch(
                new Division($end, Boundary::RunEnd), Boundary::Unknown, null, Verdict::NotFullySeen, [], 0.0, 0.0, null,
            );
        }

        return $stretches;
    }

    /**
     * @param list<PlacedVerdict> $within
     * @param list<SightSpan> $unseen
     */
    private static function stretch(Division $starts, Division $ends, array $within, array $unseen): Stretch
    {
        $metres = array_fill_keys(array_column(Sight::cases(), 'value'), 0.0);
        foreach ($unseen as $span) {
            $metres[$span->sight->value] += $span->sharedMetres($starts->at, $ends->at);
        }
        $verdict = array_sum($metres) > 0 ? Verdict::NotFullySeen : Verdict::Passes;
        $because = [];
        foreach ($within as $each) {
            $because[$each->verdict->value][] = $each->finding;
            $verdict = $verdict->worse($each->verdict);
        }

        return new Stretch(
            $starts, $ends->boundary, $ends->at, $verdict, Verdict::Passes === $verdict ? [] : $because[$verdict->value] ?? [],
            $metres[Sight::Submerged->value], $metres[Sight::Dim->value], $metres[Sight::Unreached->value],
        );
    }
}
