<?php

declare(strict_types=1);

namespace Jurvex\Core\Triage;

use Jurvex\Core\LineMap\Tree;

/**
 * Makes the checks of a drain system from its points: a stoppage is felt by everything upstream of it, first and worst
 * by the lowest fixture; what is not upstream drains.
 */
final readonly class Checks
{
    /** @var array<string, array<string, true>> way to the outlet by point */
    private array $ways;

    /** @var array<string, Point> the lowest fixture upstream, by segment */
    private array $lowest;

    /** @param list<Point> $points */
    public function __construct(Tree $tree, private array $points, private Tables $tables)
    {
        $ways = $lowest = [];
        foreach ($points as $point) {
            $ways[$point->id] = $tree->wayDown($point->node);
            if (!$point->isFixture()) {
                continue;
            }
            foreach ($ways[$point->id] as $segment => $_) {
                $other = $lowest[$segment] ?? null;
                if (null === $other || [$point->level, $point->id] < [$other->level, $other->id]) {
                    $lowest[$segment] = $point;
                }
            }
        }
        $this->ways = $ways;
        $this->lowest = $lowest;
    }

    /** @return list<Check> to look at each point */
    public function looks(): array
    {
        return array_map($this->look(...), $this->points);
    }

    /**
     * The tests that could be made and tell something new: for each pair of lines one, with the place that stands lowest to watch.
     *
     * @param array<string, true> $unfit points that are not to be run, such as fixtures that back up already
     *
     * @return list<MadeTest>
     */
    public function possibleTests(array $unfit): array
    {
        $points = $this->points;
        usort($points, static fn (Point $a, Point $b) => [$a->level ?? 0.0, $a->id] <=> [$b->level ?? 0.0, $b->id]);
        $tests = [];
        foreach ($points as $run) {
            if (!$run->isFixture() || isset($unfit[$run->id])) {
                continue;
            }
            foreach ($points as $watched) {
                if ($watched === $run) {
                    continue;
                }
                $common = array_key_first(array_intersect_key($this->ways[$run->id], $this->ways[$watched->id]));
                $between = $watched->isFixture() ? '' : array_key_first($this->ways[$run->id]).'>'.$watched->id;
                $tests[$common.'|'.$between] ??= new MadeTest($run, $watched);
            }
        }

        return array_values($tests);
    }

    public function test(MadeTest $test): Check
    {
        $rows = $this->tables->rows;
        $run = $this->ways[$test->run->id];
        $watched = $this->ways[$test->watched->id];
        $common = array_intersect_key($run, $watched);
        if ($test->watched->isFixture()) {
            return new Check($test->id, $test->seen, [[$common, $rows['test_common']]], $rows['test_elsewhere']);
        }
        // On its way down the water comes past an opening only when all of the opening's way down is also its own.
        if (\count($common) !== \count($watched)) {
            return new Check(
                $test->id,
                $test->seen,
                [[$common, self::withoutPassing($rows['test_common'])]],
                self::withoutPassing($rows['test_elsewhere']),
            );
        }

        return new Check(
            $test->id,
            $test->seen,
            [[$common, $rows['passing_common']], [array_diff_key($run, $common), $rows['passing_between']]],
            $rows['passing_elsewhere'],
        );
    }

    private function look(Point $point): Check
    {
        $rows = $this->tables->rows;
        $way = $this->ways[$point->id];
        if (!$point->isFixture()) {
            return new Check($point->id, $point->seen, [[$way, $rows['opening_upstream']]], $rows['opening_elsewhere']);
        }
        $first = array_filter($way, fn (string|int $segment) => ($this->lowest[$segment] ?? null) === $point, \ARRAY_FILTER_USE_KEY);

        return new Check(
            $point->id,
            $point->seen,
            [[$first, $rows['lowest']], [array_diff_key($way, $first), $rows['upstream']]],
            $rows['elsewhere'],
        );
    }

    /**
     * Water that is not expected to come by: seen all the same it says that the map is wrong, not where the stoppage is.
     *
     * @param array<string, float> $row
     *
     * @return array<string, float>
     */
    private static function withoutPassing(array $row): array
    {
        $rare = 0.01;

        return ['rises' => $row['rises'] * (1 - $rare), 'runs_by' => $rare, 'nothing' => $row['nothing'] * (1 - $rare)];
    }
}
