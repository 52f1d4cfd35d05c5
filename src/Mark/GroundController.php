<?php

declare(strict_types=1);

namespace App\Mark;

use App\Firm\Account;
use App\Record\HeightDetails;
use App\Record\HeightMeasured;
use App\Record\Job;
use App\Screen\JobController;
use App\Screen\JobScreens;
use App\Screen\ScreenWidth;
use App\Screen\Stage;
use App\Support\Database\Id;
use App\Support\Form\SentForm;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Component\Form\FormInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** Heights of the ground, measured as differences in any order. */
#[Route('/jobs/{job}/mark/ground', requirements: ['id' => Id::PATTERN])]
final class GroundController extends JobController
{
    public function __construct(
        JobScreens $screens, EntityManagerInterface $manager, ClockInterface $clock, private readonly MarkPages $pages,
    ) {
        parent::__construct($screens, $manager, $clock);
    }

    #[Route('', name: 'mark_ground', methods: 'GET')]
    public function ground(Job $job, Request $request, Account $account): Response
    {
        return $this->page($job, $request, $account, $this->form($job, Id::fresh(), new HeightDetails()));
    }

    /** Stores a difference; the screen has made its identifier, so that one sent twice is stored once. */
    #[Route('/{id}', name: 'mark_height', methods: 'POST')]
    public function height(Job $job, string $id, Request $request, Account $account): Response
    {
        $known = $this->manager->find(HeightMeasured::class, $id);
        if (null !== $known && $known->job !== $job) {
            throw $this->createNotFoundException();
        }
        $details = new HeightDetails();
        $form = $this->form($job, $id, $details);
        if (!SentForm::isAccepted($form, $request)) {
            return $this->page($job, $request, $account, $form);
        }
        null === $known && $this->store(new HeightMeasured($id, $job, $this->now(), $details));

        return $this->back($job);
    }

    #[Route('/{id}/withdraw', name: 'mark_height_withdraw', methods: 'POST')]
    public function withdraw(Job $job, string $id): Response
    {
        $height = $this->manager->find(HeightMeasured::class, $id);
        if ($height?->job !== $job) {
            throw $this->createNotFoundException();
        }
        $height->withdraw($this->now());
        $this->store();

        return $this->back($job);
    }

    private function page(Job $job, Request $request, Account $account, FormInterface $form): Response
    {
        $screen = $this->screen($job, $request);

        $page = $this->pages->ground($screen, $account->units(), ScreenWidth::isNarrow($request));

        return $this->shown($screen, ['form' => $form, 'page' => $page], 'mark/ground.html.twig');
    }

    private function form(Job $job, string $id, HeightDetails $details): FormInterface
    {
        return $this->createForm(HeightForm::class, $details, [
            'action' => $this->generateUrl('mark_height', ['job' => $job->id, 'id' => $id]),
        ]);
    }

    private function back(Job $job): Response
    {
        return $this->redirectToRoute('mark_ground', ['job' => $job->id], Response::HTTP_SEE_OTHER);
    }

    protected function stage(): Stage
    {
        return Stage::Mark;
    }
}
