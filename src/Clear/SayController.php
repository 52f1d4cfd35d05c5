<?php

declare(strict_types=1);

namespace App\Clear;

use App\Firm\Account;
use App\Record\Job;
use App\Record\Pass;
use App\Screen\JobController;
use App\Screen\JobScreens;
use App\Screen\Stage;
use App\Support\Database\Id;
use App\Work\ClearingPlans;
use App\Work\SaidWords;
use Doctrine\ORM\EntityManagerInterface;
use Jurvex\Core\Clear\EntryKind;
use Jurvex\Core\Clear\LogEntry;
use Jurvex\Core\Say\SpokenCommand;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Contracts\Translation\TranslatorInterface;

/** The say line of the run of Clear: one sentence, shown as the presses that it would be, kept at one key. */
#[Route('/jobs/{job}/clear/run/{id}/say', requirements: ['id' => Id::PATTERN, 'entry' => Id::PATTERN])]
final class SayController extends JobController
{
    private const LONGEST = 1000;
    private const LONGEST_NOTE = 4000;

    public function __construct(
        JobScreens $screens, EntityManagerInterface $manager, ClockInterface $clock, private readonly TranslatorInterface $translator,
    ) {
        parent::__construct($screens, $manager, $clock);
    }

    /** What it would become, while it is typed. */
    #[Route('', name: 'run_say', methods: 'GET')]
    public function read(Job $job, string $id, Account $account, Request $request, SaidPasses $passes, SaidPassTexts $texts): Response
    {
        $pass = $this->existing(Pass::class, $job, $id);
        $said = self::said($request->query->getString('said'));
        $read = '' === $said ? null : $passes->read($pass, $said, $account->units(), $this->now());

        return $this->render('say/read.html.twig', ['read' => null === $read ? null : $texts->of($read, $pass, $account->units())]);
    }

    /** Keeps it; sent twice it is entered once. What nobody understood stays as words. */
    #[Route('/{entry}', name: 'run_say_keep', methods: 'POST')]
    public function keep(
        Job $job, string $id, string $entry, Account $account, Request $request, SaidPasses $passes, SaidPassTexts $texts,
        SaidWords $words, ClearingPlans $plans,
    ): Response {
        $pass = $this->existing(Pass::class, $job, $id);
        $typed = self::said($request->request->getString('said'));
        if ($pass->knows($entry) || '' === $typed) {
            return $this->kept($job, $request, []);
        }
        if (!$pass->isOpen()) {
            return $this->refuse($job, $request, 'run_log.bad_entry');
        }
        $at = $this->now();
        $said = $passes->read($pass, $typed, $account->units(), $at);
        if ('' !== $said->refused) {
            return $this->refuse($job, $request, $said->refused);
        }
        $told = ['kept' => $texts->kept($said, $pass, $account->units())];
        $this->enter($pass, $entry, $said, $at);
        $pass->follow(RunViews::marks($pass, $plans->of($job)));
        $this->store();
        $words->addPass($pass);

        return $this->kept($job, $request, $told);
    }

    private function enter(Pass $pass, string $id, SaidPass $said, \DateTimeImmutable $at): void
    {
        if (SpokenCommand::Undo === $said->command) {
            $pass->takeBackLast();
        }
        $seconds = $said->entries[0]->seconds ?? StandIns::clock($pass) ?? $pass->seconds($at);
        $pass->enter($id, new LogEntry(EntryKind::Said, $seconds, said: $said->said));
        foreach ($said->entries as $i => $entry) {
            $pass->enter(Id::of($at, $id.$i), $entry);
        }
        $rest = $said->rest();
        if ('' !== $rest) {
            $details = clone $pass->details();
            $details->note = mb_substr(trim($details->note."\n".$rest), 0, self::LONGEST_NOTE);
            $pass->describe($details);
        }
    }

    /** @param array<string, string> $told */
    private function kept(Job $job, Request $request, array $told): Response
    {
        return $request->isXmlHttpRequest()
            ? new JsonResponse($told, Response::HTTP_CREATED)
            : $this->redirectToRoute('clear_run', ['job' => $job->id], Response::HTTP_SEE_OTHER);
    }

    private function refuse(Job $job, Request $request, string $why): Response
    {
        $words = $this->translator->trans($why);
        if ($request->isXmlHttpRequest()) {
            return new JsonResponse(['errors' => ['said' => $words]], Response::HTTP_UNPROCESSABLE_ENTITY);
        }
        $this->addFlash('refused', $words);

        return $this->redirectToRoute('clear_run', ['job' => $job->id], Response::HTTP_SEE_OTHER);
    }

    private static function said(string $typed): string
    {
        return mb_substr(trim($typed), 0, self::LONGEST);
    }

    protected function stage(): Stage
    {
        return Stage::Clear;
    }
}
