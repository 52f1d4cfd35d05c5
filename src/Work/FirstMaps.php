<?php

declare(strict_types=1);

namespace App\Work;

use App\Record\Job;
use App\Record\Run;
use Jurvex\Core\Run\Travel;
use Jurvex\Core\Sketch\FirstMap;
use Jurvex\Core\Sketch\Node;
use Jurvex\Core\Sketch\Sketch;

/** Draws a property's first map from a look. */
final readonly class FirstMaps
{
    public function __construct(private MappedRuns $runs, private LineMaps $maps)
    {
    }

    /** @return list<Run> looks that can draw one; none once there is a map */
    public function runs(Job $job): array
    {
        return $job->property()->sketch()->isBlank()
            ? array_values(array_filter($job->runs(), static fn (Run $run) => Travel::Downstream === $run->details()->travel))
            : [];
    }

    /** Puts the look's opening on the map that it draws; says whether it drew one. */
    public function draw(Run $run): bool
    {
        $opening = $run->opening;
        $details = $opening->details();
        $node = Node::opening($opening->id, $details->kind->value, $details->place, $details->mouth());
        $drawn = FirstMap::of($node, $this->runs->mappedAt($run, $node->id));
        if (null === $drawn || !$run->job->property()->sketch()->isBlank()) {
            return false;
        }
        $opening->placeAt($opening->id);
        $this->maps->change($run->job->property(), static fn (Sketch $blank) => $blank->isBlank() ? $drawn : $blank);

        return true;
    }
}
