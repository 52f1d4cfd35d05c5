<?php

declare(strict_types=1);

namespace Jurvex\Core\Judge;

use Jurvex\Core\Measure\Length;
use Jurvex\Core\Run\Boundary;
use Jurvex\Core\Run\Division;

/** A part of the line between two things that divide it, with its verdict and what it rests on. */
final readonly class Stretch
{
    /**
     * @param Division $starts where it begins, and at what
     * @param ?Length $to none when nobody knows how far the line goes on
     * @param list<string> $because findings that decided the verdict
     */
    public function __construct(
        public Division $starts,
        public Boundary $ends,
        public ?Length $to,
        public Verdict $verdict,
        public array $because,
        public float $submergedMetres,
        public float $dimMetres,
        public ?float $unreachedMetres,
    ) {
    }
}
