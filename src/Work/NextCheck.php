<?php

declare(strict_types=1);

namespace App\Work;

use Jurvex\Core\Triage\MadeTest;
use Jurvex\Core\Triage\Meaning;

/** A check that would tell much, and what each of its answers would mean. */
final readonly class NextCheck
{
    /**
     * @param ?MadeTest $test none where it is only to look
     * @param float $gain in bits
     * @param array<string, Meaning> $meanings by answer
     */
    public function __construct(public string $id, public ?MadeTest $test, public float $gain, public array $meanings)
    {
    }
}
