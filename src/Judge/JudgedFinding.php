<?php

declare(strict_types=1);

namespace App\Judge;

use App\Screen\FindingText;

/** A finding on the Judge screen, with why it has its class. */
final readonly class JudgedFinding
{
    /**
     * @param bool $isOwn whether the technician judged otherwise than the rule
     * @param bool $isUnsure whether it has a class and must be looked at again all the same
     * @param list<Because> $because
     */
    public function __construct(public FindingText $text, public bool $isOwn, public bool $isUnsure, public array $because)
    {
    }
}
