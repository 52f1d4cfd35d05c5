<?php

declare(strict_types=1);

namespace Jurvex\Core\Looks;

/** One look at a property: what it saw how well, and what it found. */
final readonly class Look
{
    /**
     * @param float $at when; a number that grows with time
     * @param list<SeenSpan> $spans
     * @param list<PlacedFinding> $findings
     */
    public function __construct(public string $id, public float $at, public array $spans, public array $findings)
    {
    }
}
