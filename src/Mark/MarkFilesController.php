<?php

declare(strict_types=1);

namespace App\Mark;

use App\Firm\Account;
use App\Record\Job;
use App\Screen\MarkTexts;
use App\Support\Logging\Audit;
use App\Support\Print\Chromium;
use App\Support\Print\PrintFailed;
use App\Support\Web\Download;
use App\Work\DigSheet;
use App\Work\DigSheets;
use App\Work\LineRecords;
use App\Work\MarkedGround;
use App\Work\MarkedGrounds;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The marks of a job as files: the site plan, the ties, places on the earth. */
#[Route('/jobs/{job}/mark')]
final class MarkFilesController extends AbstractController
{
    private const WIDTH = 900.0;
    private const TALLEST = 900.0;

    public function __construct(
        private readonly MarkedGrounds $grounds, private readonly LineRecords $records, private readonly MarkTexts $texts,
        private readonly Audit $audit, private readonly DigSheets $sheets,
    ) {
    }

    #[Route('/site-plan.{format}', name: 'site_plan_file', requirements: ['format' => 'svg|png'], methods: 'GET')]
    public function plan(Job $job, string $format, Account $account, Chromium $chromium): Response
    {
        $ground = $this->ground($job, 'site plan');
        $drawing = $ground->drawing($account->units(), self::WIDTH, self::TALLEST);
        $words = [];
        foreach ($this->texts->ground($ground, $account->units())->marks as $mark) {
            $words[] = $mark->label.': '.$mark->at.', '.$mark->depth.('' === $mark->taped ? '' : '. '.$mark->taped);
        }
        $svg = $this->renderView('mark/site_file.svg.twig', [
            'drawing' => $drawing, 'units' => $account->units(), 'title' => $job->property()->place(), 'words' => $words,
        ]);
        if ('svg' === $format) {
            return self::download($svg, 'image/svg+xml', $job, 'site-plan', 'svg');
        }
        try {
            $height = (int) ceil($drawing->height) + 60 + 24 * \count($words);

            return self::download($chromium->picture($svg, (int) self::WIDTH, $height), 'image/png', $job, 'site-plan', 'png');
        } catch (PrintFailed) {
            return $this->render('error/plain.html.twig', ['code' => 503, 'message' => 'map.png_failed'], new Response(status: 503));
        }
    }

    #[Route('/ties.csv', name: 'ties_csv', methods: 'GET')]
    public function ties(Job $job): Response
    {
        return self::download(TiesCsv::write($this->ground($job, 'ties')), 'text/csv; charset=UTF-8', $job, 'ties', 'csv');
    }

    #[Route('/marks.geojson', name: 'marks_geojson', methods: 'GET')]
    public function geo(Job $job): Response
    {
        $this->audit->note('exported', ['job' => $job->id, 'what' => 'marks']);
        $record = $this->records->of($job);
        $ground = $this->grounds->of($job, $record);
        $boxes = array_map(static fn (DigSheet $sheet) => $sheet->box, $this->sheets->of($job, $record, $ground));
        $earth = $ground->plan->earth ?? throw $this->createNotFoundException('error.no_earth');

        $content = MarksGeoJson::write($ground, $earth, array_values(array_filter($boxes)));

        return self::download($content, 'application/geo+json', $job, 'marks', 'geojson');
    }

    private function ground(Job $job, string $what): MarkedGround
    {
        $this->audit->note('exported', ['job' => $job->id, 'what' => $what]);

        return $this->grounds->of($job, $this->records->of($job));
    }

    private static function download(string $content, string $type, Job $job, string $name, string $ending): Response
    {
        $file = $name.'-'.trim((string) preg_replace('/[^a-z0-9]+/', '-', mb_strtolower($job->call()->number)), '-').'.'.$ending;

        return Download::file($content, $type, $file);
    }
}
