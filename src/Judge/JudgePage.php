<?php

declare(strict_types=1);

namespace App\Judge;

use App\Record\Opening;
use App\Work\JudgedRun;

/** What the Judge screen shows. */
final readonly class JudgePage
{
    /**
     * @param list<SchoolChoice> $schools
     * @param list<JudgedFinding> $findings the worst first
     * @param int $more how many are not shown
     * @param list<Opening> $access openings that need something done
     * @param string $opened the finding that is open, with its form; empty for none
     * @param ?RefusedOpinion $refused what was sent and not taken
     */
    public function __construct(
        public JudgedRun $line, public array $schools, public array $findings, public int $more, public array $access,
        public string $opened, public ?RefusedOpinion $refused,
    ) {
    }
}
