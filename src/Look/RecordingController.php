<?php

declare(strict_types=1);

namespace App\Look;

use App\Record\Job;
use App\Record\Run;
use App\Screen\JobController;
use App\Screen\JobScreens;
use App\Screen\Stage;
use App\Support\Database\Id;
use App\Support\Units\Formatter;
use App\Work\JudgedRuns;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Contracts\Translation\TranslatorInterface;

/** The recording of a run: kept as it came, played beside the ribbon, with the findings as its chapters. */
#[Route('/jobs/{job}/look/runs/{run}', requirements: ['run' => Id::PATTERN])]
final class RecordingController extends JobController
{
    /** A finding stays in the picture for so long, in seconds. */
    private const SHOWN_S = 4.0;

    public function __construct(
        JobScreens $screens, EntityManagerInterface $manager, ClockInterface $clock, private readonly JudgedRuns $runs,
        private readonly TranslatorInterface $translator, private readonly Formatter $formatter,
        private readonly Recordings $recordings,
    ) {
        parent::__construct($screens, $manager, $clock);
    }

    #[Route('/recording', name: 'recording_attach', methods: 'POST')]
    public function attach(Job $job, string $run, Request $request): Response
    {
        $run = $this->existing(Run::class, $job, $run);
        $upload = $request->files->get('recording');
        try {
            $this->recordings->attach($run, $upload instanceof UploadedFile ? $upload : null);
        } catch (RefusedRecording $refused) {
            return $this->show($job, $request, [
                'runForm' => null, 'endForm' => null, 'plain' => null, 'badRecording' => $refused->reason,
            ], refused: true);
        }

        return $this->redirectToRoute('recording', ['job' => $job->id, 'run' => $run->id], Response::HTTP_SEE_OTHER);
    }

    /** The player, beside the ribbon. */
    #[Route('/recording', name: 'recording', methods: 'GET')]
    public function player(Job $job, string $run, Request $request): Response
    {
        $run = $this->existing(Run::class, $job, $run);
        $request->query->set('run', $run->id);

        return $this->show($job, $request, ['run' => $run, 'times' => $this->times($run)], 'look/recording.html.twig');
    }

    /** The file itself; a player may ask for parts of it. */
    #[Route('/recording/file', name: 'recording_file', methods: 'GET')]
    public function recording(Job $job, string $run, Request $request): Response
    {
        return $this->recordings->answer($this->existing(Run::class, $job, $run), $request) ?? throw $this->createNotFoundException();
    }

    /** The findings as WebVTT. */
    #[Route('/findings.vtt', name: 'findings_vtt', methods: 'GET')]
    public function chapters(Job $job, string $run): Response
    {
        $run = $this->existing(Run::class, $job, $run);
        $cues = ['WEBVTT'];
        $units = $job->call()->reportUnits;
        $times = $this->times($run);
        foreach ($this->runs->judge($run)->record->findings as $finding) {
            if (isset($times[$finding->id])) {
                $cues[] = \sprintf(
                    "%s\n%s --> %s\n%s", $finding->id, self::clock($times[$finding->id]),
                    self::clock($times[$finding->id] + self::SHOWN_S),
                    $this->translator->trans('recording.cue', [
                        '%kind%' => $this->translator->trans('kind.'.$finding->kind->value),
                        '%at%' => $this->formatter->distance($finding->from->metres, $units),
                    ]),
                );
            }
        }

        return new Response(implode("\n\n", $cues)."\n", headers: ['Content-Type' => 'text/vtt; charset=UTF-8']);
    }

    /** @return array<string, float> seconds into the recording, by finding */
    private function times(Run $run): array
    {
        /** @var list<array{id: string, recordedS: float}> $rows */
        $rows = $this->manager->createQuery(
            'SELECT f.id AS id, f.recordedS AS recordedS FROM App\Record\LoggedFinding f WHERE f.run = :run'
                .' AND f.withdrawnAt IS NULL AND f.recordedS IS NOT NULL ORDER BY f.recordedS ASC',
        )
            ->setParameter('run', $run->id)->getResult();

        return array_column($rows, 'recordedS', 'id');
    }

    private static function clock(float $seconds): string
    {
        return \sprintf('%02d:%02d:%06.3f', intdiv((int) $seconds, 3600), intdiv((int) $seconds, 60) % 60, fmod($seconds, 60));
    }

    protected function stage(): Stage
    {
        return Stage::Look;
    }
}
