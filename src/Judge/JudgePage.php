<?php

declare(strict_types=1);

namespace App\Judge;

use App\Record\Opening;
use App\Record\SecondOpinion;
use App\Screen\MendText;
use App\Screen\OutsideText;
use App\Screen\PortionText;
use App\Screen\StretchText;
use App\Work\JudgedRun;
use Jurvex\Core\Judge\Verdict;

/** What the Judge screen shows: the property's line, or one run alone. */
final readonly class JudgePage
{
    /**
     * @param ?JudgedRun $alone the run that is looked at alone
     * @param list<PortionText> $portions of the line; none for a run alone
     * @param list<StretchText> $stretches of the run alone
     * @param list<SchoolChoice> $schools
     * @param list<JudgedFinding> $findings the worst first
     * @param int $more how many are not shown
     * @param list<string> $gone what a later look found no more
     * @param list<string> $doubts questions that only the technician can answer
     * @param list<Opening> $access openings that need something done
     * @param list<OutsideText> $outside pipes that were seen from outside
     * @param list<MendText> $mends how the line can be mended; none for a run alone
     * @param array<string, list<SecondOpinion>> $seconds asked of the office, by finding
     * @param string $opened the finding that is open, with its form; empty for none
     * @param ?RefusedOpinion $refused what was sent and not taken
     */
    public function __construct(
        public Verdict $verdict, public ?JudgedRun $alone, public array $portions, public array $stretches, public array $schools,
        public array $findings, public int $more, public array $gone, public array $doubts, public array $access,
        public array $outside, public array $mends, public array $seconds, public string $opened,
        public ?RefusedOpinion $refused,
    ) {
    }
}
