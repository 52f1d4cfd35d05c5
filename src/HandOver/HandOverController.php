<?php

declare(strict_types=1);

namespace App\HandOver;

use App\Firm\Account;
use App\Record\Job;
use App\Record\Run;
use App\Record\Shared;
use App\Record\ShareLink;
use App\Screen\JobController;
use App\Screen\JobScreens;
use App\Screen\ShareLinks;
use App\Screen\Stage;
use App\Support\Database\Id;
use App\Support\Files\RefusedFile;
use App\Support\Form\SentForm;
use App\Support\Logging\Audit;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The last stage: advice, report, share links, files. */
#[Route('/jobs/{job}/hand-over', requirements: ['id' => Id::PATTERN])]
final class HandOverController extends JobController
{
    public function __construct(
        JobScreens $screens, EntityManagerInterface $manager, ClockInterface $clock, private readonly ShareLinks $links,
        private readonly Audit $audit,
    ) {
        parent::__construct($screens, $manager, $clock);
    }

    #[Route('', name: 'hand_over', methods: 'GET')]
    public function handOver(Job $job, Request $request): Response
    {
        return $this->bench($job, $request, AdviceForm::sheetOf($job));
    }

    #[Route('/advice', name: 'advice', methods: 'POST')]
    public function advice(Job $job, Request $request): Response
    {
        $form = $this->createForm(AdviceForm::class, AdviceForm::sheetOf($job));
        if (!SentForm::isAccepted($form, $request)) {
            return $this->bench($job, $request, [], ['form' => $form]);
        }
        /**
         * @var array{
         *     advice: string, upkeep: string, upkeepDueOn: ?\DateTimeImmutable, seenAround: string,
         *     lookClosedBecause: string,
         * } $sheet
         */
        $sheet = $form->getData();
        $job->outcome()->advise($sheet['advice'], $sheet['upkeep'], $sheet['upkeepDueOn']);
        $job->outcome()->noteSeenAround($sheet['seenAround']);
        $job->outcome()->closeLook($sheet['lookClosedBecause']);
        $this->store();

        return $this->backToStage($job);
    }

    #[Route('/done', name: 'done', methods: 'POST')]
    public function done(Job $job, Request $request): Response
    {
        $job->outcome()->handOver('yes' === $request->request->getString('done') ? $this->now() : null);
        $this->store();

        return $this->backToStage($job);
    }

    #[Route('/links/{id}', name: 'share', methods: 'POST')]
    public function share(Job $job, string $id, Request $request): Response
    {
        $link = $this->manager->find(ShareLink::class, $id);
        if (null === $link) {
            $what = Shared::tryFrom($request->request->getString('what')) ?? Shared::Report;
            $this->store(new ShareLink($id, $job, $this->now(), $what));
            $this->audit->note('shared', ['job' => $job->id, 'link' => $id, 'what' => $what->value]);
        } elseif ($link->job !== $job) {
            throw $this->createNotFoundException();
        }

        return $this->backToStage($job);
    }

    #[Route('/links/{id}/revoke', name: 'share_revoke', methods: 'POST')]
    public function revoke(Job $job, string $id): Response
    {
        $link = $this->manager->find(ShareLink::class, $id);
        if ($link?->job !== $job) {
            throw $this->createNotFoundException();
        }
        $link->revoke($this->now());
        $this->store();
        $this->audit->note('link_revoked', ['job' => $job->id, 'link' => $id]);

        return $this->backToStage($job);
    }

    /** Takes findings from a file into a run: all of them or none. */
    #[Route('/findings', name: 'findings_import', methods: 'POST')]
    public function importFindings(Job $job, Account $account, Request $request, FindingsCsv $csv): Response
    {
        $run = $this->manager->find(Run::class, $request->request->getString('run'));
        if ($run?->job !== $job) {
            throw $this->createNotFoundException();
        }
        $file = $request->files->get('file');
        try {
            $path = $file instanceof UploadedFile && $file->isValid() ? $file->getPathname() : 'php://memory';
            $stream = fopen($path, 'r') ?: throw $this->createNotFoundException();
            $taken = $csv->import($stream, $run, $this->now());
        } catch (RefusedFile $refused) {
            return $this->bench($job, $request, AdviceForm::sheetOf($job), [
                'refused' => $refused->errors,
            ])->setStatusCode(Response::HTTP_UNPROCESSABLE_ENTITY);
        }
        $this->addFlash('taken', (string) $taken);

        return $this->backToStage($job);
    }

    /**
     * @param array<string, mixed> $sheet
     * @param array<string, mixed> $parameters
     */
    private function bench(Job $job, Request $request, array $sheet, array $parameters = []): Response
    {
        $links = array_map(fn (ShareLink $link) => ['link' => $link, 'token' => $this->links->token($link)],
            $this->manager->getRepository(ShareLink::class)->findBy(['job' => $job], ['id' => 'DESC']));

        return $this->show($job, $request, [
            'form' => $this->createForm(AdviceForm::class, $sheet, ['action' => $this->generateUrl('advice', ['job' => $job->id])]),
            'links' => $links, 'refused' => [], ...$parameters,
        ]);
    }

    protected function stage(): Stage
    {
        return Stage::HandOver;
    }
}
