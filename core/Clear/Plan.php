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
     * @param list<Head> $missing that the table asks for, and nothing of the kit stands in for
     */
    public function __construct(
        public Machine $machine, public array $steps, public array $reasons, public ?string $refused,
        public array $missing = [], public bool $preferred = false,
    ) {
    }

    public function preferred(): self
    {
        return new self($this->machine, $this->steps, $this->reasons, $this->refused, $this->missing, true);
    }

    /** @return list<non-empty-list<Step>> in their order, those together that one head does before another goes in */
    public function byHead(): array
    {
        $groups = [];
        foreach ($this->steps as $step) {
            $last = array_key_last($groups);
            if (null !== $last && $groups[$last][0]->head === $step->head) {
                $groups[$last][] = $step;
            } else {
                $groups[] = [$step];
            }
        }

        return $groups;
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
