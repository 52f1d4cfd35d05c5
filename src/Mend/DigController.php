<?php

declare(strict_types=1);

namespace App\Mend;

use App\Firm\Account;
use App\Record\Job;
use App\Record\Shared;
use App\Screen\JobController;
use App\Screen\JobScreens;
use App\Screen\ScreenWidth;
use App\Screen\ShareLinks;
use App\Screen\Stage;
use App\Support\Logging\Audit;
use App\Support\Print\Chromium;
use App\Support\Print\PrintFailed;
use App\Support\Web\Download;
use App\Support\Wording\Languages;
use App\Work\DigSheet;
use App\Work\DigSheets;
use App\Work\LineRecords;
use App\Work\MarkedGrounds;
use Doctrine\ORM\EntityManagerInterface;
use Jurvex\Core\Measure\UnitSystem;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The dig sheets for the crew: on screen, on paper, and by a share link without the customer. */
final class DigController extends JobController
{
    private const WIDTH = 720.0;
    private const NARROW = 344.0;
    private const TALLEST = 420.0;

    public function __construct(
        JobScreens $screens, EntityManagerInterface $manager, ClockInterface $clock, private readonly DigSheets $sheets,
        private readonly MarkedGrounds $grounds, private readonly LineRecords $records, private readonly DigTexts $texts,
        private readonly Audit $audit, private readonly Languages $languages, private readonly string $projectDir,
    ) {
        parent::__construct($screens, $manager, $clock);
    }

    #[Route('/jobs/{job}/judge/dig-sheet', name: 'dig_sheet', methods: 'GET')]
    public function sheet(Job $job, Request $request, Account $account): Response
    {
        return $this->show($job, $request, $this->pages($job, $account->units(), ScreenWidth::isNarrow($request)), 'mend/dig.html.twig');
    }

    #[Route('/jobs/{job}/judge/dig-sheet.pdf', name: 'dig_sheet_pdf', methods: 'GET')]
    public function pdf(Job $job, Account $account, Chromium $printer): Response
    {
        $this->audit->note('exported', ['job' => $job->id, 'what' => 'dig sheet']);

        return $this->printed($job, $account->units(), $printer);
    }

    #[Route('/d/{token}', name: 'shared_dig_sheet', methods: 'GET')]
    public function shared(string $token, ShareLinks $links): Response
    {
        $job = $this->jobOf($token, $links);
        $this->languages->speak($job->call()->reportLanguage);
        $this->audit->note('link_opened', ['job' => $job->id, 'what' => 'dig sheet'], $job->firm);
        $pdf = $this->generateUrl('shared_dig_sheet_pdf', ['token' => $token]);

        return Download::unlisted($this->render('mend/dig_sheet.html.twig', [
            'job' => $job, 'at' => '', 'pdf' => $pdf, ...$this->pages($job, $job->call()->reportUnits),
        ]));
    }

    #[Route('/d/{token}/dig-sheet.pdf', name: 'shared_dig_sheet_pdf', methods: 'GET')]
    public function sharedPdf(string $token, ShareLinks $links, Chromium $printer): Response
    {
        $job = $this->jobOf($token, $links);
        $this->languages->speak($job->call()->reportLanguage);
        $this->audit->note('link_opened', ['job' => $job->id, 'what' => 'dig sheet'], $job->firm);

        return Download::unlisted($this->printed($job, $job->call()->reportUnits, $printer));
    }

    /** @return array<string, mixed> */
    private function pages(Job $job, UnitSystem $units, bool $isNarrow = false): array
    {
        $record = $this->records->of($job);
        $ground = $this->grounds->of($job, $record);
        $sheets = $this->sheets->of($job, $record, $ground);
        $boxes = array_values(array_filter(array_map(static fn (DigSheet $sheet) => $sheet->box, $sheets)));

        return [
            'sheets' => array_map(fn (DigSheet $sheet) => $this->texts->of($sheet, $units), $sheets), 'units' => $units,
            'drawing' => $ground->plan->isBlank() ? null : $ground->drawing(
                $units, $isNarrow ? self::NARROW : self::WIDTH, self::TALLEST, $boxes,
            ),
        ];
    }

    private function printed(Job $job, UnitSystem $units, Chromium $printer): Response
    {
        $html = $this->renderView('mend/dig_sheet.html.twig', [
            'job' => $job, 'at' => 'file://'.$this->projectDir.'/public', 'pdf' => null, ...$this->pages($job, $units),
        ]);
        try {
            return Download::file($printer->pdf($html), 'application/pdf', 'dig-sheet.pdf', HeaderUtils::DISPOSITION_INLINE);
        } catch (PrintFailed) {
            return $this->render('error/plain.html.twig', ['code' => 503, 'message' => 'error.pdf_failed'], new Response(status: 503));
        }
    }

    private function jobOf(string $token, ShareLinks $links): Job
    {
        return $links->find($token, Shared::DigSheet)->job ?? throw $this->createNotFoundException('error.no_such_link');
    }

    protected function stage(): Stage
    {
        return Stage::Judge;
    }
}
