<?php

declare(strict_types=1);

namespace Jurvex\Core\Sketch;

/** A fixture beside a line, with a pipe of its own. */
final readonly class FixtureAlong
{
    public Node $node;

    /**
     * @param float $at metres from the main
     * @param float $own metres of its own pipe
     * @param float $up metres that its floor lies over the lowest
     */
    public function __construct(public float $at, FixtureKind $kind, public float $own, float $up = 0.0)
    {
        $this->node = Node::fixture($kind->value, $kind, '', new Known($up + $kind->usualLevel()));
    }
}
