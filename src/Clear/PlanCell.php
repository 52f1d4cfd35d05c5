<?php

declare(strict_types=1);

namespace App\Clear;

/** What one plan is like in one respect, and the rule behind it. */
final readonly class PlanCell
{
    /** @param string $why the rule; nothing where there is none to tell */
    public function __construct(public string $word, public string $why = '', public bool $isBad = false)
    {
    }
}
