<?php

declare(strict_types=1);

namespace App\Call;

use App\Record\Cleared;
use App\Record\Job;

/** A property that somebody calls from again, as its latest job knows it. */
final readonly class KnownPlace
{
    /**
     * @param ?Job $cleared the last job there that cleared the line, wholly or partly
     * @param bool $isWithinGuarantee whether that was within the firm's time before now
     */
    public function __construct(
        public Job $latest, public ?Job $cleared, public ?\DateTimeImmutable $clearedAt, public bool $isWithinGuarantee,
    ) {
    }

    public function place(): string
    {
        return $this->latest->property()->place();
    }

    public function outcome(): ?Cleared
    {
        return $this->cleared?->outcome()->cleared();
    }

    /** What was written of the clearing then. */
    public function note(): string
    {
        return $this->cleared?->outcome()->clearedNote() ?? '';
    }

    /** A job there that is not handed over: whoever calls may mean that one. */
    public function open(): ?Job
    {
        return null === $this->latest->outcome()->handedOverAt() ? $this->latest : null;
    }

    /** @return array<string, string> what a call sheet takes over, by field */
    public function fields(): array
    {
        $call = $this->latest->call();

        return array_filter([
            'place' => $this->place(), 'customer' => $call->customer, 'contact' => $call->contact,
            'customerNumber' => $call->customerNumber, 'yearBuilt' => (string) $call->yearBuilt,
        ], static fn (string $value) => '' !== $value);
    }
}
