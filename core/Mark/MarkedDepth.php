<?php

declare(strict_types=1);

namespace Jurvex\Core\Mark;

use Jurvex\Core\Measure\Length;

/** A mark with its depth and, where somebody measured it, the height of the ground above it. */
final readonly class MarkedDepth
{
    /** Of a ground height by string level or tape: a house value. */
    public const GROUND_ERROR_M = 0.01;

    /** @param ?float $ground height in metres over any datum; none where nobody measured it */
    public function __construct(
        public Length $along, public Length $depth, public Length $spread, public ?float $ground, public Length $groundError,
    ) {
    }

    /** @return ?float height of the pipe in metres; none without that of the ground */
    public function invert(): ?float
    {
        return null === $this->ground ? null : $this->ground - $this->depth->metres;
    }

    /** Square of what depth and ground may be off, in m². */
    public function variance(): float
    {
        return ($this->spread->metres / 2) ** 2 + $this->groundError->metres ** 2;
    }
}
