<?php

declare(strict_types=1);

namespace Jurvex\Core\Clear;

/**
 * Which head does a step: the class that the table asks for, else the nearest one that the kit has, that pipe and
 * pump allow, and that gets there and out again.
 */
final readonly class HeadsAtHand
{
    /** The nearest first. */
    private const STAND_INS = [
        'whole_head_rotary' => [Head::InnerRotorCone, Head::BrakedSpinner, Head::FreeSpinner, Head::Piercer],
        'inner_rotor_cone' => [Head::WholeHeadRotary, Head::BrakedSpinner, Head::FreeSpinner, Head::Piercer],
        'off_centre_cone' => [Head::BrakedSpinner, Head::FreeSpinner, Head::Piercer],
        'braked_spinner' => [Head::FreeSpinner, Head::Piercer],
        'free_spinner' => [Head::Piercer],
        'dredger' => [Head::WholeHeadRotary, Head::Flusher],
        'ice_head' => [Head::Piercer],
        'retriever' => [Head::Opener],
        'chain_flail' => [Head::Blade],
    ];

    public function __construct(private Situation $situation)
    {
    }

    /** @return ?HeadChoice none where nothing of the kit can do it */
    public function pick(Head $wanted): ?HeadChoice
    {
        $able = array_values(array_filter(
            [$wanted, ...self::STAND_INS[$wanted->value] ?? []],
            fn (Head $head) => $this->has($head) && $this->allows($head),
        ));
        $there = array_values(array_filter($able, $this->situation->isReachedBy(...)));
        // Where none gets there, the plan says so of the one that the table asks for.
        $head = $there[0] ?? $able[0] ?? null;

        return null === $head ? null : new HeadChoice($head, $head === $wanted ? null : $wanted);
    }

    /**
     * @param list<Head> $wanted
     *
     * @return list<Head> of them that nothing of the kit does
     */
    public function missing(array $wanted): array
    {
        return array_values(array_filter($wanted, fn (Head $head) => null === $this->pick($head)));
    }

    private function has(Head $head): bool
    {
        return null === $this->situation->heads || \in_array($head, $this->situation->heads, true);
    }

    private function allows(Head $head): bool
    {
        return match ($head) {
            Head::WholeHeadRotary, Head::InnerRotorCone => $this->situation->takesRotaries(),
            Head::Dredger => !$this->situation->isSmall() && $this->situation->flow >= $head->leastFlow(),
            Head::ChainFlail => !$this->situation->isWeak(),
            Head::Piercer => Blockage::HardObject !== $this->situation->blockage,
            default => $this->situation->flow >= $head->leastFlow(),
        };
    }
}
