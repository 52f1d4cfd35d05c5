<?php

declare(strict_types=1);

namespace Jurvex\Core\Judge;

use Jurvex\Core\Finding\Kind;

/** One row of the rule book: for these kinds, under this school, when this holds, the answer is that. */
final readonly class Rule
{
    /**
     * @param list<Kind> $kinds
     * @param \Closure(Evidence):bool $when
     * @param ?Need $need none: not judged, look again
     * @param list<string> $uses names of the evidence that it looks at
     * @param list<string> $limits names of the house limits that it looks at
     */
    public function __construct(
        public string $code,
        public array $kinds,
        public \Closure $when,
        public ?Need $need,
        public ?Remedy $remedy = null,
        public array $uses = [],
        public array $limits = [],
        public ?School $school = null,
    ) {
    }

    /** Whether it belongs to one of these schools, or to all. */
    public function isOf(School $water, School $roots): bool
    {
        return null === $this->school || $this->school === $water || $this->school === $roots;
    }

    /** Whether it holds for a finding of one of its kinds. */
    public function holds(Evidence $evidence): bool
    {
        return ($this->when)($evidence);
    }
}
