<?php

declare(strict_types=1);

namespace App\Mark;

use App\Firm\Account;
use App\Record\Job;
use App\Record\Mark;
use App\Record\MarkDetails;
use App\Record\MarkRepository;
use App\Record\PictureReader;
use App\Record\RefusedPicture;
use App\Screen\JobController;
use App\Screen\JobScreens;
use App\Screen\MarkTexts;
use App\Screen\ScreenWidth;
use App\Screen\Stage;
use App\Support\Database\Id;
use App\Support\Form\SentForm;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Component\Form\FormInterface;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/jobs/{job}/mark', requirements: ['id' => Id::PATTERN])]
final class MarkController extends JobController
{
    public function __construct(
        JobScreens $screens, EntityManagerInterface $manager, ClockInterface $clock, private readonly MarkPages $pages,
    ) {
        parent::__construct($screens, $manager, $clock);
    }

    #[Route('', name: 'mark', methods: 'GET')]
    public function marks(Job $job, Request $request, Account $account): Response
    {
        $details = new MarkDetails();
        $at = $request->query->getString('at');
        $details->atM = is_numeric($at) && $at >= 0 ? (float) $at : null;

        return $this->page($job, $request, $account, $this->form($job, Id::fresh(), $details, $request));
    }

    /** Adds a mark on the run that is on the ribbon, or corrects one; the screen has made the identifier. */
    #[Route('/{id}', name: 'mark_entry', methods: ['GET', 'POST'])]
    public function mark(Job $job, string $id, Request $request, Account $account, MarkRepository $marks): Response
    {
        $mark = $marks->onJob($id, $job);
        $run = $mark->run ?? $job->runOrLatest($request->query->getString('run')) ?? throw $this->createNotFoundException();
        $details = null === $mark ? new MarkDetails() : clone $mark->details();
        $form = $this->form($job, $id, $details, $request);
        if (!SentForm::isAccepted($form, $request)) {
            return $this->page($job, $request, $account, $form, $mark);
        }
        $isNew = null === $mark;
        $mark ??= new Mark($id, $run, $this->now(), $details);
        $mark->describe($details);
        $this->store($mark);
        if ($isNew) {
            $this->keepPicture($mark, $request->files->get('photo'));
        }

        return $this->backToStage($job);
    }

    /** A picture that cannot be taken leaves the mark as it is, and says so. */
    private function keepPicture(Mark $mark, mixed $upload): void
    {
        try {
            if ($upload instanceof UploadedFile) {
                $this->store(PictureReader::fromUpload($mark->id, $upload));
            }
        } catch (RefusedPicture $refused) {
            $this->addFlash('photo', 'error.'.$refused->reason);
        }
    }

    /** What the readings show so far, while they are typed; nothing is stored. */
    #[Route('/{id}/check', name: 'mark_check', methods: 'POST')]
    public function check(Job $job, string $id, Request $request, Account $account, MarkTexts $texts): Response
    {
        $details = new MarkDetails();
        $this->form($job, $id, $details, $request)->handleRequest($request);
        $run = $job->runOrLatest(null);
        $said = null === $run || [] === $details->depthsM
            ? '' : $texts->checked(new Mark($id, $run, $this->now(), $details), $account->units());

        return new Response(htmlspecialchars($said));
    }

    #[Route('/{id}/withdraw', name: 'mark_withdraw', methods: 'POST')]
    public function withdraw(Job $job, string $id, MarkRepository $marks): Response
    {
        $mark = $marks->onJob($id, $job) ?? throw $this->createNotFoundException();
        $mark->withdraw($this->now());
        $this->store();

        return $this->backToStage($job);
    }

    private function page(Job $job, Request $request, Account $account, FormInterface $form, ?Mark $editing = null): Response
    {
        $screen = $this->screen($job, $request);

        $page = $this->pages->of($screen, $account->units(), ScreenWidth::isNarrow($request), $editing);

        return $this->shown($screen, ['form' => $form, 'page' => $page], 'mark/mark.html.twig');
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
