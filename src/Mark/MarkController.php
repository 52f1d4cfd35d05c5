<?php

declare(strict_types=1);

namespace App\Mark;

use App\Record\Job;
use App\Record\Mark;
use App\Record\MarkDetails;
use App\Record\MarkRepository;
use App\Record\Run;
use App\Screen\JobController;
use App\Screen\Stage;
use App\Support\Database\Id;
use App\Support\Form\SentForm;
use Symfony\Component\Form\FormInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/jobs/{job}/mark', requirements: ['id' => Id::PATTERN])]
final class MarkController extends JobController
{
    #[Route('', name: 'mark', methods: 'GET')]
    public function marks(Job $job, Request $request): Response
    {
        $details = new MarkDetails();
        $at = $request->query->getString('at');
        $details->atM = is_numeric($at) && $at >= 0 ? (float) $at : null;

        return $this->show($job, $request, ['form' => $this->form($job, Id::fresh(), $details, $request), 'editing' => null]);
    }

    /** Adds a mark on the run that is on the ribbon, or corrects one; the screen has made the identifier. */
    #[Route('/{id}', name: 'mark_entry', methods: ['GET', 'POST'])]
    public function mark(Job $job, string $id, Request $request, MarkRepository $marks): Response
    {
        $mark = $marks->onJob($id, $job);
        $runs = $job->runs();
        $shown = $request->query->getString('run');
        $wanted = array_values(array_filter($runs, static fn (Run $each) => $each->id === $shown))[0] ?? end($runs);
        $run = $mark->run ?? ($wanted ?: throw $this->createNotFoundException());
        $details = null === $mark ? new MarkDetails() : clone $mark->details();
        $form = $this->form($job, $id, $details, $request);
        if (!SentForm::isAccepted($form, $request)) {
            return $this->show($job, $request, ['form' => $form, 'editing' => $mark]);
        }
        $mark ??= new Mark($id, $run, $this->now(), $details);
        $mark->describe($details);
        $this->store($mark);

        return $this->backToStage($job);
    }

    #[Route('/{id}/withdraw', name: 'mark_withdraw', methods: 'POST')]
    public function withdraw(Job $job, string $id, MarkRepository $marks): Response
    {
        $mark = $marks->onJob($id, $job) ?? throw $this->createNotFoundException();
        $mark->withdraw($this->now());
        $this->store();

        return $this->backToStage($job);
    }

    private function form(Job $job, string $id, MarkDetails $details, Request $request): FormInterface
    {
        return $this->createForm(MarkForm::class, $details, [
            'action' => $this->generateUrl('mark_entry', array_filter([
                'job' => $job->id, 'id' => $id, 'run' => $request->query->getString('run'),
            ])),
            'guarded' => null !== $this->manager->find(Mark::class, $id),
        ]);
    }

    protected function stage(): Stage
    {
        return Stage::Mark;
    }
}
