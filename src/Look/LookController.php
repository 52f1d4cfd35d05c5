<?php

declare(strict_types=1);

namespace App\Look;

use App\Firm\Account;
use App\Record\Job;
use App\Record\Opening;
use App\Record\Run;
use App\Record\RunDetails;
use App\Screen\JobController;
use App\Screen\JobScreens;
use App\Screen\Stage;
use App\Support\Database\Id;
use App\Support\Form\SentForm;
use App\Work\FirstMaps;
use Doctrine\ORM\EntityManagerInterface;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Run\EndReason;
use Jurvex\Core\Sketch\HouseTables;
use Psr\Clock\ClockInterface;
use Symfony\Component\Form\FormInterface;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The runs of a job: starting one, its water, its end. */
#[Route('/jobs/{job}/look', requirements: ['id' => Id::PATTERN])]
final class LookController extends JobController
{
    public function __construct(
        JobScreens $screens, EntityManagerInterface $manager, ClockInterface $clock, private readonly RunStarts $starts,
    ) {
        parent::__construct($screens, $manager, $clock);
    }

    #[Route('', name: 'look', methods: 'GET')]
    public function look(Job $job, Request $request): Response
    {
        return $this->bench($job, $request);
    }

    /** Starts a run or corrects how it was set up; the screen has made the identifier. */
    #[Route('/runs/{id}', name: 'run', methods: ['GET', 'POST'])]
    public function run(Job $job, string $id, Request $request): Response
    {
        if (Id::AHEAD === $id) {
            throw $this->createNotFoundException();
        }
        $run = $this->entry(Run::class, $job, $id);
        $details = null === $run ? $this->starts->of($job) : clone $run->details();
        $form = $this->runForm($job, $id, $details, null === $run);
        if (null === $job->chosenOpening() || !SentForm::isAccepted($form, $request)) {
            return $this->bench($job, $request, ['runForm' => $form]);
        }
        $this->takeTradeSize($details);
        if (null === $run) {
            $opening = $form->get('opening')->getData();
            \assert($opening instanceof Opening);
            $run = new Run($id, $job, $opening, $this->now(), $details);
        }
        $run->describe($details);
        $this->store($run);

        return $this->backToRun($run);
    }

    /** Nobody types true bores: a trade size is taken by the house table, and that is said. */
    private function takeTradeSize(RunDetails $details): void
    {
        if (null === $details->boreMm) {
            return;
        }
        $typed = Length::millimetres($details->boreMm);
        $bore = HouseTables::typedBore($details->material, $typed);
        if (0 !== $bore->compareTo($typed)) {
            $details->boreMm = $bore->inMillimetres();
            $this->addFlash('trade_size', ['material' => $details->material, 'size' => $typed, 'bore' => $bore]);
        }
    }

    #[Route('/runs/{id}/water', name: 'run_water', methods: 'POST')]
    public function water(Job $job, string $id, Request $request): Response
    {
        $run = $this->existing(Run::class, $job, $id);
        $run->turnWater(
            'on' === $request->request->getString('water'),
            $run->whenSaid($request->request->getString('entered_at'), $this->now()),
        );
        $this->store();

        return $request->isXmlHttpRequest() ? new JsonResponse([], Response::HTTP_CREATED) : $this->backToRun($run);
    }

    #[Route('/runs/{id}/end', name: 'run_end', methods: ['GET', 'POST'])]
    public function end(Job $job, string $id, Request $request, RunEnds $ends, FirstMaps $maps): Response
    {
        $run = $this->existing(Run::class, $job, $id);
        $end = $ends->of($run);
        $form = $this->createForm(RunEndForm::class, $end, ['action' => $this->generateUrl('run_end', ['job' => $job->id, 'id' => $id])]);
        if (!SentForm::isAccepted($form, $request)) {
            return $this->bench($job, $request, ['endForm' => $form]);
        }
        $run->end($end->reason ?? EndReason::Other, $end->reachedM ?? 0.0, $end->note, $this->now());
        $this->store();
        // The first look of a property is its first map; on Way in it is altered or taken back.
        if (null === $job->practice() && $maps->draw($run)) {
            $this->addFlash('map_drawn', true);
        }

        return $this->backToRun($run);
    }

    /** What a counter reading comes to: distance from zero, rod left, fall. */
    #[Route('/runs/{id}/reading', name: 'run_reading', methods: 'GET')]
    public function reading(Job $job, string $id, Account $account, Request $request, Readouts $readouts): Response
    {
        $readout = $readouts->of(
            $this->existing(Run::class, $job, $id), $request->query->getString('reading'), $request->query->getString('tilt'),
            $account->units(),
        );

        return $this->render('look/readouts.html.twig', ['readout' => $readout]);
    }

    #[Route('/runs/{id}/go-on', name: 'run_go_on', methods: 'POST')]
    public function goOn(Job $job, string $id): Response
    {
        $run = $this->existing(Run::class, $job, $id);
        $run->goOn();
        $this->store();

        return $this->backToRun($run);
    }

    /** @param array<string, mixed> $parameters */
    private function bench(Job $job, Request $request, array $parameters = []): Response
    {
        $wantsNew = [] === $job->runs() || $request->query->has('start');
        if ($wantsNew && !isset($parameters['runForm']) && null !== $job->chosenOpening()) {
            $parameters['runForm'] = $this->runForm($job, Id::fresh(), $this->starts->of($job), true);
        }

        return $this->show($job, $request, ['runForm' => null, 'endForm' => null, 'plain' => null, ...$parameters]);
    }

    private function runForm(Job $job, string $id, RunDetails $details, bool $new): FormInterface
    {
        return $this->createForm(RunForm::class, $details, [
            'job' => $new ? $job : null,
            'guarded' => !$new,
            // The start sent once more names the opening again.
            'allow_extra_fields' => !$new,
            'action' => $this->generateUrl('run', ['job' => $job->id, 'id' => $id]),
        ]);
    }

    protected function stage(): Stage
    {
        return Stage::Look;
    }
}
