<?php

declare(strict_types=1);

namespace App\Work;

use App\Record\Narrated;

/** Some words that were said, found again. */
final readonly class SaidHit
{
    /**
     * @param float $atS seconds into the recording, or since the run began
     * @param ?float $atM where on the line; none where nobody knows
     */
    public function __construct(public Narrated $narrated, public float $atS, public ?float $atM, public string $text)
    {
    }
}
