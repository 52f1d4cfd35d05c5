<?php

declare(strict_types=1);

namespace Jurvex\Core\Sketch;

use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;
use Jurvex\Core\LineMap\Tree;

/**
 * The line map of a property: a tree of pipes that run down to one outlet, with how each value is known.
 * Immutable; every change gives a new one, or is refused with what is wrong.
 */
final class Sketch
{
    /** @var array<string, Node> */
    public readonly array $nodes;

    /** @var array<string, Pipe> */
    public readonly array $pipes;

    /** @var array<string, Pipe> by their upper node */
    private readonly array $below;

    /** @var array<string, list<Pipe>> by their lower node */
    private readonly array $above;

    public readonly Node $outlet;

    private ?Tree $tree = null;

    /**
     * @param list<Node> $nodes
     * @param list<Pipe> $pipes
     *
     * @throws BadInput not_a_tree with `why` (two_ways_down, outlet_runs_on, loop, orphan, no_outlet, two_outlets); twice for an
     *                  identifier; no_such_place for a node that is not there
     */
    public function __construct(array $nodes, array $pipes)
    {
        $this->nodes = self::byId($nodes);
        $outlets = array_values(array_filter($this->nodes, static fn (Node $node) => NodeKind::Outlet === $node->kind));
        $this->outlet = $outlets[0] ?? throw new BadInput('not_a_tree', 'nodes', ['why' => 'no_outlet']);
        $pipesById = $below = $above = [];
        foreach ($pipes as $i => $pipe) {
            $this->refuseUnfit($pipe, $i, isset($pipesById[$pipe->id]), isset($below[$pipe->from]));
            $pipesById[$pipe->id] = $below[$pipe->from] = $pipe;
            $above[$pipe->to][] = $pipe;
        }
        $this->pipes = $pipesById;
        $this->below = $below;
        $this->above = $above;
        $this->refuseLoopsAndOrphans();
    }

    /**
     * @param list<Node> $nodes
     *
     * @return array<string, Node>
     */
    private static function byId(array $nodes): array
    {
        $byId = [];
        $hasOutlet = false;
        foreach ($nodes as $i => $node) {
            if (isset($byId[$node->id])) {
                throw new BadInput('twice', 'nodes.'.$i.'.id', ['name' => $node->id]);
            }
            $isOutlet = NodeKind::Outlet === $node->kind;
            if ($hasOutlet && $isOutlet) {
                throw self::notATree('nodes.'.$i, 'two_outlets', $node);
            }
            $hasOutlet = $hasOutlet || $isOutlet;
            $byId[$node->id] = $node;
        }

        return $byId;
    }

    private function refuseUnfit(Pipe $pipe, int $i, bool $isTwice, bool $isSecondWayDown): void
    {
        foreach (['from' => $pipe->from, 'to' => $pipe->to] as $end => $node) {
            if (!isset($this->nodes[$node])) {
                throw new BadInput('no_such_place', 'pipes.'.$i.'.'.$end, ['name' => $node]);
            }
        }
        if ($isTwice || isset($this->nodes[$pipe->id])) {
            throw new BadInput('twice', 'pipes.'.$i.'.id', ['name' => $pipe->id]);
        }
        if ($isSecondWayDown) {
            throw self::notATree('pipes.'.$i, 'two_ways_down', $this->nodes[$pipe->from]);
        }
        if (NodeKind::Outlet === $this->nodes[$pipe->from]->kind) {
            throw self::notATree('pipes.'.$i, 'outlet_runs_on', $this->nodes[$pipe->from]);
        }
    }

    public static function bare(): self
    {
        return new self([Node::outlet('main')], []);
    }

    /** @throws BadInput */
    public static function read(Input $input): self
    {
        return new self(array_map(Node::read(...), $input->objects('nodes')), array_map(Pipe::read(...), $input->objects('pipes')));
    }

    /** @return array{nodes: list<array<string, mixed>>, pipes: list<array<string, mixed>>} */
    public function plain(): array
    {
        return [
            'nodes' => array_values(array_map(static fn (Node $node) => $node->plain(), $this->nodes)),
            'pipes' => array_values(array_map(static fn (Pipe $pipe) => $pipe->plain(), $this->pipes)),
        ];
    }

    /** @return ?Tree none while there is no pipe */
    public function tree(): ?Tree
    {
        if (null === $this->tree && [] !== $this->pipes) {
            $this->tree = new Tree(array_values(array_map(static fn (Pipe $pipe) => $pipe->segment(), $this->pipes)), 'pipes');
        }

        return $this->tree;
    }

