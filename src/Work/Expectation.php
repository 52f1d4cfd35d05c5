<?php

declare(strict_types=1);

namespace App\Work;

use Jurvex\Core\Measure\Length;
use Jurvex\Core\Run\RunRecord;

/** What the line map makes of the way from an opening before anything was pushed, and how far a tool would come on it. */
final readonly class Expectation
{
    public function __construct(public string $opening, public RunRecord $record, public ?Length $reach = null)
    {
    }
}
