<?php

declare(strict_types=1);

namespace Jurvex\Core\Plan;

/** A drawn node; an opening in the line stands beside it on a stub. */
final readonly class PlanNode
{
    /**
     * @param ?float $footY height of the line that its stub comes from
     * @param string $label ends at the left of the node
     * @param bool $isTop whether nothing is drawn to the left of it
     */
    public function __construct(
        public string $id, public float $x, public float $y, public ?float $footY, public string $label,
        public bool $isTop,
    ) {
    }
}
