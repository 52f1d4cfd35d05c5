<?php

declare(strict_types=1);

namespace Jurvex\Core\Sketch;

use Jurvex\Core\Input\BadInput;

/** Adds to a line map and takes away from it. The map stays as it was; every change gives a new one. */
final readonly class Redraw
{
    public function __construct(private Sketch $sketch)
    {
    }

    /**
     * Adds a fixture at a node or along a pipe, with a pipe of its own.
     *
     * @param string $at the node that it runs into, or the pipe
     * @param float $up metres from the pipe's lower end
     * @param string $joinId for the junction that is made where it meets a pipe; its upper part takes `joinId` with a plus
     *
     * @throws BadInput
     */
    public function withFixture(Node $fixture, Pipe $own, string $at, float $up, string $joinId): Sketch
    {
        if ($this->sketch->has($fixture->id)) {
            return $this->sketch;
        }
        $base = $this->sketch;
        $target = $this->sketch->nodes[$at] ?? null;
        if (null !== $target && NodeKind::Fixture === $target->kind) {
            // Nothing runs through a fixture: what is added there joins its pipe.
            $pipe = $this->sketch->below($at) ?? throw new BadInput('no_such_place', 'at', ['name' => $at]);
            [$target, $at, $up] = [null, $pipe->id, $pipe->length->value / 2];
        }
        if (null === $target) {
            $base = $this->split($at, $up, Node::junction($joinId));
            $at = $joinId;
        }
        $joins = [] === $base->above($at) ? Joins::Straight : (Joins::Straight === $own->joins ? Joins::Wye : $own->joins);

        return new Sketch([...array_values($base->nodes), $fixture], [
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
    public function split(string $pipeId, float $up, Node $node): Sketch
    {
        if ($this->sketch->has($node->id)) {
            return $this->sketch;
        }
        $pipe = $this->sketch->pipes[$pipeId] ?? throw new BadInput('no_such_place', 'at', ['name' => $pipeId]);
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

        return new Sketch([...array_values($this->sketch->nodes), $node], [
            ...array_values(array_replace($this->sketch->pipes, [$pipeId => $upper])),
            $lower,
        ]);
    }

    /** Puts an opening at the end of a new pipe, where there is no line to put it into. */
    public function withEnd(Node $node, Pipe $own, string $to): Sketch
    {
        $joins = [] === $this->sketch->above($to) ? Joins::Straight : Joins::Wye;

        return $this->sketch->has($node->id)
            ? $this->sketch
            : new Sketch([...array_values($this->sketch->nodes), $node], [
                ...array_values($this->sketch->pipes),
                $own->with(from: $node->id, to: $to, joins: $joins),
            ]);
    }

    /** A fixture was run and its water seen at an opening below it: every tie-in on the way between them is proved. */
    public function withWaterSeen(Node $fixture, Node $opening): Sketch
    {
        $proved = [];
        $arrives = false;
        foreach ($this->sketch->wayDown($fixture->id) as $pipe) {
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
            static fn (Sketch $sketch, Pipe $pipe) => $sketch->withPipe(
                $pipe->with(tied: Source::Proved, proof: '' === $fixture->name ? $fixture->what : $fixture->name),
            ),
            $this->sketch,
        );
    }

    /**
     * Takes a node out. What ran into it runs on to the next node, its length added; a junction that is left with one
     * pipe and nothing to it goes too.
     *
     * @throws BadInput when it is the outlet
     */
    public function without(string $id): Sketch
    {
        $node = $this->sketch->nodes[$id] ?? null;
        $down = $this->sketch->below($id);
        if (null === $node) {
            return $this->sketch;
        }
        if (null === $down) {
            throw new BadInput('outlet_stays', 'at');
        }
        $pipes = $this->sketch->pipes;
        unset($pipes[$down->id]);
        foreach ($this->sketch->above($id) as $pipe) {
            $length = $pipe->length->value;
            $joined = 1 === \count($this->sketch->above($id)) ? $down->joins : $pipe->joins;
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
        $nodes = $this->sketch->nodes;
        unset($nodes[$id]);
        $left = new Sketch(array_values($nodes), array_values($pipes));
        $lower = $left->nodes[$down->to];

        return NodeKind::Junction === $lower->kind && \count($left->above($lower->id)) < 2 ? (new self($left))->without($lower->id) : $left;
    }
}
