<?php

declare(strict_types=1);

namespace App\HandOver;

use App\Screen\FindingText;
use App\Work\JudgedRun;
use Jurvex\Core\Ribbon\Ribbon;

/** One look of the report with what was logged on it. */
final readonly class ReportLook
{
    /** @param list<FindingText> $findings in order of distance */
    public function __construct(public JudgedRun $line, public Ribbon $ribbon, public array $findings)
    {
    }
}
