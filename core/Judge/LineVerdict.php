<?php

declare(strict_types=1);

namespace Jurvex\Core\Judge;

use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Run\Coverage;
use Jurvex\Core\Run\RunRecord;
use Jurvex\Core\Run\Sight;

/** The line's verdict, stretch by stretch: from the opening to a tie-in, from there to a transition, and so on to the main. */
final readonly class LineVerdict
{
    private const DIVIDERS = [Kind::TieIn, Kind::Transition, Kind::OpeningSeen, Kind::Tap];

    /** @param non-empty-list<Stretch> $stretches */
    private function __construct(public array $stretches, public Coverage $coverage)
    {
    }

    /** @param array<string, Judgement> $judgements by finding */
    public static function of(RunRecord $run, array $judgements): self
    {
        $coverage = Coverage::of($run);
        $cuts = self::cuts($run);
        $stretches = $within = [];
        $next = 0;
        for ($i = 1, $last = \count($cuts) - 1; $i <= $last; ++$i) {
            [$from, $starts] = $cuts[$i - 1];
            [$to, $ends] = $cuts[$i];
            $within = array_values(array_filter($within, static fn (Finding $finding) => $finding->end()->metres > $from->metres));
            // A point at the end of a stretch belongs to the next one; at the farthest point, to the one that ends there.
            $isFarthest = $i === $last || $to->metres >= $run->reached->metres;
            while (isset($run->findings[$next]) && ($isFarthest || $run->findings[$next]->from->metres < $to->metres)) {
                $within[] = $run->findings[$next++];
            }
            $stretches[] = self::stretch($starts, $from, $ends, $to, $within, $judgements, $coverage);
        }
        if ($coverage->openEnded) {
            $stretches[] = new Stretch('run_end', $run->reached, 'unknown', null, Verdict::NotFullySeen, [], 0.0, 0.0, null);
        }

        \assert([] !== $stretches);

        return new self($stretches, $coverage);
    }

    public function whole(): Verdict
    {
        return array_reduce(
            $this->stretches,
            static fn (Verdict $worst, Stretch $stretch) => $worst->worse($stretch->verdict),
            Verdict::Passes,
        );
    }

    /** @return non-empty-list<array{Length, string}> */
    private static function cuts(RunRecord $run): array
    {
        $cuts = [[Length::metres(0), 'zero']];
        foreach ($run->findings as $finding) {
            $place = $finding->from;
            if (\in_array($finding->kind, self::DIVIDERS, true)
                && $place->compareTo($cuts[\count($cuts) - 1][0]) > 0
                && $place->compareTo($run->reached) < 0
            ) {
                $cuts[] = [$place, $finding->kind->value];
            }
        }
        $cuts[] = [$run->reached, true === $run->ended?->isComplete() ? $run->ended->value : 'run_end'];
        if ($run->length()->compareTo($run->reached) > 0) {
            $cuts[] = [$run->length(), 'line_end'];
        }

        return $cuts;
    }

    /**
     * @param list<Finding> $findings
     * @param array<string, Judgement> $judgements
     */
    private static function stretch(
        string $starts, Length $from, string $ends, Length $to, array $findings, array $judgements, Coverage $coverage,
    ): Stretch {
        $submerged = $coverage->metresWithin(Sight::Submerged, $from, $to);
        $dim = $coverage->metresWithin(Sight::Dim, $from, $to);
        $unreached = $coverage->metresWithin(Sight::Unreached, $from, $to);
        $verdict = $submerged + $dim + $unreached > 0 ? Verdict::NotFullySeen : Verdict::Passes;
        $reasons = [];
        foreach ($findings as $finding) {
            $own = Verdict::on($judgements[$finding->id]);
            $reasons[$own->value][] = $finding->id;
            $verdict = $verdict->worse($own);
        }

        return new Stretch(
            $starts, $from, $ends, $to, $verdict, Verdict::Passes === $verdict ? [] : $reasons[$verdict->value] ?? [],
            $submerged, $dim, $unreached,
        );
    }
}
