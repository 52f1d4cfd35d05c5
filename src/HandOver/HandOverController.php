<?php

declare(strict_types=1);

namespace App\HandOver;

use App\Firm\Account;
use App\HandOver\LongWork\LongWorks;
use App\Record\ClosingStep;
use App\Record\Job;
use App\Record\Run;
use App\Record\SentLetter;
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
use Symfony\Component\Form\FormError;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The last stage: advice, report, share links, files. */
#[Route('/jobs/{job}/hand-over', requirements: ['id' => Id::PATTERN])]
final class HandOverController extends JobController
{
    /** A link that should end later than this has no end. */
    private const USUAL_DAYS = 90;
    private const MOST_DAYS = 3650;

    public function __construct(
        JobScreens $screens, EntityManagerInterface $manager, ClockInterface $clock, private readonly ShareLinks $links,
        private readonly Audit $audit, private readonly Letters $letters, private readonly LongWorks $works,
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

    /** What of the closing list at the site is done. */
    #[Route('/closing', name: 'closing', methods: 'POST')]
    public function closing(Job $job, Request $request): Response
    {
        $done = array_map(
            static fn (mixed $code) => ClosingStep::tryFrom(\is_string($code) ? $code : ''), $request->request->all('done'),
        );
        $job->outcome()->close(array_values(array_filter(
            ClosingStep::cases(), static fn (ClosingStep $step) => \in_array($step, $done, true),
        )));
        $this->store();

        return $this->backToStage($job);
    }

    #[Route('/links/{id}', name: 'share', methods: 'POST')]
    public function share(Job $job, string $id, Request $request): Response
    {
        $link = $this->manager->find(ShareLink::class, $id);
        if (null === $link) {
            $what = Shared::tryFrom($request->request->getString('what')) ?? Shared::Report;
            $days = $request->request->getInt('days', self::USUAL_DAYS);
            $ends = $days > 0 ? $job->firm->today($this->now())->add(new \DateInterval('P'.min($days, self::MOST_DAYS).'D')) : null;
            $this->store(new ShareLink($id, $job, $this->now(), $what, $ends));
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

    /** Writes to the customer, with the link and, where it is wanted, the PDF; what was sent is kept. Sent twice it goes once. */
    #[Route('/letters/{id}', name: 'letter', methods: 'POST')]
    public function letter(Job $job, string $id, Account $account, Request $request): Response
    {
        $known = $this->manager->find(SentLetter::class, $id);
        if (null !== $known) {
            return $known->job === $job ? $this->backToStage($job) : throw $this->createNotFoundException();
        }
        $values = $this->letters->begun($job);
        $form = $this->createForm(LetterForm::class, $values, ['action' => $request->getPathInfo()]);
        $isSent = SentForm::isAccepted($form, $request) && $this->letters->send($job, $id, $values, $account);
        if (!$isSent) {
            if ($form->isValid()) {
                $form->addError(new FormError('error.mail_failed'));
            }

            return $this->bench($job, $request, AdviceForm::sheetOf($job), ['letter' => $form]);
        }
        $this->audit->note('sent', ['job' => $job->id, 'letter' => $id]);

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
            'links' => $links, 'works' => $this->works->of($job), 'refused' => [], 'today' => $job->firm->today($this->now()),
            'letter' => $this->createForm(LetterForm::class, $this->letters->begun($job), [
                'action' => $this->generateUrl('letter', ['job' => $job->id, 'id' => Id::fresh()]),
            ]),
            'sent' => $this->manager->getRepository(SentLetter::class)->findBy(['job' => $job], ['id' => 'DESC']), ...$parameters,
        ]);
    }

    protected function stage(): Stage
    {
        return Stage::HandOver;
    }
}
