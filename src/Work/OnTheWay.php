<?php

declare(strict_types=1);

namespace App\Work;

use Jurvex\Core\Finding\Material;
use Jurvex\Core\Measure\Length;

/** What the looks know of a place on the way of a tool. */
final readonly class OnTheWay
{
    /**
     * @param Length $from near end, from the foot of the drop
     * @param Length $to far end
     * @param Material $material of the pipe there
     * @param bool $isOurs seen by this job, and not by an earlier one
     */
    public function __construct(
        public LineFinding $finding, public Length $from, public Length $to, public Material $material, public bool $isOurs,
    ) {
    }
}
