<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** Some words and when they were said, in seconds from the beginning of a recording. */
final readonly class Cue
{
    public function __construct(public float $fromS, public float $toS, public string $text)
    {
    }
}
