<?php

declare(strict_types=1);

namespace App\Look;

use App\Screen\SaidEntryText;

/** Some words of a recording, or what was read from the words before it. */
final readonly class NarratedRow
{
    /**
     * @param float $atS seconds into the recording
     * @param string $words what was said; empty for a proposal
     * @param string $error why the proposal could not be kept; empty where nothing is wrong
     */
    public function __construct(
        public float $atS, public string $words, public ?Proposal $proposal = null, public ?SaidEntryText $text = null,
        public string $error = '',
    ) {
    }
}
