<?php

declare(strict_types=1);

namespace Jurvex\Core\LineMap;

use Jurvex\Core\Input\BadInput;

/** Segments that run down to one outlet: every node has one way down, and none comes back to where it was. */
final readonly class Tree
{
    /** @var array<string, Segment> by their upper node */
    private array $down;

    /** @var array<string, list<Segment>> by their lower node */
    private array $up;

    /**
     * @param non-empty-list<Segment> $segments
     *
     * @throws BadInput not_a_tree for two ways down, a loop or an orphan; unknown_value for an identifier twice
     */
    public function __construct(public array $segments, string $at = 'segments')
    {
        $down = $up = $ids = [];
        foreach ($segments as $i => $segment) {
            if (isset($ids[$segment->id])) {
                throw new BadInput('unknown_value', $at.'.'.$i.'.id');
            }
            if (isset($down[$segment->from]) || $segment->from === $segment->to) {
                throw new BadInput('not_a_tree', $at.'.'.$i);
            }
            $ids[$segment->id] = true;
            $down[$segment->from] = $segment;
            $up[$segment->to][] = $segment;
        }
        $this->down = $down;
        $this->up = $up;
        $this->refuseLoopsAndOrphans($at);
    }

    public function has(string $node): bool
    {
        return isset($this->down[$node]) || isset($this->up[$node]);
    }

    public function below(string $node): ?Segment
    {
        return $this->down[$node] ?? null;
    }

    /** @return list<Segment> that enter a node from above */
    public function above(string $node): array
    {
        return $this->up[$node] ?? [];
    }

    /** @return array<string, true> the segments on a node's way to the outlet, by identifier */
    public function wayDown(string $node): array
    {
        $way = [];
        while (null !== $segment = $this->below($node)) {
            $way[$segment->id] = true;
            $node = $segment->to;
        }

        return $way;
    }

    private function refuseLoopsAndOrphans(string $at): void
    {
        $outlets = array_values(array_diff(array_keys($this->up), array_keys($this->down)));
        if (1 !== \count($outlets)) {
            throw new BadInput('not_a_tree', $at);
        }
        // One outlet and one way down from every node: what the outlet cannot see upstream goes in a circle.
        $seen = 0;
        $nodes = [$outlets[0]];
        while ([] !== $nodes) {
            foreach ($this->above((string) array_pop($nodes)) as $segment) {
                ++$seen;
                $nodes[] = $segment->from;
            }
        }
        if ($seen !== \count($this->segments)) {
            throw new BadInput('not_a_tree', $at);
        }
    }
}
