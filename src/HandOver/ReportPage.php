<?php

declare(strict_types=1);

namespace App\HandOver;

use App\Record\Opening;
use App\Screen\AdviceText;
use App\Screen\CompareText;
use App\Screen\MarkedGroundText;
use App\Screen\MendText;
use App\Screen\OutsideText;
use App\Screen\PortionText;

/** The report as a reader gets it. */
final readonly class ReportPage
{
    /**
     * @param list<PortionText> $portions of the line, with what nobody saw of each
     * @param list<ReportFinding> $findings that are in the line, in their places
     * @param list<string> $gone what a later look found no more
     * @param list<ReportLook> $looks in the order in which they were made
     * @param list<string> $sentences what was found, the worst first
     * @param int $more how many are not among the sentences
     * @param list<Opening> $access openings that need something done
     * @param list<AdviceText> $accessAdvice what is wrong with the openings by the line map
     * @param list<OutsideText> $outside pipes that were seen from outside
     * @param ?MarkedGroundText $marks none where nothing was marked
     * @param list<MendText> $mends the ways to mend it
     * @param list<string> $wait what happens if nothing is done now
     * @param list<CompareText> $compared the job's looks over the ones before them
     * @param array<string, string> $photos addresses by finding
     * @param ?string $pdf address of the same as PDF
     * @param bool $isSignedIn whether the reader can go back to the job
     * @param string $assets what stands before an asset's address, for printing without a server
     */
    public function __construct(
        public Report $report, public array $portions, public array $findings, public array $gone, public array $looks,
        public array $sentences, public int $more, public array $access, public array $accessAdvice, public array $outside,
        public ?MarkedGroundText $marks, public array $mends, public array $wait,
        public array $compared, public array $photos, public ?string $pdf,
        public bool $isSignedIn,
        public string $assets = '',
        public ReportForm $form = new ReportForm(),
    ) {
    }

    /** @return list<string> what clearing has done, by the looks before and after it */
    public function results(): array
    {
        return array_values(array_filter(array_map(static fn (CompareText $text) => $text->result, $this->compared)));
    }
}
