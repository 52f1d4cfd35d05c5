<?php

declare(strict_types=1);

namespace App\Work;

use App\Record\Job;
use Jurvex\Core\Clear\Cause;
use Jurvex\Core\Clear\CauseFound;

/** Why a job's line stopped: by the rules, and as somebody said it in their place. */
final readonly class JobCauses
{
    /** @param list<CauseFound> $found by the rules, what shows it first */
    public function __construct(private Job $job, public array $found)
    {
    }

    /** What counts: the technician's word before the rules'; none where neither says anything. */
    public function counts(): ?Cause
    {
        return $this->job->outcome()->cause() ?? $this->found[0]->cause ?? null;
    }

    /** Whether the technician said so against, or without, the rules. */
    public function isSaid(): bool
    {
        return null !== $this->job->outcome()->cause();
    }

    /** @return list<CauseFound> that show what counts, or all of them where nobody said anything */
    public function told(): array
    {
        return $this->isSaid()
            ? array_values(array_filter($this->found, fn (CauseFound $each) => $each->cause === $this->counts())) : $this->found;
    }
}
