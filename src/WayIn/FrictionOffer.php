<?php

declare(strict_types=1);

namespace App\WayIn;

use App\Firm\KitTool;
use App\Record\Run;

/** What friction would explain where the rod itself ended a run. */
final readonly class FrictionOffer
{
    /**
     * @param ?float $friction none where none explains it
     * @param float $now what the kit has
     */
    public function __construct(public Run $run, public KitTool $tool, public bool $wet, public ?float $friction, public float $now)
    {
    }
}
