<?php

declare(strict_types=1);

namespace Jurvex\Core\Practice;

use Jurvex\Core\Finding\Finding;

/** A place that a crew would have to find, and the mark that was made for it. */
final readonly class MarkScore
{
    /**
     * @param float $at metres along the line
     * @param ?TriedMark $mark none where nobody marked it
     * @param float $depth how deep the pipe is there
     * @param list<MarkFault> $faults
     */
    public function __construct(
        public Finding $finding, public float $at, public ?TriedMark $mark, public float $depth, public array $faults,
    ) {
    }

    public function isGood(): bool
    {
        return null !== $this->mark && [] === $this->faults;
    }
}
