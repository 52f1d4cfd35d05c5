<?php

declare(strict_types=1);

namespace Jurvex\Core\Sketch;

use Jurvex\Core\Run\RunRecord;

/** A run of the camera, and where on the map it went in. */
final readonly class MappedRun
{
    /**
     * @param string $node of the opening
     * @param float $lead metres of the run before the line itself
     */
    public function __construct(public string $id, public string $node, public float $lead, public RunRecord $record)
    {
    }

    public function way(Sketch $sketch): RunWay
    {
        return RunWay::along($sketch, $this->node, $this->record->travel, $this->lead);
    }
}
