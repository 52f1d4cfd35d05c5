<?php

declare(strict_types=1);

namespace Jurvex\Core\Sketch;

/** A node of the map, and how far along a run it lies by the map's own lengths. */
final readonly class PlaceOnRun
{
    /** @param float $at metres of the run */
    public function __construct(public Node $node, public float $at)
    {
    }
}
