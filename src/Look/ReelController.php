<?php

declare(strict_types=1);

namespace App\Look;

use App\Firm\Account;
use App\Record\FindingRepository;
use App\Record\Job;
use App\Record\Run;
use App\Screen\JobController;
use App\Screen\JobScreens;
use App\Screen\Stage;
use App\Support\Database\Id;
use App\Support\Units\Formatter;
use App\Support\Wording\Placeholders;
use App\Work\Cameras;
use App\Work\SimulatedLines;
use App\Work\Tracks;
use Doctrine\DBAL\Exception\UniqueConstraintViolationException;
use Doctrine\ORM\EntityManagerInterface;
use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Measure\Bore;
use Jurvex\Core\Reel\ReadingFormat;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Contracts\Translation\TranslatorInterface;

/** The reel of a run: its readings, and the one that is only simulated. */
#[Route('/jobs/{job}/look/runs/{run}', requirements: ['run' => Id::PATTERN, 'id' => Id::PATTERN])]
final class ReelController extends JobController
{
    public function __construct(
        JobScreens $screens,
        EntityManagerInterface $manager, ClockInterface $clock,
        private readonly Tracks $tracks,
        private readonly TranslatorInterface $translator,
    ) {
        parent::__construct($screens, $manager, $clock);
    }

    /** A batch in the open format, a line for each reading. */
    #[Route('/readings/{id}', name: 'readings', methods: 'POST')]
    public function take(Job $job, string $run, string $id, Request $request): Response
    {
        $run = $this->existing(Run::class, $job, $run);
        if ($request->query->getBoolean('simulated')) {
            $job->mayBeSimulated() || throw $this->createNotFoundException();
            $run->simulate();
        }
        try {
            $track = $this->tracks->store($run, $id, $request->getContent(true));
        } catch (BadInput $error) {
            return new JsonResponse(['errors' => ['readings' => $this->inWords($error)]], Response::HTTP_UNPROCESSABLE_ENTITY);
        } catch (UniqueConstraintViolationException) {
            // The same batch came in on two connections at once; the other one has stored it.
            return new JsonResponse([], Response::HTTP_CREATED);
        }

        return new JsonResponse(['deepest_m' => $track->deepest], Response::HTTP_CREATED);
    }

    /** A file of readings, as a reel or another program has written it. */
    #[Route('/readings', name: 'readings_file', methods: 'POST')]
    public function fromFile(Job $job, string $run, Request $request): Response
    {
        $run = $this->existing(Run::class, $job, $run);
        $upload = $request->files->get('readings');
        $bad = null;
        if (!$upload instanceof UploadedFile || !$upload->isValid()) {
            $bad = $this->translator->trans('error.readings_file');
        } else {
            try {
                $id = Id::of($run->startedAt, $run->id.hash_file('sha256', $upload->getPathname()));
                $this->tracks->store($run, $id, fopen($upload->getPathname(), 'r') ?: throw BadInput::missing('line 1'));
            } catch (BadInput $error) {
                $bad = $this->inWords($error);
            }
        }

        return null === $bad
            ? $this->backToRun($run)
            : $this->show($job, $request, ['runForm' => null, 'endForm' => null, 'plain' => null, 'badReadings' => $bad], refused: true);
    }

    #[Route('/readings.csv', name: 'readings_csv', methods: 'GET')]
    public function csv(Job $job, string $run): Response
    {
        $run = $this->existing(Run::class, $job, $run);

        return new Response(
            ReadingFormat::HEADING."\n".implode("\n", iterator_to_array($this->tracks->lines($run), false))."\n",
            headers: ['Content-Type' => 'text/csv; charset=UTF-8', 'Content-Disposition' => 'attachment; filename="readings.csv"'],
        );
    }

    /** The simulated line and its reel, for the adapter in the browser. */
    #[Route('/reel.json', name: 'reel', methods: 'GET')]
    public function reel(Job $job, string $run, SimulatedLines $lines): Response
    {
        $job->mayBeSimulated() || throw $this->createNotFoundException();

        return new JsonResponse($lines->view($this->existing(Run::class, $job, $run)));
    }

    /** Depth of the water from where it stands on the lens; it counts when the camera has been still for the house value. */
    #[Route('/lens', name: 'run_lens', methods: 'GET')]
    public function lens(Job $job, string $run, Request $request, Account $account, Formatter $formatter, Cameras $cameras): Response
    {
        $run = $this->existing(Run::class, $job, $run);
        $on = filter_var($request->query->getString('on'), \FILTER_VALIDATE_FLOAT);
        if (false === $on) {
            return new JsonResponse([], Response::HTTP_UNPROCESSABLE_ENTITY);
        }
        $depth = $cameras->on($run)->depth(max(-1.0, min(1.0, $on)), Bore::orUsual($run->details()->boreMm));

        return new JsonResponse([
            'depth_mm' => round($depth->depth->inMillimetres(), 1),
            'at_least' => $depth->atLeast, 'still' => $this->tracks->isStill($run),
            'typed' => $formatter->bareSmall($depth->depth->inMillimetres(), $account->units()),
        ]);
    }

    /** Puts the counter right by the evidence of the joints; what was read is counted anew, what was logged is replaced. */
    #[Route('/counter', name: 'run_counter', methods: 'POST')]
    public function counter(Job $job, string $run, Request $request, FindingRepository $findings): Response
    {
        $run = $this->existing(Run::class, $job, $run);
        $times = filter_var($request->request->getString('times'), \FILTER_VALIDATE_FLOAT, [
            'options' => ['min_range' => 0.9, 'max_range' => 1.1],
        ]);
        if (false !== $times) {
            $details = clone $run->details();
            $details->counterFactor = round(($details->counterFactor ?? 1.0) * $times, 5);
            $run->describe($details);
            foreach ($findings->everythingOf($run) as $finding) {
                if (null === $finding->withdrawnAt() && null !== $finding->readingM) {
                    $this->manager->persist($finding->recounted(Id::fresh(), $times));
                    $finding->withdraw($this->now());
                }
            }
            $this->store();
            $this->tracks->again($run);
            $this->store();
        }

        return $this->backToRun($run);
    }

    private function inWords(BadInput $error): string
    {
        return $this->translator->trans('error.readings_line', [
            '%line%' => str_replace('line ', '', $error->at),
            '%why%' => $this->translator->trans('error.'.$error->reason, Placeholders::of($error->allowed)),
        ]);
    }

    protected function stage(): Stage
    {
        return Stage::Look;
    }
}
