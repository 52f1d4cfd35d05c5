<?php

declare(strict_types=1);

namespace App\HandOver;

use App\Screen\FindingText;

/** A finding as the report lists it. */
final readonly class ReportFinding
{
    /**
     * @param string $ruling the rule in words, whose school it is, what it asks for and who judges otherwise
     * @param bool $isPlain a sound joint: only among the raw findings
     * @param ?string $photo the picture's address
     * @param string $photoWords what the picture shows
     */
    public function __construct(
        public FindingText $text, public string $ruling, public bool $isPlain, public ?string $photo, public string $photoWords,
    ) {
    }
}
