<?php

declare(strict_types=1);

namespace Jurvex\Core\Clear;

use Jurvex\Core\Measure\Length;

/** A nozzle that was drawn back through a deposit, as it was logged. */
final readonly class WorkedPass
{
    /**
     * @param Length $metres drawn back, over nought
     * @param float $minutes that it took, over nought
     * @param float $flow in L/min, over nought
     */
    public function __construct(
        public Blockage $blockage, public Head $head, public Length $metres, public float $minutes, public float $flow,
    ) {
    }
}
