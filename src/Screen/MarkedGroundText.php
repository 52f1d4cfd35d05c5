<?php

declare(strict_types=1);

namespace App\Screen;

/** A job's marks in words, and what they say together. */
final readonly class MarkedGroundText
{
    /**
     * @param list<MarkText> $marks in order along each run
     * @param list<string> $lines whether they lie on the ground as the pipe does
     * @param list<string> $falls between marks that follow each other
     */
    public function __construct(public array $marks, public array $lines, public array $falls)
    {
    }
}
