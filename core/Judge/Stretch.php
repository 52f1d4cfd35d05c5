<?php

declare(strict_types=1);

namespace Jurvex\Core\Judge;

use Jurvex\Core\Measure\Length;

/** A part of the line between two things that divide it, with its verdict and what it rests on. */
final readonly class Stretch
{
    /**
     * @param string $starts code of what it starts at: zero, or the finding's kind
     * @param string $ends code of what it ends at: the finding's kind, run_end, line_end or unknown
     * @param ?Length $to none when nobody knows how far the line goes on
     * @param list<string> $because findings that decided the verdict
     */
    public function __construct(
        public string $starts,
        public Length $from,
        public string $ends,
        public ?Length $to,
        public Verdict $verdict,
        public array $because,
        public float $submergedMetres,
        public float $dimMetres,
        public ?float $unreachedMetres,
    ) {
    }
}
