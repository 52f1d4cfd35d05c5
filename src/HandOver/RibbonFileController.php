<?php

declare(strict_types=1);

namespace App\HandOver;

use App\Record\Job;
use App\Record\MarkRepository;
use App\Screen\JobScreens;
use App\Support\Web\Download;
use App\Support\Wording\Languages;
use App\Work\LineRecords;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** A look's ribbon as a drawing that needs nothing else. */
final class RibbonFileController extends AbstractController
{
    /** What the drawing is styled by, as on the screen. */
    private const STYLES = ['tokens', 'ribbon', 'need'];

    public function __construct(private readonly Languages $languages, private readonly string $projectDir)
    {
    }

    #[Route('/jobs/{job}/look/runs/{run}/ribbon.svg', name: 'ribbon_file', methods: 'GET')]
    public function ribbon(Job $job, string $run, LineRecords $records, MarkRepository $marks, JobScreens $screens): Response
    {
        $line = $records->of($job)->runs[$run] ?? null;
        if ($line?->run->job !== $job) {
            throw $this->createNotFoundException();
        }
        $units = $job->call()->reportUnits;
        $this->languages->speak($job->call()->reportLanguage);
        $svg = $this->renderView('ribbon/file.svg.twig', [
            'ribbon' => $screens->ribbon($job, $line, $marks->ofJob($job), $units), 'line' => $line, 'units' => $units,
            'style' => implode("\n", array_map(
                fn (string $name) => (string) file_get_contents($this->projectDir.'/assets/styles/'.$name.'.css'), self::STYLES,
            )),
        ]);

        return Download::file($svg, 'image/svg+xml', 'ribbon-'.(array_search($line->run, $job->runs(), true) + 1).'.svg');
    }
}
