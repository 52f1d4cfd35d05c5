<?php

declare(strict_types=1);

namespace Jurvex\Core\Sketch;

use Jurvex\Core\Measure\Length;
use Jurvex\Core\Reach\Rig;

/** Something that is not at hand and would get to the target. */
final readonly class WhatElse
{
    /**
     * @param Node $at the opening, or where one would be made
     * @param ?Length $width of the head that would pass
     * @param ?Length $length of the stiff head that would pass
     * @param ?float $metres the drop of a vent, or what a new opening opens up
     */
    public function __construct(
        public Alternative $what, public Node $at, public Rig $rig, public ?Length $width = null,
        public ?Length $length = null, public ?float $metres = null,
    ) {
    }
}
