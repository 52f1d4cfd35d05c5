<?php

declare(strict_types=1);

namespace App\Call;

use App\Firm\Account;
use App\Record\CallSheet;
use App\Record\Job;
use App\Record\JobRepository;
use App\Record\PropertyRepository;
use App\Screen\JobController;
use App\Screen\Stage;
use App\Support\Database\Id;
use App\Support\Form\SentForm;
use App\Work\Guarantees;
use App\Work\Sketching;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Lock\LockFactory;
use Symfony\Component\Routing\Attribute\Route;

final class CallController extends JobController
{
    #[Route('/jobs/new', name: 'job_new', methods: 'GET', priority: 1)]
    public function new(Account $account): Response
    {
        $sheet = new CallSheet();
        $sheet->plannedOn = $account->firm->today($this->now());
        $sheet->reportUnits = $account->units();
        $id = Id::fresh();

        return $this->render('call/new.html.twig', [
            'form' => $this->createForm(CallForm::class, $sheet, [
                'action' => $this->generateUrl('job_open', ['id' => $id]),
                'guarded' => false,
            ]),
        ]);
    }

    /** Opens a job under the identifier that the screen has made; sent twice, it is there once. */
    #[Route('/jobs/{id}/open', name: 'job_open', requirements: ['id' => Id::PATTERN], methods: 'POST')]
    public function open(
        string $id, Account $account, JobRepository $jobs, PropertyRepository $properties, Sketching $sketching,
        Request $request, LockFactory $locks,
    ): Response {
        // Two new jobs of a firm come one after the other: each has its number, and one new place is one property. Ends with the request.
        $turn = $locks->createLock('opens-'.$account->firm->id);
        $turn->acquire(true);
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
        $sketching->takeOpenings($job, $job->property()->sketch());

        return $this->backToStage($job, Stage::WayIn);
    }

    #[Route('/jobs/{job}', name: 'call', methods: ['GET', 'POST'])]
    public function call(Job $job, Request $request, PropertyRepository $properties, Guarantees $guarantees): Response
    {
        $sheet = clone $job->call();
        $form = $this->createForm(CallForm::class, $sheet);
        if (SentForm::isAccepted($form, $request)) {
            $job->moveTo($properties->after($job, $sheet->place));
            $job->answerCall($sheet);
            $this->store($job);

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
