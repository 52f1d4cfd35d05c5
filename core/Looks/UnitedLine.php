<?php

declare(strict_types=1);

namespace Jurvex\Core\Looks;

use Jurvex\Core\Run\Sight;

/**
 * All looks at a property as one record. A finding stands until a later look saw the whole of its place well and did not
 * find it; the same thing seen again is one thing with its sightings; of each place the best sight of any look counts.
 */
final readonly class UnitedLine
{
    public const SAME_PLACE_M = 0.5;
    /** Places are typed to the centimetre: a hair over the limit is still the same place. */
    private const HAIR = 1e-9;
    private const BEST_FIRST = [Sight::Seen, Sight::Dim, Sight::Submerged];

    /** @var list<UnitedFinding> by pipe, start and first sighting; what is gone among them */
    public array $findings;

    /** @var list<SeenSpan> by pipe and start, without overlaps; what nobody saw left out */
    public array $coverage;

    /**
     * @param list<Look> $looks in any order
     * @param float $samePlace metres up to which two extents are the same place
     */
    public function __construct(array $looks, private float $samePlace = self::SAME_PLACE_M)
    {
        usort($looks, static fn (Look $a, Look $b) => $a->at <=> $b->at ?: strcmp($a->id, $b->id));
        $things = array_reduce($looks, $this->after(...), []);
        $pipes = $starts = $firsts = [];
        foreach ($things as $thing) {
            $pipes[] = $thing->newest->pipe;
            $starts[] = $thing->newest->from;
            $firsts[] = $thing->sightings[0];
        }
        array_multisort($pipes, \SORT_STRING, $starts, \SORT_NUMERIC, $firsts, \SORT_STRING, $things);
        $this->findings = $things;
        $this->coverage = self::united(array_merge(...array_map(static fn (Look $look) => $look->spans, $looks), ...[[]]));
    }

    /**
     * @param list<UnitedFinding> $things what is known before the look
     *
     * @return list<UnitedFinding>
     */
    private function after(array $things, Look $look): array
    {
        $joined = $this->joined($things, $look->findings);
        $clear = self::united(array_values(array_filter($look->spans, static fn (SeenSpan $span) => Sight::Seen === $span->sight)));
        foreach ($things as $i => $thing) {
            if (isset($joined[$i])) {
                $things[$i] = $thing->seenAgain($look->findings[$joined[$i]]);
            } elseif ($thing->isThere() && self::isWithin($thing->newest, $clear)) {
                $things[$i] = $thing->gone($look->id);
            }
        }
        foreach (array_diff_key($look->findings, array_flip($joined)) as $placed) {
            $things[] = UnitedFinding::firstSeen($placed);
        }

        return $things;
    }

    /**
     * The nearest first, then the smallest difference of starts; each once.
     *
     * @param list<UnitedFinding> $things
     * @param list<PlacedFinding> $findings
     *
     * @return array<int, int> which finding is which thing, by thing
     */
    private function joined(array $things, array $findings): array
    {
        $alike = [];
        foreach ($findings as $j => $placed) {
            foreach ($placed->troubles as $trouble) {
                $alike[$trouble][$j] = $placed;
            }
        }
        $pairs = [];
        $near = $this->samePlace + self::HAIR;
        foreach ($things as $i => $thing) {
            foreach ($thing->newest->troubles as $trouble) {
                foreach ($alike[$trouble] ?? [] as $j => $placed) {
                    $gap = $thing->newest->gapTo($placed);
                    if ($gap <= $near) {
                        // What is beside a pipe is met twice, once on either.
                        $pairs[$i.' '.$j] = [round($gap, 9), round($thing->newest->startsApart($placed), 9), $i, $j];
                    }
                }
            }
        }
        sort($pairs);
        $of = $taken = [];
        foreach ($pairs as [, , $i, $j]) {
            if (!isset($of[$i]) && !isset($taken[$j])) {
                $of[$i] = $j;
                $taken[$j] = true;
            }
        }

        return $of;
    }

    /** @param list<SeenSpan> $clear without overlaps, spans that touch made one */
    private static function isWithin(PlacedFinding $placed, array $clear): bool
    {
        foreach ($clear as $span) {
            if ($span->lies($placed->pipe)
                && $placed->from >= $span->from - self::HAIR
                && $placed->to <= $span->to + self::HAIR
            ) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param list<SeenSpan> $spans
     *
     * @return list<SeenSpan> of each place the best sight; pieces of one sight that touch made one
     */
    private static function united(array $spans): array
    {
        $byPipe = [];
        foreach ($spans as $span) {
            $byPipe[$span->pipe][] = $span;
        }
        ksort($byPipe, \SORT_STRING);
        $united = [];
        foreach ($byPipe as $pipe => $seen) {
            $cuts = [];
            foreach ($seen as $span) {
                array_push($cuts, $span->from, $span->to);
            }
            sort($cuts);
            foreach ($cuts as $i => $to) {
                $from = $cuts[$i - 1] ?? $to;
                $sight = $to > $from ? self::best($seen, $from, $to) : null;
                if (null === $sight) {
                    continue;
                }
                $last = end($united);
                if (false !== $last && $last->lies((string) $pipe) && $last->sight === $sight && $last->to >= $from) {
                    array_pop($united);
                    $from = $last->from;
                }
                $united[] = new SeenSpan((string) $pipe, $from, $to, $sight);
            }
        }

        return $united;
    }

    /**
     * How well a stretch without cuts in it was seen by anybody.
     *
     * @param list<SeenSpan> $seen of its pipe
     */
    private static function best(array $seen, float $from, float $to): ?Sight
    {
        foreach (self::BEST_FIRST as $sight) {
            foreach ($seen as $span) {
                if ($span->sight === $sight && $span->from <= $from && $span->to >= $to) {
                    return $sight;
                }
            }
        }

        return null;
    }
}
