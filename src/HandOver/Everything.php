<?php

declare(strict_types=1);

namespace App\HandOver;

use App\Record\FindingRepository;
use App\Record\Job;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\RequestStack;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Symfony\Component\HttpKernel\HttpKernelInterface;
use Symfony\Component\Routing\Generator\UrlGeneratorInterface;

/** All of a job in one zip: what its pages give one by one, each as its own address gives it to whoever is signed in. */
final readonly class Everything
{
    /** File by the route that gives it. */
    private const FILES = [
        'job_file' => 'job.json', 'findings_csv' => 'findings.csv', 'marks_geojson' => 'marks.geojson', 'ties_csv' => 'ties.csv',
        'report_pdf' => 'report.pdf',
    ];

    public function __construct(
        private HttpKernelInterface $kernel, private UrlGeneratorInterface $urls, private RequestStack $requests,
        private FindingRepository $findings,
    ) {
    }

    /**
     * @param string $path where the zip goes
     * @param string $server scheme and name of the server
     * @param ?\Closure(int, int): void $hear called with how many files of how many are in it
     */
    public function write(Job $job, string $path, string $server, ?\Closure $hear = null): void
    {
        $zip = new \ZipArchive();
        $zip->open($path, \ZipArchive::CREATE | \ZipArchive::OVERWRITE);
        $addresses = $this->addresses($job);
        $done = 0;
        foreach ($addresses as $name => $address) {
            null === $hear || $hear($done++, \count($addresses));
            $content = $this->given($server.$address);
            if (null !== $content) {
                $zip->addFromString($name, $content);
            }
        }
        $zip->close();
    }

    /** @return array<string, string> address by file */
    private function addresses(Job $job): array
    {
        $here = ['job' => $job->id];
        $files = [];
        foreach (self::FILES as $route => $name) {
            $files[$name] = $this->urls->generate($route, $here);
        }
        if ($job->property()->hasMap()) {
            $files['line-map.svg'] = $this->urls->generate('line_export', $here + ['format' => 'svg']);
        }
        if ($job->property()->hasSitePlan()) {
            $files['site-plan.svg'] = $this->urls->generate('site_plan_file', $here + ['format' => 'svg']);
        }
        foreach ($job->runs() as $i => $run) {
            $look = 'look-'.($i + 1);
            $at = $here + ['run' => $run->id];
            $files[$look.'/findings.vtt'] = $this->urls->generate('findings_vtt', $at);
            $files[$look.'/readings.csv'] = $this->urls->generate('readings_csv', $at);
            $files[$look.'/ribbon.svg'] = $this->urls->generate('ribbon_file', $at);
            foreach ($this->findings->photographed($run) as $finding) {
                $files[$look.'/'.$finding.'.jpg'] = $this->urls->generate('photo', $at + ['id' => $finding]);
            }
        }

        return $files;
    }

    /** None where there is nothing to give, as readings of a look that has none. */
    private function given(string $address): ?string
    {
        $asked = Request::create($address);
        $now = $this->requests->getCurrentRequest();
        if (true === $now?->hasSession()) {
            $asked->setSession($now->getSession());
        }
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
