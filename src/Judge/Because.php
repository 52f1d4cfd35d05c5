<?php

declare(strict_types=1);

namespace App\Judge;

/** One reason of a judgement in words: its rule, what it went by, what another would say. */
final readonly class Because
{
    public function __construct(public string $label, public string $text)
    {
    }
}
