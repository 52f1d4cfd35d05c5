<?php

declare(strict_types=1);

namespace Jurvex\Core\LineMap;

use Jurvex\Core\Reach\Bend;
use Jurvex\Core\Reach\Path;
use Jurvex\Core\Reach\Straight;

/** One segment of a tool's way, and how it came there. */
final readonly class Leg
{
    /** @param list<Straight|Bend> $turns passed on the way into the segment: the drop and its bend, or the turn at a junction */
    public function __construct(public ?self $before, public array $turns, public Segment $segment, public bool $downstream)
    {
    }

    /** @return non-empty-list<self> from the opening to this one */
    public function way(): array
    {
        $way = [];
        for ($leg = $this; null !== $leg; $leg = $leg->before) {
            $way[] = $leg;
        }

        return array_reverse($way);
    }

    /** All that the tool passes, from the opening to the end of this segment. */
    public function path(): Path
    {
        return new Path(
            array_merge(...array_map(static fn (self $leg) => [...$leg->turns, ...$leg->segment->pieces($leg->downstream)], $this->way())),
        );
    }
}
