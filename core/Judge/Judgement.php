<?php

declare(strict_types=1);

namespace Jurvex\Core\Judge;

/** A finding's class with the rule and values that gave it, and what the other school would have said. */
final readonly class Judgement
{
    /**
     * @param ?Need $need none: not judged until somebody looks again
     * @param array<string, float|string|null> $values measured values by name, null where unknown
     * @param array<string, float> $limits house limits by name
     * @param ?Override $override the technician's own class, beside the rule's
     */
    public function __construct(
        public string $findingId,
        public string $rule,
        public ?Need $need,
        public bool $lookAgain,
        public ?Remedy $remedy,
        public array $values,
        public array $limits,
        public ?School $school,
        public ?self $otherSchool = null,
        public ?Override $override = null,
    ) {
    }

    public function overriddenBy(Override $override): self
    {
        return new self(
            $this->findingId, $this->rule, $this->need, $this->lookAgain, $this->remedy, $this->values, $this->limits,
            $this->school, $this->otherSchool, $override,
        );
    }

    /** The class that counts: the technician's where there is one. */
    public function counts(): ?Need
    {
        return $this->override->need ?? $this->need;
    }

    /** Place in a list of the worst first: what is not judged may be a case for mending, and stands just under it. */
    public function rank(): float
    {
        return $this->counts()?->level() ?? Need::KeepClean->level() + 0.5;
    }

    /** Whether somebody must look again before this can pass. */
    public function asksForAnotherLook(): bool
    {
        return null === $this->override && $this->lookAgain;
    }
}
