<?php

declare(strict_types=1);

namespace App\Mend;

use App\Work\DigSheet;

/** A dig sheet in words. */
final readonly class DigText
{
    /**
     * @param string $title what is done, and where along the line
     * @param array<string, string> $facts by their label
     * @param list<string> $ends how each end is found
     * @param list<string> $marks in it and beside it
     * @param list<string> $cautions what is wrong with what it rests on
     */
    public function __construct(
        public DigSheet $sheet, public string $title, public array $facts, public array $ends, public array $marks, public array $cautions,
    ) {
    }
}
