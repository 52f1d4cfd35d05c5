<?php

declare(strict_types=1);

namespace Jurvex\Core\Looks;

use Jurvex\Core\Run\Boundary;

/** A part of a run's way that lies on one pipe. */
final readonly class LaidPiece
{
    /**
     * @param string $pipe the map's pipe, or a name of the run's own where the map does not know its way for certain
     * @param float $from metres of the run where it begins
     * @param float $to metres of the run where it ends; without end for what leads off the map
     * @param bool $down whether the run goes with the flow there
     * @param bool $isSure whether the map knows that the run comes this way
     * @param ?Boundary $ends what the map has where it ends
     * @param float $stretch how many metres the run's counter counts for one of the pipe
     */
    public function __construct(
        public string $pipe, public float $from, public float $to, public bool $down, public bool $isSure = false,
        public ?Boundary $ends = null, public float $stretch = 1.0,
    ) {
    }

    /** Metres from the pipe's upper end, for metres of the run. */
    public function onPipe(float $metres): float
    {
        return ($this->down ? $metres - $this->from : $this->to - $metres) / $this->stretch;
    }

    /** Metres of the run, for metres from the pipe's upper end. */
    public function onRun(float $metres): float
    {
        return $this->down ? $this->from + $metres * $this->stretch : $this->to - $metres * $this->stretch;
    }
}
