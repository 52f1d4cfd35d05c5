<?php

declare(strict_types=1);

namespace App\Look;

use App\Record\Job;
use App\Record\Opening;
use App\Record\Run;
use App\Record\RunDetails;
use App\Work\MappedRuns;
use Jurvex\Core\Sketch\RunWay;

/** What a new run begins with: the job's zero, the last run's reel, and of the line what is known from its own opening. */
final readonly class RunStarts
{
    public function of(Job $job): RunDetails
    {
        $runs = $job->runs();
        $last = end($runs);
        $opening = $job->chosenOpening();
        $details = false === $last ? new RunDetails() : clone $last->details();
        if (null !== $opening && (false === $last || $last->opening !== $opening)) {
            $this->line($details, $opening, array_filter($runs, static fn (Run $run) => $run->opening === $opening));
        }
        $details->waterOn = false;
        $details->zero = $job->zero();
        $details->zeroNote = $job->zeroNote();

        return $details;
    }

    /**
     * The reel is the same; what was said of the line from another opening is not.
     *
     * @param array<Run> $runs from the same opening
     */
    private function line(RunDetails $details, Opening $opening, array $runs): void
    {
        $before = [] === $runs ? $this->fromTheMap($opening) : end($runs)->details();
        [$details->material, $details->boreMm] = [$before->material, $before->boreMm];
        [$details->expectedM, $details->travel] = [$before->expectedM, $before->travel];
    }

    /** What the map knows without guessing: a guessed length would leave a gap that nobody can see. */
    private function fromTheMap(Opening $opening): RunDetails
    {
        $details = new RunDetails();
        $way = MappedRuns::wayFrom($opening);
        if (null === $way || [] === $way->spans) {
            return $details;
        }
        $details->travel = $way->travel;
        $first = $way->spans[0]->pipe;
        if ($first->materialSource->isKnown()) {
            $details->material = $first->material;
        }
        if ($first->bore->source->isKnown()) {
            $details->boreMm = $first->bore->value;
        }
        $details->expectedM = self::knownLength($way);

        return $details;
    }

    private static function knownLength(RunWay $way): ?float
    {
        foreach ($way->spans as $span) {
            if (!$span->pipe->length->source->isKnown()) {
                return null;
            }
        }

        return $way->end() > 0 ? round($way->end(), 2) : null;
    }
}
