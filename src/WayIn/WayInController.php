<?php

declare(strict_types=1);

namespace App\WayIn;

use App\Call\Job;
use App\Shared\Database\Id;
use App\Shared\Job\Stage;
use App\Shared\Web\JobController;
use Symfony\Component\Form\FormInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/jobs/{job}/way-in', requirements: ['id' => Id::PATTERN])]
final class WayInController extends JobController
{
    #[Route('', name: 'way_in', methods: 'GET')]
    public function wayIn(Job $job, Request $request): Response
    {
        return $this->show($job, $request, $this->forms($job));
    }

    /** Adds an opening or corrects it; the screen has made the identifier. */
    #[Route('/openings/{id}', name: 'opening', methods: ['GET', 'POST'])]
    public function opening(Job $job, string $id, Request $request): Response
    {
        $opening = $this->entry(Opening::class, $job, $id);
        $details = null === $opening ? new OpeningDetails() : clone $opening->details();
        $form = $this->openingForm($job, $id, $details);
        if (!self::isAccepted($form, $request)) {
            return $this->show($job, $request, [...$this->forms($job), 'form' => $form, 'editing' => $opening]);
        }
        if (null === $opening) {
            $opening = new Opening($id, $job, $details);
            if (null === $job->chosenOpening()) {
                $job->chooseOpening($opening, $job->zero(), $job->zeroNote());
            }
        }
        $opening->describe($details);
        $this->store($opening);

        return $this->backToStage($job);
    }

    #[Route('/openings/{id}/withdraw', name: 'opening_withdraw', methods: 'POST')]
    public function withdraw(Job $job, string $id): Response
    {
        $opening = $this->existing(Opening::class, $job, $id);
        $opening->withdraw(new \DateTimeImmutable());
        if ($job->chosenOpening() === $opening) {
            $job->chooseOpening(null, $job->zero(), $job->zeroNote());
        }
        $this->store();

        return $this->backToStage($job);
    }

    #[Route('/zero', name: 'zero', methods: 'POST')]
    public function zero(Job $job, Request $request): Response
    {
        $form = $this->zeroForm($job);
        if (!self::isAccepted($form, $request)) {
            return $this->show($job, $request, [...$this->forms($job), 'zeroForm' => $form]);
        }
        /** @var array{opening: Opening, zero: Zero, zeroNote: string} $choice */
        $choice = $form->getData();
        $job->chooseOpening($choice['opening'], $choice['zero'], $choice['zeroNote']);
        $this->store();

        return $this->backToStage($job);
    }

    /** @return array{form: FormInterface, zeroForm: FormInterface, editing: null} */
    private function forms(Job $job): array
    {
        return ['form' => $this->openingForm($job, Id::fresh(), new OpeningDetails()), 'zeroForm' => $this->zeroForm($job), 'editing' => null];
    }

    private function openingForm(Job $job, string $id, OpeningDetails $details): FormInterface
    {
        return $this->createForm(OpeningForm::class, $details, ['action' => $this->generateUrl('opening', ['job' => $job->id, 'id' => $id])]);
    }

    private function zeroForm(Job $job): FormInterface
    {
        $now = ['opening' => $job->chosenOpening(), 'zero' => $job->zero(), 'zeroNote' => $job->zeroNote()];

        return $this->createForm(ZeroForm::class, $now, ['job' => $job, 'action' => $this->generateUrl('zero', ['job' => $job->id])]);
    }

    protected function stage(): Stage
    {
        return Stage::WayIn;
    }
}
