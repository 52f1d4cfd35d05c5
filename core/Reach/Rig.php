<?php

declare(strict_types=1);

namespace Jurvex\Core\Reach;

/** A tool with its head on, as it goes in, and what it can be drawn back with. */
final readonly class Rig
{
    /**
     * @param bool $steers turns where its user wants
     * @param bool $passesTraps a flexible leader or a small hose
     * @param float $headDrag in N
     * @param float $pullLimit what hand or drive can draw back with, in N
     */
    public function __construct(
        public string $id, public Tool $tool, public bool $steers, public bool $passesTraps, private Winch $winch,
        private float $headDrag, public float $pullLimit,
    ) {
    }

    /** Force at the hand that draws the head back from a place on a path, in N. */
    public function pullFrom(Path $path, float $metres): float
    {
        return $this->winch->pullAtHand($path, $metres, $this->headDrag);
    }
}
