<?php

declare(strict_types=1);

namespace Jurvex\Core\Triage;

/** What an answer would mean. */
final readonly class Meaning
{
    /**
     * @param float $chance how likely the answer is
     * @param string $suspect who would then be the likeliest
     * @param float $share the chance of that one then
     */
    public function __construct(public float $chance, public string $suspect, public float $share)
    {
    }
}
