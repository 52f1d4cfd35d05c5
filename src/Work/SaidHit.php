<?php

declare(strict_types=1);

namespace App\Work;

use App\Record\Job;
use App\Record\Narrated;
use App\Record\NarratedFrom;
use App\Record\Pass;

/** Some words that were said, found again. */
final readonly class SaidHit
{
    /**
     * @param Narrated|Pass $source said of a look, or with a clearing tool in the line
     * @param float $atS seconds into the recording, or since the run or the pass began
     * @param ?float $atM where on the line; none where nobody knows
     */
    public function __construct(public Narrated|Pass $source, public float $atS, public ?float $atM, public string $text)
    {
    }

    public function job(): Job
    {
        return $this->source instanceof Narrated ? $this->source->run->job : $this->source->job;
    }

    public function on(): \DateTimeImmutable
    {
        return $this->source instanceof Narrated ? $this->source->run->startedAt : $this->source->loggedAt;
    }

    public function isRecorded(): bool
    {
        return $this->source instanceof Narrated && NarratedFrom::Recording === $this->source->source;
    }

    /** @return ?string the look that it was said on; none with a clearing tool in the line */
    public function runId(): ?string
    {
        return $this->source instanceof Narrated ? $this->source->run->id : null;
    }
}
