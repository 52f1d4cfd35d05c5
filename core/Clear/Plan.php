<?php

declare(strict_types=1);

namespace Jurvex\Core\Clear;

/** A sequence of steps with one machine, with its reasons. */
final readonly class Plan
{
    /**
     * @param list<Step> $steps none when it is refused
     * @param list<Reason> $reasons
     * @param ?string $refused code of the rule that forbids it
     */
    public function __construct(
        public Machine $machine, public array $steps, public array $reasons, public ?string $refused,
        public bool $preferred,
    ) {
    }

    public function minutes(): float
    {
        return array_sum(array_map(static fn (Step $step) => $step->minutes ?? 0.0, $this->steps));
    }

    public function litres(): float
    {
        return array_sum(array_map(static fn (Step $step) => $step->litres ?? 0.0, $this->steps));
    }
}
