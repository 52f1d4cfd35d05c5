<?php

declare(strict_types=1);

namespace Jurvex\Core\Mend;

/**
 * Works that may begin with each repair. Repairs are ranked by their ends, so that how far a work goes is one number; a point on
 * a cut counts to the piece after it and ranks behind what ends there, so that digging and renewing are told by one rank.
 */
final class Openings
{
    /** @var list<int> rank of each repair's end, from 1 on */
    public readonly array $ranks;

    /** @var list<float> where the piece of each repair ends */
    private readonly array $pieceEnds;

    /** @var array<string, array<int, int>> rank of the last end that a work covers which goes to the end of a repair, by method */
    private array $reaches = [];

    /** @param non-empty-list<Repair> $repairs by their starts */
    public function __construct(private readonly array $repairs, private readonly Line $line, private readonly PriceBook $prices)
    {
        $this->pieceEnds = array_map(static fn (Repair $repair) => $line->piece($repair)[1], $repairs);
        $keys = [];
        foreach ($repairs as $i => $repair) {
            $keys[] = [$repair->to, $this->pieceEnds[$i]];
        }
        $sorted = $keys;
        usort($sorted, static fn (array $a, array $b) => $a <=> $b);
        $ranks = [];
        foreach ($keys as $key) {
            $ranks[] = 1 + \count(array_filter($sorted, static fn (array $other) => ($other <=> $key) < 0));
        }
        $this->ranks = $ranks;
    }

    public function mends(Opening $work, int $repair): bool
    {
        return $work->first <= $repair && $this->ranks[$repair] <= $work->reach && (!$work->lines || $this->repairs[$repair]->canLine);
    }

    /**
     * @param list<Method> $methods
     *
     * @return list<Opening> that mend a repair and begin with it; none that another one beats
     */
    public function with(int $first, array $methods): array
    {
        $openings = [];
        foreach ($methods as $method) {
            $lines = Method::Liner === $method;
            if ($lines && !$this->repairs[$first]->canLine) {
                continue;
            }
            foreach ($this->lasts($method, $first) as $reach => $last) {
                $work = Work::over([$this->repairs[$first], $this->repairs[$last]], $method, $this->line, $this->prices);
                $openings[] = new Opening($method, $first, $lines, $reach, $work->price->weight());
            }
        }
        usort($openings, static fn (Opening $a, Opening $b) => $a->weight <=> $b->weight);
        $best = [];
        $farthest = [0 => 0, 1 => 0];
        foreach ($openings as $opening) {
            if ($opening->reach > $farthest[(int) $opening->lines]) {
                $farthest[(int) $opening->lines] = $opening->reach;
                $best[] = $opening;
            }
        }

        return $best;
    }

    /** @return array<int, int> repairs to whose ends a work goes, by the rank that it covers then */
    private function lasts(Method $method, int $first): array
    {
        $lasts = [];
        for ($i = $first, $count = \count($this->repairs); $i < $count; ++$i) {
            $isFarEnough = $this->repairs[$i]->to >= $this->repairs[$first]->to && $this->pieceEnds[$i] >= $this->pieceEnds[$first];
            if ($isFarEnough && (Method::Liner !== $method || $this->repairs[$i]->canLine)) {
                $lasts[$this->reach($method, $i)] ??= $i;
            }
        }

        return $lasts;
    }

    /** Rank of the last end that a work covers which goes to the end of a repair. */
    private function reach(Method $method, int $last): int
    {
        if (isset($this->reaches[$method->value][$last])) {
            return $this->reaches[$method->value][$last];
        }
        $reach = 0;
        foreach ($this->repairs as $i => $repair) {
            $isCovered = Method::Renew === $method
                ? $this->pieceEnds[$i] <= $this->pieceEnds[$last] : $repair->to <= $this->repairs[$last]->to;
            $reach = $isCovered ? max($reach, $this->ranks[$i]) : $reach;
        }

        return $this->reaches[$method->value][$last] = $reach;
    }
}
