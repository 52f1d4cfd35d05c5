<?php

declare(strict_types=1);

namespace App\Look;

use App\Record\Job;
use App\Record\OutsidePipe;
use App\Record\OutsidePipeDetails;
use App\Screen\JobController;
use App\Screen\Stage;
use App\Support\Database\Id;
use App\Support\Form\SentForm;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** Pipes that are seen from outside, as in a crawl space, and measured there. */
#[Route('/jobs/{job}/look/outside/{id}', requirements: ['id' => Id::PATTERN])]
final class OutsideController extends JobController
{
    /** Enters one or corrects it; the screen has made the identifier. */
    #[Route('', name: 'outside', methods: ['GET', 'POST'])]
    public function enter(Job $job, string $id, Request $request): Response
    {
        $pipe = $this->entry(OutsidePipe::class, $job, $id);
        $details = null === $pipe ? new OutsidePipeDetails() : clone $pipe->details();
        $form = $this->createForm(OutsideForm::class, $details, [
            'action' => $this->generateUrl('outside', ['job' => $job->id, 'id' => $id]), 'guarded' => null !== $pipe,
        ]);
        if (!SentForm::isAccepted($form, $request)) {
            return $this->show($job, $request, ['form' => $form, 'editing' => $pipe], 'look/outside.html.twig');
        }
        $pipe ??= new OutsidePipe($id, $job, $this->now(), $details);
        $pipe->describe($details);
        $this->store($pipe);

        return $this->backToStage($job);
    }

    #[Route('/withdraw', name: 'outside_withdraw', methods: 'POST')]
    public function withdraw(Job $job, string $id): Response
    {
        $pipe = $this->existing(OutsidePipe::class, $job, $id);
        $pipe->withdraw($this->now());
        $this->store();

        return $this->backToStage($job);
    }

    protected function stage(): Stage
    {
        return Stage::Look;
    }
}
