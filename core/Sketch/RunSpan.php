<?php

declare(strict_types=1);

namespace Jurvex\Core\Sketch;

use Jurvex\Core\Run\Boundary;

/** A pipe of the map as a run comes through it. */
final readonly class RunSpan
{
    /**
     * @param float $from metres of the run at its near end
     * @param float $to metres of the run at its far end
     * @param bool $down whether the run goes with the flow there
     * @param ?Boundary $ends what the map has at its far end; none where one pipe goes on in another like it
     */
    public function __construct(
        public Pipe $pipe, public float $from, public float $to, public bool $down, public ?Boundary $ends = null,
    ) {
    }

    /** The node at which the run comes into it. */
    public function start(): string
    {
        return $this->down ? $this->pipe->from : $this->pipe->to;
    }

    /** The node at which the run leaves it. */
    public function end(): string
    {
        return $this->down ? $this->pipe->to : $this->pipe->from;
    }
}
