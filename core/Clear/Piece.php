<?php

declare(strict_types=1);

namespace Jurvex\Core\Clear;

use Jurvex\Core\Measure\Length;

/** A tool of somebody's kit with one of its heads on. */
final readonly class Piece
{
    /** @param Length $clearance that the head needs beside it */
    public function __construct(
        public string $id, public Machine $machine, public Head $head, public Length $size, public Length $toolDiameter,
        public Length $length, public Length $clearance,
    ) {
    }

    public function passes(Length $bore): bool
    {
        // A head is as wide as its number says, however metres are rounded.
        return $this->size->metres + $this->clearance->metres <= $bore->metres + 1e-12;
    }
}
