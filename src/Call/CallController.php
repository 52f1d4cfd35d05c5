<?php

declare(strict_types=1);

namespace App\Call;

use App\Firm\Account;
use App\Record\CallSheet;
use App\Record\Job;
use App\Record\JobRepository;
use App\Record\NewJobs;
use App\Record\PropertyRepository;
use App\Screen\JobController;
use App\Screen\Stage;
use App\Support\Database\Id;
use App\Support\Form\SentForm;
use App\Work\Guarantees;
use App\Work\Sketching;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

final class CallController extends JobController
{
    #[Route('/jobs/new', name: 'job_new', methods: 'GET', priority: 1)]
    public function new(Account $account): Response
    {
        $sheet = new CallSheet();
        $sheet->plannedOn = $account->firm->today($this->now());
        $sheet->reportUnits = $account->firm->reportUnits() ?? $account->units();
        $sheet->reportLanguage = $account->firm->reportLanguage();
        $id = Id::fresh();

        return $this->render('call/new.html.twig', [
            'form' => $this->createForm(CallForm::class, $sheet, [
                'action' => $this->generateUrl('job_open', ['id' => $id]),
                'guarded' => false,
            ]),
        ]);
    }

    /** Asked while the place is typed. */
    #[Route('/jobs/new/known', name: 'call_known', methods: 'GET', priority: 1)]
    public function known(Account $account, Request $request, KnownPlaces $places): Response
    {
        $typed = $request->query->all('call_form')['place'] ?? '';

        return $this->render('call/known.html.twig', ['places' => $places->of($account->firm, \is_string($typed) ? $typed : '')]);
    }

    /** Opens a job under the identifier that the screen has made; sent twice, it is there once. */
    #[Route('/jobs/{id}/open', name: 'job_open', requirements: ['id' => Id::PATTERN], methods: 'POST')]
    public function open(
        string $id, Account $account, JobRepository $jobs, PropertyRepository $properties, Sketching $sketching,
        Request $request, NewJobs $newJobs,
    ): Response {
        $turn = $newJobs->turn($account->firm);
        $known = $jobs->find($id);
        if (null !== $known) {
            return $known->firm === $account->firm
                ? $this->backToStage($known, Stage::WayIn)
                : throw $this->createNotFoundException('error.no_such_job');
        }
        $sheet = new CallSheet();
        $form = $this->createForm(CallForm::class, $sheet, ['action' => $request->getPathInfo(), 'guarded' => false]);
        if (!SentForm::isAccepted($form, $request)) {
            return $this->render('call/new.html.twig', ['form' => $form]);
        }
        $now = $this->now();
        $sheet->number = '' === $sheet->number ? $jobs->nextNumber($account->firm, $account->firm->today($now)) : $sheet->number;
        $job = new Job($id, $properties->at($account->firm, $sheet->place), $sheet, $now, $account->firm->name);
        $this->store($job);
        $turn->release();
        $sketching->takeOpenings($job, $job->property()->sketch());

        return $this->backToStage($job, Stage::WayIn);
    }

    #[Route('/jobs/{job}', name: 'call', methods: ['GET', 'POST'])]
    public function call(Job $job, Request $request, PropertyRepository $properties, Guarantees $guarantees, NewJobs $newJobs): Response
    {
        $sheet = clone $job->call();
        $form = $this->createForm(CallForm::class, $sheet);
        if (SentForm::isAccepted($form, $request)) {
            $turn = $newJobs->turn($job->firm);
            $job->moveTo($properties->after($job, $sheet->place));
            $job->answerCall($sheet);
            $this->store($job);
            $turn->release();

            return $this->backToStage($job);
        }

        $before = $guarantees->of($job);

        return $this->show($job, $request, [
            'form' => $form, 'guarantee' => $before, 'clearedAt' => null === $before ? null : Guarantees::clearedAt($before),
        ]);
    }

    protected function stage(): Stage
    {
        return Stage::Call;
    }
}
