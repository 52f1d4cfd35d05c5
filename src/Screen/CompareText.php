<?php

declare(strict_types=1);

namespace App\Screen;

use App\Work\LookPair;

/** Two looks laid over each other, in words. */
final readonly class CompareText
{
    /**
     * @param string $before the look before: day, opening and way
     * @param string $after the same of the look after
     * @param string $fit how their distances go together, and how well
     * @param string $counted how many findings became what
     * @param string $result what clearing between them has done; empty where nothing was cleared between
     * @param list<FateText> $fates in the order of the line
     */
    public function __construct(
        public LookPair $pair, public string $before, public string $after, public string $fit, public string $counted,
        public string $result, public array $fates,
    ) {
    }
}
