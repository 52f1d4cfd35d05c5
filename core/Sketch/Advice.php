<?php

declare(strict_types=1);

namespace Jurvex\Core\Sketch;

/** One piece of advice on the openings of a property: the rule, where, and the numbers that made it. */
final readonly class Advice
{
    /** @param array<string, float> $values what was found and what the rule allows, by names that carry the unit */
    public function __construct(public string $rule, public Node $at, public ?Node $other = null, public array $values = [])
    {
    }
}
