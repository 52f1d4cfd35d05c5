<?php

declare(strict_types=1);

namespace Jurvex\Core\Sketch;

use Jurvex\Core\Triage\Point;
use Jurvex\Core\Triage\Tables;

/** A line map as triage looks at it. */
final readonly class TriageView
{
    public function __construct(private Sketch $sketch)
    {
    }

    /**
     * @param array<string, string> $seen by place
     *
     * @return list<Point> all fixtures and openings, for triage
     */
    public function points(array $seen): array
    {
        return array_map(
            static fn (Node $node) => new Point($node->id, $node->id, $node->level?->value, $seen[$node->id] ?? null),
            $this->sketch->places(),
        );
    }

    /** @return array<string, float> weight of each pipe as a suspect before anything is seen */
    public function priors(Tables $tables): array
    {
        return array_map(
            static fn (Pipe $pipe) => $tables->prior(
                $pipe->length->value,
                \count($pipe->bends),
                $pipe->material->group(),
                $pipe->pastStoppages,
            ),
            $this->sketch->pipes,
        );
    }
}
