<?php

declare(strict_types=1);

namespace Jurvex\Core\Mark;

/**
 * Heights of points of the ground from differences measured between them in any order: weighted least squares, each difference
 * by 1/error². What was measured twice or around a loop is shared out; what is not linked has no difference.
 */
final readonly class Levelling
{
    /** @var list<HeightStep> */
    private array $steps;

    /** @var array<string, int> which points hang together, by point */
    private array $islands;

    /** @var array<string, float> metres over the first point of its island */
    private array $heights;

    /** @var array<string, array<string, float>> in m², by two points of one island */
    private array $covariance;

    public function __construct(HeightStep ...$steps)
    {
        $this->steps = array_values(array_filter($steps, static fn (HeightStep $step) => $step->from !== $step->to));
        $this->islands = $this->islands();
        $heights = $covariance = [];
        foreach (array_unique($this->islands) as $island) {
            $points = array_map('strval', array_keys($this->islands, $island, true));
            $heights[$points[0]] = 0.0;
            $free = \array_slice($points, 1);
            $inverse = self::inverse($this->normal($free));
            $right = $this->right($free);
            foreach ($free as $i => $point) {
                $heights[$point] = array_sum(array_map(static fn (float $a, float $b) => $a * $b, $inverse[$i], $right));
                $covariance[$point] = array_combine($free, $inverse[$i]);
            }
        }
        $this->heights = $heights;
        $this->covariance = $covariance;
    }

    public function isLinked(string $one, string $other): bool
    {
        return isset($this->islands[$one], $this->islands[$other]) && $this->islands[$one] === $this->islands[$other];
    }

    /** @return ?float metres from one point up to another; none where nothing links them */
    public function up(string $one, string $other): ?float
    {
        return $this->isLinked($one, $other) ? $this->heights[$other] - $this->heights[$one] : null;
    }

    /** @return float of the difference between two linked points, in metres */
    public function error(string $one, string $other): float
    {
        $of = fn (string $a, string $b) => $this->covariance[$a][$b] ?? 0.0;

        return sqrt(max(0.0, $of($one, $one) + $of($other, $other) - 2 * $of($one, $other)));
    }

    /** @return float metres by which the differences contradict each other at the worst; nothing where none was measured twice */
    public function disagreement(): float
    {
        return max([0.0, ...array_map(
            fn (HeightStep $step) => abs($step->up - (float) $this->up($step->from, $step->to)), $this->steps,
        )]);
    }

    /** @return list<string> points on the shortest way from one to another, without the two; nothing where there is none */
    public function between(string $one, string $other): array
    {
        $from = [$one => ''];
        $open = [$one];
        while ([] !== $open && !isset($from[$other])) {
            $at = array_shift($open);
            foreach ($this->steps as $step) {
                foreach ([[$step->from, $step->to], [$step->to, $step->from]] as [$near, $far]) {
                    if ($near === $at && !isset($from[$far])) {
                        $from[$far] = $at;
                        $open[] = $far;
                    }
                }
            }
        }
        $way = [];
        for ($at = $from[$other] ?? ''; '' !== $at && $at !== $one; $at = $from[$at]) {
            $way[] = $at;
        }

        return array_reverse($way);
    }

    /** @return array<string, int> */
    private function islands(): array
    {
        $islands = [];
        foreach ($this->steps as $i => $step) {
            $joined = array_filter([$islands[$step->from] ?? null, $islands[$step->to] ?? null], static fn (?int $each) => null !== $each);
            $island = [] === $joined ? $i : min($joined);
            $islands[$step->from] = $islands[$step->to] = $island;
            foreach ($islands as $point => $of) {
                $islands[$point] = \in_array($of, $joined, true) ? $island : $of;
            }
        }

        return $islands;
    }

    /**
     * @param list<string> $free
     *
     * @return array<int, array<int, float>>
     */
    private function normal(array $free): array
    {
        $at = array_flip($free);
        $normal = array_fill(0, \count($free), array_fill(0, \count($free), 0.0));
        foreach ($this->steps as $step) {
            [$i, $j, $weight] = [$at[$step->from] ?? null, $at[$step->to] ?? null, 1 / $step->error ** 2];
            foreach ([[$i, $i, $weight], [$j, $j, $weight], [$i, $j, -$weight], [$j, $i, -$weight]] as [$row, $column, $value]) {
                if (null !== $row && null !== $column) {
                    $normal[$row][$column] += $value;
                }
            }
        }

        return $normal;
    }

    /**
     * @param list<string> $free
     *
     * @return list<float>
     */
    private function right(array $free): array
    {
        $right = array_fill_keys($free, 0.0);
        foreach ($this->steps as $step) {
            $pull = $step->up / $step->error ** 2;
            isset($right[$step->from]) && $right[$step->from] -= $pull;
            isset($right[$step->to]) && $right[$step->to] += $pull;
        }

        return array_values($right);
    }

    /**
     * By Gauss and Jordan; what hangs together makes it positive definite, so that no row need be changed for another.
     *
     * @param array<int, array<int, float>> $matrix
     *
     * @return array<int, array<int, float>>
     */
    private static function inverse(array $matrix): array
    {
        $size = \count($matrix);
        $inverse = [];
        for ($i = 0; $i < $size; ++$i) {
            $inverse[$i] = array_fill(0, $size, 0.0);
            $inverse[$i][$i] = 1.0;
        }
        for ($pivot = 0; $pivot < $size; ++$pivot) {
            $by = $matrix[$pivot][$pivot];
            for ($j = 0; $j < $size; ++$j) {
                $matrix[$pivot][$j] /= $by;
                $inverse[$pivot][$j] /= $by;
            }
            for ($i = 0; $i < $size; ++$i) {
                $factor = $i === $pivot ? 0.0 : $matrix[$i][$pivot];
                for ($j = 0; $j < $size; ++$j) {
                    $matrix[$i][$j] -= $factor * $matrix[$pivot][$j];
                    $inverse[$i][$j] -= $factor * $inverse[$pivot][$j];
                }
            }
        }

        return $inverse;
    }
}
