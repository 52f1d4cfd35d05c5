<?php

declare(strict_types=1);

namespace Jurvex\Core\LineMap;

use Jurvex\Core\Reach\Stopped;

/** How far a tool gets in a segment, in metres from the end that it enters. */
final readonly class SegmentReach
{
    /** @param ?Leg $leg the way there; none where the tool never comes to the segment */
    public function __construct(
        public string $segment, public float $metres, public bool $whole, public ?Stopped $by, public ?Leg $leg = null,
    ) {
    }
}
