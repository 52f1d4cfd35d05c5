<?php

declare(strict_types=1);

namespace Jurvex\Core\Sketch;

use Jurvex\Core\Measure\Length;
use Jurvex\Core\Run\Coverage;
use Jurvex\Core\Run\Sight;
use Jurvex\Core\Run\SightSpan;

/** What all runs together have seen of a property, pipe by pipe; where several passed, the best sight counts. */
final readonly class SeenMap
{
    private const HAIR_M = 0.005;
    private const BEST_FIRST = [Sight::Seen, Sight::Dim, Sight::Submerged];

    /** @var array<string, non-empty-list<SightSpan>> by pipe: from its upper to its lower end, without gaps or overlaps */
    public array $spans;

    /** @var array<string, list<string>> runs that saw something of it, by pipe */
    public array $by;

    /** @param list<MappedRun> $runs */
    public function __construct(private Sketch $sketch, array $runs)
    {
        $seen = $by = [];
        foreach ($runs as $run) {
            $way = $run->way($sketch);
            foreach (Coverage::of($run->record)->spans as $span) {
                // What the run did not reach says nothing of the map.
                foreach (Sight::Unreached === $span->sight ? [] : $way->within($span->from->metres, $span->to->metres) as $part) {
                    $seen[$part->pipe->id][] = new SightSpan(Length::metres($part->from), Length::metres($part->to), $span->sight);
                    $by[$part->pipe->id][$run->id] = $run->id;
                }
            }
        }
        $this->spans = array_map(static fn (Pipe $pipe) => self::united($pipe, $seen[$pipe->id] ?? []), $sketch->pipes);
        $this->by = array_map(array_values(...), $by);
    }

    /** Metres of a kind of sight over the whole property. */
    public function metres(Sight ...$sights): float
    {
        $metres = 0.0;
        foreach ($this->spans as $spans) {
            foreach ($spans as $span) {
                $metres += \in_array($span->sight, $sights, true) ? $span->lengthMetres() : 0.0;
            }
        }

        return $metres;
    }

    /** @return list<Gap> all that was not seen well, from the outlet's side of the map up */
    public function gaps(): array
    {
        $gaps = [];
        foreach ($this->spans as $id => $spans) {
            foreach ($spans as $span) {
                if (Sight::Seen !== $span->sight && $span->lengthMetres() > self::HAIR_M) {
                    $gaps[] = new Gap($this->sketch->pipes[$id], $span);
                }
            }
        }

        return $gaps;
    }

    /**
     * @param list<SightSpan> $seen
     *
     * @return non-empty-list<SightSpan>
     */
    private static function united(Pipe $pipe, array $seen): array
    {
        $length = $pipe->length->value;
        $cuts = [0.0, $length];
        foreach ($seen as $span) {
            array_push($cuts, min($length, $span->from->metres), min($length, $span->to->metres));
        }
        sort($cuts);
        $spans = [];
        for ($i = 1, $count = \count($cuts); $i < $count; ++$i) {
            if ($cuts[$i] - $cuts[$i - 1] <= self::HAIR_M / 10) {
                continue;
            }
            $from = Length::metres($cuts[$i - 1]);
            $to = Length::metres($cuts[$i]);
            $sight = self::best($seen, $from, $to);
            $last = end($spans);
            if (false !== $last && $last->sight === $sight) {
                array_pop($spans);
                $from = $last->from;
            }
            $spans[] = new SightSpan($from, $to, $sight);
        }

        return [] === $spans ? [new SightSpan(Length::metres(0), Length::metres($length), Sight::Unreached)] : $spans;
    }

    /** @param list<SightSpan> $seen */
    private static function best(array $seen, Length $from, Length $to): Sight
    {
        foreach (self::BEST_FIRST as $sight) {
            foreach ($seen as $span) {
                if ($span->sight === $sight && $span->sharedMetres($from, $to) > 0) {
                    return $sight;
                }
            }
        }

        return Sight::Unreached;
    }
}
