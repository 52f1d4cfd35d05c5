<?php

declare(strict_types=1);

namespace Jurvex\Core\Sketch;

use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;
use Jurvex\Core\LineMap\Access;
use Jurvex\Core\LineMap\Drains;
use Jurvex\Core\LineMap\Tree;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Triage\Point;
use Jurvex\Core\Triage\Tables;

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
     * @throws BadInput not_a_tree with `why` (two_ways_down, outlet_runs_on, loop, orphan, no_outlet, two_outlets); unknown_value for an identifier twice or a node that is not there
     */
    public function __construct(array $nodes, array $pipes)
    {
        $byId = $pipesById = $below = $above = [];
        $outlet = null;
        foreach ($nodes as $i => $node) {
            if (isset($byId[$node->id])) {
                throw new BadInput('twice', 'nodes.'.$i.'.id', ['name' => $node->id]);
            }
            if (NodeKind::Outlet === $node->kind) {
                $outlet = null === $outlet ? $node : throw self::notATree('nodes.'.$i, 'two_outlets', $node);
            }
            $byId[$node->id] = $node;
        }
        foreach ($pipes as $i => $pipe) {
            foreach (['from', 'to'] as $end) {
                if (!isset($byId[$pipe->{$end}])) {
                    throw new BadInput('no_such_place', 'pipes.'.$i.'.'.$end, ['name' => $pipe->{$end}]);
                }
            }
            if (isset($pipesById[$pipe->id]) || isset($byId[$pipe->id])) {
                throw new BadInput('twice', 'pipes.'.$i.'.id', ['name' => $pipe->id]);
            }
            if (isset($below[$pipe->from])) {
                throw self::notATree('pipes.'.$i, 'two_ways_down', $byId[$pipe->from]);
            }
            if (NodeKind::Outlet === $byId[$pipe->from]->kind) {
                throw self::notATree('pipes.'.$i, 'outlet_runs_on', $byId[$pipe->from]);
            }
            $pipesById[$pipe->id] = $below[$pipe->from] = $pipe;
            $above[$pipe->to][] = $pipe;
        }
        $this->outlet = $outlet ?? throw new BadInput('not_a_tree', 'nodes', ['why' => 'no_outlet']);
        $this->nodes = $byId;
        $this->pipes = $pipesById;
        $this->below = $below;
        $this->above = $above;
        $this->refuseLoopsAndOrphans();
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
     *
     * @return array{near: float, far: float, way: string}
     */
    public function apart(string $node, string $pipeId): array
    {
        $pipe = $this->pipes[$pipeId] ?? throw new BadInput('no_such_place', 'at', ['name' => $pipeId]);
        $length = $pipe->length->value;
        $down = [$node => 0.0];
        foreach ($this->wayDown($node) as $on) {
            if ($on === $pipe) {
                return ['near' => $down[$on->from], 'far' => $down[$on->from] + $length, 'way' => 'down'];
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

        return ['near' => $near, 'far' => $near + $length, 'way' => $meet === $node ? 'up' : 'across'];
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

    /**
     * Adds a fixture at a node or along a pipe, with a pipe of its own.
     *
     * @param string $at     the node that it runs into, or the pipe
     * @param float  $up     metres from the pipe's lower end
     * @param string $joinId for the junction that is made where it meets a pipe; its upper part takes `joinId` with a plus
     *
     * @throws BadInput
     */
    public function withFixture(Node $fixture, Pipe $own, string $at, float $up, string $joinId): self
    {
        if ($this->has($fixture->id)) {
            return $this;
        }
        $base = $this;
        $target = $this->nodes[$at] ?? null;
        if (null !== $target && NodeKind::Fixture === $target->kind) {
            // Nothing runs through a fixture: what is added there joins its pipe.
            $pipe = $this->below($at) ?? throw new BadInput('no_such_place', 'at', ['name' => $at]);
            [$target, $at, $up] = [null, $pipe->id, $pipe->length->value / 2];
        }
        if (null === $target) {
            $base = $this->split($at, $up, Node::junction($joinId));
            $at = $joinId;
        }
        $joins = [] === $base->above($at) ? Joins::Straight : (Joins::Straight === $own->joins ? Joins::Wye : $own->joins);

        return new self([...array_values($base->nodes), $fixture], [
            ...array_values($base->pipes),
            $own->with(from: $fixture->id, to: $at, joins: $joins),
        ]);
    }

    /**
     * Puts an opening, a trap or a junction into a pipe.
     *
     * @param float $up metres from the pipe's lower end
     *
     * @throws BadInput no_such_place; out_of_range when it would lie outside the pipe
     */
    public function split(string $pipeId, float $up, Node $node): self
    {
        if ($this->has($node->id)) {
            return $this;
        }
        $pipe = $this->pipes[$pipeId] ?? throw new BadInput('no_such_place', 'at', ['name' => $pipeId]);
        $length = $pipe->length->value;
        if ($up < 0 || $up > $length) {
            throw BadInput::outOfRange('up', 0, $length);
        }
        $cut = $length - $up;
        $upper = $pipe->with(
            length: new Known($cut, $pipe->length->source), to: $node->id, joins: Joins::Straight,
            tied: Source::Guessed, proof: '',
            bends: array_values(array_filter($pipe->bends, static fn (PipeBend $bend) => $bend->at <= $cut)),
        );
        $lower = $pipe->with(
            id: $node->id.'+',
            from: $node->id,
            length: new Known($up, $pipe->length->source),
            bends: array_map(
                static fn (PipeBend $bend) => $bend->movedBy(-$cut, $up),
                array_values(array_filter($pipe->bends, static fn (PipeBend $bend) => $bend->at > $cut)),
            ),
        );

        return new self([...array_values($this->nodes), $node], [...array_values($this->replaced($upper)), $lower]);
    }

    /** Puts an opening at the end of a new pipe, where there is no line to put it into. */
    public function withEnd(Node $node, Pipe $own, string $to): self
    {
        $joins = [] === $this->above($to) ? Joins::Straight : Joins::Wye;

        return $this->has($node->id)
            ? $this
            : new self([...array_values($this->nodes), $node], [
                ...array_values($this->pipes),
                $own->with(from: $node->id, to: $to, joins: $joins),
            ]);
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

    /** A fixture was run and its water seen at an opening below it: every tie-in on the way between them is proved. */
    public function withWaterSeen(Node $fixture, Node $opening): self
    {
        $proved = [];
        $arrives = false;
        foreach ($this->wayDown($fixture->id) as $pipe) {
            if (Joins::Straight !== $pipe->joins && Source::Proved !== $pipe->tied) {
                $proved[] = $pipe;
            }
            if ($pipe->to === $opening->id) {
                $arrives = true;
                break;
            }
        }

        return array_reduce(
            $arrives ? $proved : [],
            static fn (self $sketch, Pipe $pipe) => $sketch->withPipe(
                $pipe->with(tied: Source::Proved, proof: '' === $fixture->name ? $fixture->what : $fixture->name),
            ),
            $this,
        );
    }

    /**
     * Takes a node out. What ran into it runs on to the next node, its length added; a junction that is left with one
     * pipe and nothing to it goes too.
     *
     * @throws BadInput when it is the outlet
     */
    public function without(string $id): self
    {
        $node = $this->nodes[$id] ?? null;
        $down = $this->below($id);
        if (null === $node) {
            return $this;
        }
        if (null === $down) {
            throw new BadInput('outlet_stays', 'at');
        }
        $pipes = $this->pipes;
        unset($pipes[$down->id]);
        foreach ($this->above($id) as $pipe) {
            $length = $pipe->length->value;
            $joined = 1 === \count($this->above($id)) ? $down->joins : $pipe->joins;
            $pipes[$pipe->id] = $pipe->with(
                to: $down->to,
                length: new Known(
                    $length + $down->length->value,
                    $down->length->source->isWeakerThan($pipe->length->source) ? $down->length->source : $pipe->length->source,
                ),
                joins: $joined,
                bends: [
                    ...$pipe->bends,
                    ...array_map(static fn (PipeBend $bend) => $bend->movedBy($length, $length + $down->length->value), $down->bends),
                ],
            );
        }
        $nodes = $this->nodes;
        unset($nodes[$id]);
        $left = new self(array_values($nodes), array_values($pipes));
        $lower = $left->nodes[$down->to];

        return NodeKind::Junction === $lower->kind && \count($left->above($lower->id)) < 2 ? $left->without($lower->id) : $left;
    }

    /** @throws \LogicException while there is no pipe */
    public function drains(): Drains
    {
        $branches = $traps = [];
        foreach ($this->pipes as $pipe) {
            $branch = $pipe->branch();
            if (null !== $branch) {
                $branches[$pipe->id] = $branch;
            }
        }
        foreach ($this->nodes as $node) {
            if (NodeKind::Trap === $node->kind) {
                $traps[$node->id] = true;
            }
        }

        return new Drains($this->tree() ?? throw new \LogicException('A map without a pipe has no drains.'), $branches, $traps);
    }

    /** How a tool enters at a node: by its opening, or as if one were made there. */
    public function access(Node $node): Access
    {
        $mouth = $node->mouth;
        if (null === $mouth) {
            $bores = array_map(
                static fn (Pipe $pipe) => $pipe->bore->value,
                array_filter([$this->below($node->id), ...$this->above($node->id)]),
            );

            return new Access($node->id, Length::millimetres(max([20.0, ...$bores])), 'both', Length::metres(0), 0.0, Length::metres(0));
        }

        return new Access(
            $node->id, Length::millimetres($mouth->size->value), $mouth->faces, Length::metres($mouth->drop->value),
            $mouth->bendDegrees, Length::millimetres($mouth->radius), $mouth->trap,
        );
    }

    /**
     * @param array<string, string> $seen by place
     *
     * @return list<Point> all fixtures and openings, for triage
     */
    public function points(array $seen): array
    {
        return array_map(
            static fn (Node $node) => new Point($node->id, $node->id, $node->level?->value, $seen[$node->id] ?? null),
            $this->places(),
        );
    }

    /** @return array<string, float> weight of each pipe as a suspect before anything is seen */
    public function priors(Tables $tables): array
    {
        return array_map(
            static fn (Pipe $pipe) => $tables->prior(
                $pipe->length->value,
                \count($pipe->bends),
                $pipe->material->group(),
                $pipe->pastStoppages,
            ),
            $this->pipes,
        );
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
