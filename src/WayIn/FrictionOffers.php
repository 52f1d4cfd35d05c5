<?php

declare(strict_types=1);

namespace App\WayIn;

use App\Firm\Kit;
use App\Record\Job;
use App\Record\Run;
use App\Record\Zero;
use Jurvex\Core\Reach\FrictionFit;
use Jurvex\Core\Reach\Path;
use Jurvex\Core\Run\EndReason;
use Jurvex\Core\Sketch\ReachFinder;
use Jurvex\Core\Sketch\RunWay;

/** Runs that the rod itself ended: the friction that explains where. */
final readonly class FrictionOffers
{
    private const NOTABLE = 0.01;

    public function __construct(private Kit $kit)
    {
    }

    /** @return list<FrictionOffer> */
    public function of(Job $job): array
    {
        $offers = [];
        foreach ($job->runs() as $run) {
            $offer = EndReason::Jammed === $run->endReason() ? $this->explain($run) : null;
            if (null !== $offer) {
                $offers[] = $offer;
            }
        }

        return $offers;
    }

    private function explain(Run $run): ?FrictionOffer
    {
        $fitted = $this->kit->fitted($run->job->firm, $run->details()->rig);
        $path = $this->path($run);
        if (null === $fitted || null === $path || null === $run->reachedM()) {
            return null;
        }
        [$tool, $on] = [$fitted->tool, $fitted->head];
        $wet = true === $run->details()->waterOn;
        $drop = Zero::Rim === $run->details()->zero ? 0.0 : $run->opening->details()->dropM;
        $friction = FrictionFit::explain(static fn (float $friction) => $tool->fitted($on, $friction), $path, $run->reachedM() + $drop);
        $now = $tool->friction($wet);

        return null !== $friction && abs($friction - $now) < self::NOTABLE
            ? null
            : new FrictionOffer($run, $tool, $wet, null === $friction ? null : round($friction, 3), $now);
    }

    /** The whole way that the run was on, from the rim of its opening. */
    private function path(Run $run): ?Path
    {
        $sketch = $run->job->property()->sketch();
        $node = $sketch->nodes[$run->opening->node() ?? ''] ?? null;
        if (null === $node) {
            return null;
        }
        $spans = RunWay::along($sketch, $node->id, $run->details()->travel)->spans;

        return [] === $spans ? null : ReachFinder::path($sketch, $node, $spans[\count($spans) - 1]->pipe->id);
    }
}
