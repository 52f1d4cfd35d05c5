<?php

declare(strict_types=1);

namespace Jurvex\Core\Sketch;

/** One piece of advice on the openings of a property: the rule, where, and the numbers that made it. */
final readonly class Advice
{
    private const FINDINGS = ['too_small', 'faces_upstream', 'own_branch_only', 'too_far', 'turns_too_much'];

    /**
     * @param array<string, float> $values what was found and what the rule allows, by names that carry the unit
     * @param ?float $newAt metres down from there, where a new opening belongs
     * @param bool $isKnown whether all that it rests on was seen, measured or told, and nothing guessed
     */
    public function __construct(
        public string $rule, public Node $at, public ?Node $other = null, public array $values = [], public ?float $newAt = null,
        public bool $isKnown = true,
    ) {
    }

    /** Whether it is a fault of the line itself, known and not guessed: not how an opening stands today. */
    public function isFinding(): bool
    {
        return $this->isKnown && \in_array($this->rule, self::FINDINGS, true);
    }
}
