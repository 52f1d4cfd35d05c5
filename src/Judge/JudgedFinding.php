<?php

declare(strict_types=1);

namespace App\Judge;

use App\Screen\FindingText;

/** A finding on the Judge screen, with why it has its class. */
final readonly class JudgedFinding
{
    /**
     * @param string $place as it is said
     * @param string $beside other troubles of the same joint
     * @param bool $isOwn whether the technician judged otherwise than the rule
     * @param bool $isUnsure whether it has a class and must be looked at again all the same
     * @param list<Because> $because
     */
    public function __construct(
        public FindingText $text, public string $place, public string $beside, public bool $isOwn, public bool $isUnsure,
        public array $because,
    ) {
    }
}
