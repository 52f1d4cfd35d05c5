<?php

declare(strict_types=1);

namespace Jurvex\Core\Clear;

/** Why a plan is good, or is not, for this stoppage; and what a rule took out of it. */
final readonly class Reason
{
    /** @param list<Fact> $facts that made it fire */
    public function __construct(public string $code, public Bears $bears, public array $facts = [])
    {
    }
}
