<?php

declare(strict_types=1);

namespace App\HandOver;

use App\Record\Job;
use App\Support\Print\Chromium;
use App\Support\Print\PrintFailed;
use App\Support\Wording\Languages;
use Twig\Environment;

/** Prints a job's report. */
final readonly class ReportPrinter
{
    public const TEMPLATE = 'hand_over/report.html.twig';

    public function __construct(
        private Reports $reports, private ReportPages $pages, private Environment $twig, private Chromium $printer,
        private Languages $languages, private string $projectDir,
    ) {
    }

    /** @throws PrintFailed */
    public function pdf(Job $job, ReportForm $form = new ReportForm()): string
    {
        return $this->print($this->page($job, $form));
    }

    /** @throws PrintFailed */
    public function print(string $page): string
    {
        return $this->printer->pdf($page);
    }

    /** As a page that needs nothing from the server. */
    public function page(Job $job, ReportForm $form): string
    {
        return $this->languages->in($form->language ?? $job->call()->reportLanguage, fn () => $this->spoken($job, $form));
    }

    private function spoken(Job $job, ReportForm $form): string
    {
        $report = $this->reports->of($job);
        $page = $this->pages->of(
            $report, $this->reports->embeddedPhotos($report), null, false, 'file://'.$this->projectDir.'/public', $form,
        );

        return $this->twig->render(self::TEMPLATE, ['page' => $page]);
    }

    public static function fileName(Job $job, string $ending): string
    {
        return 'job-'.(preg_replace('/[^A-Za-z0-9-]+/', '-', $job->call()->number) ?: $job->id).'.'.$ending;
    }
}
