<?php

declare(strict_types=1);

namespace App\HandOver\LongWork;

use App\Firm\Account;
use App\Firm\Right;
use App\HandOver\ReportForm;
use App\HandOver\ReportPrinter;
use App\Record\Job;
use App\Record\LongKind;
use App\Record\LongState;
use App\Record\LongWork;
use App\Support\Database\Id;
use App\Support\Files\Store;
use App\Support\Logging\Audit;
use App\Support\Web\Download;
use App\Support\Wording\Languages;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\BadRequestHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** Long work: asked for, watched or left, fetched. */
#[Route(requirements: ['id' => Id::PATTERN])]
final class LongWorkController extends AbstractController
{
    private const TYPES = ['pdf' => 'application/pdf', 'zip' => 'application/zip'];

    public function __construct(
        private readonly LongWorks $works, private readonly EntityManagerInterface $manager, private readonly Store $longWork,
    ) {
    }

    #[Route('/jobs/{job}/long-work/{id}', name: 'long_work_ask', methods: 'POST')]
    public function ask(Job $job, string $id, Account $account, Request $request, Languages $languages): Response
    {
        $kind = LongKind::tryFrom($request->request->getString('kind'));
        if (null === $kind?->ending() || LongKind::Firm === $kind) {
            throw new BadRequestHttpException();
        }
        $form = ReportForm::of($request->request->all());
        // Whoever makes it later does not know who asked in which language.
        $form = $form->in($form->language ?? $job->call()->reportLanguage ?? $languages->now());
        $this->works->ask($id, $kind, $account, $request->getSchemeAndHttpHost(), $job, $form->query());

        return $this->redirectToRoute('long_work', ['id' => $id], Response::HTTP_SEE_OTHER);
    }

    #[Route('/settings/firm-data/{id}', name: 'firm_data', methods: 'POST'), IsGranted(Right::WholeFirm->value)]
    public function firm(string $id, Account $account, Request $request): Response
    {
        $this->works->ask($id, LongKind::Firm, $account, $request->getSchemeAndHttpHost());

        return $this->redirectToRoute('long_work', ['id' => $id], Response::HTTP_SEE_OTHER);
    }

    #[Route('/long-work/{id}', name: 'long_work', methods: 'GET')]
    public function show(string $id, Account $account): Response
    {
        $work = $this->of($id, $account);
        $job = $work->job();
        if (LongKind::Import === $work->kind && LongState::Done === $work->state() && null !== $job) {
            return $this->redirectToRoute('call', ['job' => $job->id]);
        }
        if (LongState::Waiting === $work->state()) {
            // Whoever was to see to it may have ended between two works.
            $this->works->start();
        }

        return $this->render('hand_over/long_work.html.twig', ['work' => $work, 'isLost' => $this->works->isLost($work)]);
    }

    #[Route('/long-work/{id}/file', name: 'long_work_file', methods: 'GET')]
    public function made(string $id, Account $account, Audit $audit): Response
    {
        $work = $this->of($id, $account);
        $job = $work->job();
        $ending = $work->kind->ending();
        if (LongState::Done !== $work->state() || null === $ending || !$this->longWork->has($work->id)) {
            throw $this->createNotFoundException('error.no_such_work');
        }
        $audit->note('exported', ['job' => $job?->id, 'what' => $work->kind->value]);
        $name = null === $job ? $work->kind->value.'.'.$ending : ReportPrinter::fileName($job, $ending);

        return Download::file($this->longWork->open($work->id), self::TYPES[$ending], $name);
    }

    private function of(string $id, Account $account): LongWork
    {
        $work = $this->manager->find(LongWork::class, $id);

        if (LongKind::Firm === $work?->kind) {
            $this->denyAccessUnlessGranted(Right::WholeFirm->value);
        }

        return $work?->account->firm === $account->firm ? $work : throw $this->createNotFoundException('error.no_such_work');
    }
}
