<?php

declare(strict_types=1);

namespace App\WayIn;

use Jurvex\Core\Plan\Plan;
use Jurvex\Core\Sketch\Sketch;

/** A line map ready to be shown: its drawing and its names. */
final readonly class MapView
{
    /** @param array<string, string> $names of nodes and pipes */
    public function __construct(public Sketch $sketch, public Plan $plan, public array $names)
    {
    }

    public function layers(): PlanLayers
    {
        return new PlanLayers($this);
    }

    /** What the arrow keys lead to: upstream is left, downstream right. */
    public function left(string $id): ?string
    {
        $pipe = $this->sketch->pipes[$id] ?? null;

        return null !== $pipe ? $pipe->from : ($this->sketch->above($id)[0] ?? null)?->id;
    }

    public function right(string $id): ?string
    {
        $pipe = $this->sketch->pipes[$id] ?? null;

        return null !== $pipe ? $pipe->to : $this->sketch->below($id)?->id;
    }
}
