<?php

declare(strict_types=1);

namespace Jurvex\Core\Plan;

/** A drawn pipe; its straight part runs from `left`, its upper end, to `right` at the height `y`. */
final readonly class PlanPipe
{
    /**
     * @param bool $stretched drawn longer than its scale, to be seen at all
     * @param ?string $label what fits over it
     */
    public function __construct(
        public string $id, public float $left, public float $right, public float $y, public string $line,
        public bool $stretched, public ?string $label,
    ) {
    }

    /** Where a place of the pipe is drawn. */
    public function x(float $metresFromUpper, float $length): float
    {
        return round($this->left + ($length > 0 ? $metresFromUpper / $length : 0.0) * ($this->right - $this->left), 1);
    }
}
