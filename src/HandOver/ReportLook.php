<?php

declare(strict_types=1);

namespace App\HandOver;

use App\Work\JudgedRun;
use Jurvex\Core\Ribbon\Ribbon;

/** One look of the report with its findings. */
final readonly class ReportLook
{
    /**
     * @param bool $isEarlier whether a later look from the same opening counts in its place
     * @param list<ReportFinding> $findings in order of distance
     */
    public function __construct(public JudgedRun $line, public Ribbon $ribbon, public bool $isEarlier, public array $findings)
    {
    }
}
