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
     * @param list<Hindrance> $hindrances heads that do not get there, or not out again
     * @param list<Head> $missing that the table asks for, and nothing of the kit stands in for
     */
    public function __construct(
        public Machine $machine, public array $steps, public array $reasons, public ?string $refused,
        public array $missing = [], public array $hindrances = [], public bool $preferred = false,
    ) {
    }

    public function preferred(): self
    {
        return new self($this->machine, $this->steps, $this->reasons, $this->refused, $this->missing, $this->hindrances, true);
    }

    /** Whether it can be carried out from this opening, as far as anybody knows. */
    public function isPossible(): bool
    {
        return null === $this->refused && [] === $this->hindrances;
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

    /**
     * How fast a head may be drawn back where it is, by the step that works there.
     *
     * @param float $metres from the foot of the drop
     *
     * @return ?Step none where the plan has no such way back
     */
    public function backAt(Head $head, float $metres): ?Step
    {
        foreach ($this->steps as $step) {
            if ($step->head === $head && Stroke::Back === $step->way && $step->to <= $metres && $metres <= $step->from + 1e-9) {
                return $step;
            }
        }

        return null;
    }

    /** @return list<Head> that go in, each once, in their order */
    public function heads(): array
    {
        $heads = [];
        foreach ($this->steps as $step) {
            if (null !== $step->head->machine()) {
                $heads[$step->head->value] = $step->head;
            }
        }

        return array_values($heads);
    }

    public function minutes(): float
    {
        return array_sum(array_map(static fn (Step $step) => $step->minutes ?? 0.0, $this->steps));
    }

    /** Of the minutes those in which the pump's water runs. */
    public function pumpMinutes(): float
    {
        return array_sum(array_map(static fn (Step $step) => ($step->litres ?? 0.0) > 0 ? $step->minutes ?? 0.0 : 0.0, $this->steps));
    }

    public function litres(): float
    {
        return array_sum(array_map(static fn (Step $step) => $step->litres ?? 0.0, $this->steps));
    }
}
