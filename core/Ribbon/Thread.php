<?php

declare(strict_types=1);

namespace Jurvex\Core\Ribbon;

/** From a place on one ribbon to the same place on another. */
final readonly class Thread
{
    /**
     * @param float $top along the upper ribbon
     * @param float $foot along the lower one
     * @param string $of what is there: a kind of feature, or what became of a finding
     * @param bool $isFixed whether it is something that does not move
     */
    public function __construct(public float $top, public float $foot, public string $of, public bool $isFixed)
    {
    }
}