    public function isBlank(): bool
    {
        return [] === $this->pipes;
    }

    public function has(string $id): bool
    {
        return isset($this->nodes[$id]) || isset($this->pipes[$id]);
    }

    public function below(string $node): ?Pipe
    {
        return $this->below[$node] ?? null;
    }

    /** @return list<Pipe> */
    public function above(string $node): array
    {
        return $this->above[$node] ?? [];
    }

    /** @return list<Pipe> from a node down to the outlet */
    public function wayDown(string $node): array
    {
        $way = [];
        for ($pipe = $this->below($node); null !== $pipe; $pipe = $this->below($pipe->to)) {
            $way[] = $pipe;
        }

        return $way;
    }

    /**
     * Where a pipe lies from a node: metres to its near and its far end, and whether it is down the line, up the line,
     * or across a junction.
     */
    public function apart(string $node, string $pipeId): Apart
    {
        $pipe = $this->pipes[$pipeId] ?? throw new BadInput('no_such_place', 'at', ['name' => $pipeId]);
        $length = $pipe->length->value;
        $down = [$node => 0.0];
        foreach ($this->wayDown($node) as $on) {
            if ($on === $pipe) {
                return new Apart($down[$on->from], $down[$on->from] + $length, Lies::Down);
            }
            $down[$on->to] = $down[$on->from] + $on->length->value;
        }
        $up = 0.0;
        $meet = $pipe->to;
        while (!isset($down[$meet]) && null !== $on = $this->below($meet)) {
            $up += $on->length->value;
            $meet = $on->to;
        }
        $near = $up + ($down[$meet] ?? 0.0);

        return new Apart($near, $near + $length, $meet === $node ? Lies::Up : Lies::Across);
    }

    /** @return list<Node> fixtures and openings */
    public function places(): array
    {
        return array_values(array_filter($this->nodes, static fn (Node $node) => $node->isPlace()));
    }

    /** @return array<string, Node> */
    public function openings(): array
    {
        return array_filter($this->nodes, static fn (Node $node) => NodeKind::Opening === $node->kind);
    }

    /** Adding to it and taking away from it. */
    public function redraw(): Redraw
    {
        return new Redraw($this);
    }

    /** @throws BadInput */
    public function withNode(Node $node): self
    {
        if (!isset($this->nodes[$node->id])) {
            throw new BadInput('no_such_place', 'at', ['name' => $node->id]);
        }

        $nodes = $this->nodes;
        $nodes[$node->id] = $node;

        return new self(array_values($nodes), array_values($this->pipes));
    }

    /** @throws BadInput not_a_tree when it would run into what is upstream of it */
    public function withPipe(Pipe $pipe): self
    {
        if (!isset($this->pipes[$pipe->id])) {
            throw new BadInput('no_such_place', 'at', ['name' => $pipe->id]);
        }

        return new self(array_values($this->nodes), array_values($this->replaced($pipe)));
    }

    /** @return array<string, Pipe> */
    private function replaced(Pipe $pipe): array
    {
        $pipes = $this->pipes;
        $pipes[$pipe->id] = $pipe;

        return $pipes;
    }

    private function refuseLoopsAndOrphans(): void
    {
        $seen = [$this->outlet->id => true];
        $open = [$this->outlet->id];
        while ([] !== $open) {
            foreach ($this->above(array_pop($open)) as $pipe) {
                $seen[$pipe->from] = true;
                $open[] = $pipe->from;
            }
        }
        $lost = array_diff_key($this->nodes, $seen);
        if ([] === $lost) {
            return;
        }
        foreach (array_keys($this->nodes) as $i => $id) {
            // What has a way down and still does not come to the outlet goes in a circle.
            if (isset($lost[$id]) && null === $this->below((string) $id)) {
                throw self::notATree('nodes.'.$i, 'orphan', $lost[$id]);
            }
        }
        // Down from anywhere that is lost: the first node that comes again is on the circle.
        $passed = [];
        $node = array_key_first($lost);
        while (!isset($passed[$node])) {
            $passed[$node] = true;
            $pipe = $this->below((string) $node) ?? throw new \LogicException('A lost node without a way down is an orphan.');
            $node = $pipe->to;
        }
        $around = $this->below((string) $node)->id ?? '';
        throw self::notATree(
            'pipes.'.(int) array_search($around, array_map('strval', array_keys($this->pipes)), true),
            'loop',
            $lost[$node],
        );
    }

    private static function notATree(string $at, string $why, Node $node): BadInput
    {
        return new BadInput('not_a_tree', $at, ['why' => $why, 'name' => '' === $node->name ? $node->id : $node->name]);
    }
}
