<?php

declare(strict_types=1);

namespace App\HandOver;

use App\Record\FindingRepository;
use App\Record\Job;
use App\Support\Logging\Audit;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\ResponseHeaderBag;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Symfony\Component\HttpKernel\HttpKernelInterface;
use Symfony\Component\Routing\Attribute\Route;

/** All of a job in one zip: what its pages give one by one, each as its own address gives it. */
final class EverythingController extends AbstractController
{
    /** File by the route that gives it. */
    private const FILES = [
        'job_file' => 'job.json', 'findings_csv' => 'findings.csv', 'marks_geojson' => 'marks.geojson', 'ties_csv' => 'ties.csv',
        'report_pdf' => 'report.pdf',
    ];

    public function __construct(
        private readonly HttpKernelInterface $kernel, private readonly Audit $audit, private readonly FindingRepository $findings,
    ) {
    }

    #[Route('/jobs/{job}/everything.zip', name: 'everything', methods: 'GET')]
    public function everything(Job $job, Request $request): Response
    {
        $this->audit->note('exported', ['job' => $job->id, 'what' => 'everything']);
        $path = (string) tempnam(sys_get_temp_dir(), 'jurvex-zip');
        $zip = new \ZipArchive();
        $zip->open($path, \ZipArchive::OVERWRITE);
        foreach ($this->addresses($job) as $name => $address) {
            $content = $this->given($address, $request);
            if (null !== $content) {
                $zip->addFromString($name, $content);
            }
        }
        $zip->close();

        return (new BinaryFileResponse($path))->deleteFileAfterSend()
            ->setContentDisposition(ResponseHeaderBag::DISPOSITION_ATTACHMENT, ReportPrinter::fileName($job, 'zip'));
    }

    /** @return array<string, string> address by file */
    private function addresses(Job $job): array
    {
        $here = ['job' => $job->id];
        $files = [];
        foreach (self::FILES as $route => $name) {
            $files[$name] = $this->generateUrl($route, $here);
        }
        if ($job->property()->hasMap()) {
            $files['line-map.svg'] = $this->generateUrl('line_export', $here + ['format' => 'svg']);
        }
        if ($job->property()->hasSitePlan()) {
            $files['site-plan.svg'] = $this->generateUrl('site_plan_file', $here + ['format' => 'svg']);
        }
        foreach ($job->runs() as $i => $run) {
            $look = 'look-'.($i + 1);
            $at = $here + ['run' => $run->id];
            $files[$look.'/findings.vtt'] = $this->generateUrl('findings_vtt', $at);
            $files[$look.'/readings.csv'] = $this->generateUrl('readings_csv', $at);
            $files[$look.'/ribbon.svg'] = $this->generateUrl('ribbon_file', $at);
            foreach ($this->findings->photographed($run) as $finding) {
                $files[$look.'/'.$finding.'.jpg'] = $this->generateUrl('photo', $at + ['id' => $finding]);
            }
        }

        return $files;
    }

    /** None where there is nothing to give, as readings of a look that has none. */
    private function given(string $address, Request $request): ?string
    {
        $asked = Request::create($address, server: $request->server->all());
        $asked->setSession($request->getSession());
        try {
            $response = $this->kernel->handle($asked, HttpKernelInterface::SUB_REQUEST, false);
        } catch (HttpExceptionInterface) {
            return null;
        }
        ob_start();
        $response->sendContent();
        $content = (string) ob_get_clean();

        return $response->isSuccessful() && '' !== $content ? $content : null;
    }
}
