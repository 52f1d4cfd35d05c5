<?php

declare(strict_types=1);

namespace App\HandOver;

use App\HandOver\JobFile\JobFileWriter;
use App\Record\FindingRepository;
use App\Record\Job;
use App\Record\JobPictureRepository;
use App\Record\Photo;
use App\Record\Run;
use App\Record\Shared;
use App\Screen\ShareLinks;
use App\Support\Logging\Audit;
use App\Support\Print\PrintFailed;
use App\Support\Web\Download;
use App\Support\Wording\Languages;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The report as page and PDF, for the firm and for whoever holds a share link; and the job's files. */
final class ReportController extends AbstractController
{
    public function __construct(
        private readonly Reports $reports,
        private readonly ReportPages $pages,
        private readonly Audit $audit,
        private readonly ReportPrinter $printer,
        private readonly Languages $languages,
    ) {
    }

    #[Route('/jobs/{job}/report', name: 'report', methods: 'GET')]
    public function report(Job $job, Request $request): Response
    {
        $form = $this->asked($job, $request);
        $report = $this->reports->of($job);
        $photos = self::photos($report, fn (Run $run, string $finding) => $this->generateUrl('photo', [
            'job' => $run->job->id, 'run' => $run->id, 'id' => $finding,
        ]), fn (string $id) => $this->generateUrl('picture', ['job' => $job->id, 'id' => $id]));

        $pdf = $this->generateUrl('report_pdf', ['job' => $job->id] + $form->query());

        return $this->shown($this->pages->of($report, $photos, $pdf, true, form: $form));
    }

    #[Route('/jobs/{job}/report.pdf', name: 'report_pdf', methods: 'GET')]
    public function pdf(Job $job, Request $request): Response
    {
        $this->audit->note('exported', ['job' => $job->id, 'what' => 'report']);

        return $this->printed($job, ReportForm::asked($request));
    }

    #[Route('/jobs/{job}/job.json', name: 'job_file', methods: 'GET')]
    public function jobFile(Job $job, JobFileWriter $writer): Response
    {
        $this->audit->note('exported', ['job' => $job->id, 'what' => 'job file']);

        return Download::file($writer->write($job), 'application/json', ReportPrinter::fileName($job, 'json'));
    }

    #[Route('/jobs/{job}/findings.csv', name: 'findings_csv', methods: 'GET')]
    public function findings(Job $job, FindingsCsv $csv): Response
    {
        $this->audit->note('exported', ['job' => $job->id, 'what' => 'findings']);

        return Download::file($csv->export($job), 'text/csv; charset=UTF-8', ReportPrinter::fileName($job, 'csv'));
    }

    #[Route('/r/{token}', name: 'shared_report', methods: 'GET')]
    public function shared(string $token, ShareLinks $links, Request $request): Response
    {
        $link = $links->find($token, Shared::Report) ?? throw $this->createNotFoundException('error.no_such_link');
        $job = $link->job;
        $links->opened($link);
        $this->audit->note('link_opened', ['job' => $job->id], $job->firm);
        $form = $this->asked($job, $request);
        $report = $this->reports->of($job);
        $address = fn (string $id) => $this->generateUrl('shared_photo', ['token' => $token, 'id' => $id]);
        $photos = self::photos($report, static fn (Run $run, string $finding) => $address($finding), $address);

        return Download::unlisted($this->shown(
            $this->pages->of(
                $report, $photos, $this->generateUrl('shared_pdf', ['token' => $token] + $form->query()), false, form: $form,
            ),
        ));
    }

    #[Route('/r/{token}/report.pdf', name: 'shared_pdf', methods: 'GET')]
    public function sharedPdf(string $token, ShareLinks $links, Request $request): Response
    {
        $job = $this->jobOf($token, $links);
        $this->audit->note('link_opened', ['job' => $job->id, 'what' => 'report'], $job->firm);

        return Download::unlisted($this->printed($job, ReportForm::asked($request)));
    }

    #[Route('/r/{token}/photos/{id}', name: 'shared_photo', methods: 'GET')]
    public function sharedPhoto(
        string $token, string $id, ShareLinks $links, FindingRepository $findings, EntityManagerInterface $manager,
        JobPictureRepository $pictures,
    ): Response {
        $job = $this->jobOf($token, $links);
        $finding = $findings->find($id);
        // The report shows an earlier look at the property beside the job's own.
        $isTold = null !== $finding && null === $finding->withdrawnAt() && $finding->run->job->property() === $job->property();
        $isTold = $isTold && $finding->run->startedAt <= $job->lastLookedAt() || null !== $pictures->onJob($id, $job);
        $photo = $isTold ? $manager->find(Photo::class, $id) : null;

        return Download::unlisted($photo?->asResponse() ?? throw $this->createNotFoundException());
    }

    /** What is asked for; and from here on its language is spoken. */
    private function asked(Job $job, Request $request): ReportForm
    {
        $form = ReportForm::asked($request);
        $this->languages->speak($form->language ?? $job->call()->reportLanguage);

        return $form;
    }

    private function jobOf(string $token, ShareLinks $links): Job
    {
        return $links->find($token, Shared::Report)->job ?? throw $this->createNotFoundException('error.no_such_link');
    }

    /**
     * @param \Closure(Run, string): string $address of a run's picture of a finding
     * @param \Closure(string): string $ofPlace address of a picture of the place or of an opening
     *
     * @return array<string, string> addresses by what they show
     */
    private static function photos(Report $report, \Closure $address, \Closure $ofPlace): array
    {
        $photos = [];
        foreach ($report->pictures as $picture) {
            $photos[$picture->id] = $ofPlace($picture->id);
        }
        foreach ($report->looks() as $line) {
            foreach ($line->photographed as $finding) {
                $photos[$finding] = $address($line->run, $finding);
            }
        }

        return $photos;
    }

    private function shown(ReportPage $page): Response
    {
        return $this->render(ReportPrinter::TEMPLATE, ['page' => $page]);
    }

    private function printed(Job $job, ReportForm $form): Response
    {
        try {
            return Download::file(
                $this->printer->pdf($job, $form), 'application/pdf', ReportPrinter::fileName($job, 'pdf'),
                HeaderUtils::DISPOSITION_INLINE,
            );
        } catch (PrintFailed) {
            return $this->render('error/plain.html.twig', ['code' => 503, 'message' => 'error.pdf_failed'], new Response(status: 503));
        }
    }
}
