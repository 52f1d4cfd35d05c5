<?php

declare(strict_types=1);

namespace App\Look;

use App\Firm\Account;
use App\Record\FindingRepository;
use App\Record\Job;
use App\Record\LoggedFinding;
use App\Record\Narrated;
use App\Record\Run;
use App\Screen\JobController;
use App\Screen\Stage;
use App\Support\Database\Id;
use App\Work\SaidWords;
use Jurvex\Core\Measure\DistanceReader;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Measure\UnreadableMeasure;
use Jurvex\Core\Say\Command;
use Jurvex\Core\Say\SpokenCommand;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The say line: one sentence, shown as the entry that it would become, kept at one key. */
#[Route('/jobs/{job}/look/runs/{run}/say', requirements: ['run' => Id::PATTERN, 'id' => Id::PATTERN])]
final class SayController extends JobController
{
    private const LONGEST = 2000;

    /** What it would become, while it is typed. */
    #[Route('', name: 'say', methods: 'GET')]
    public function read(Job $job, string $run, Account $account, Request $request, SaidLines $lines, SaidTexts $texts): Response
    {
        $run = $this->existing(Run::class, $job, $run);
        $said = self::said($request->query->getString('said'));
        $units = $account->units();
        $atM = $this->readingOf($run, $request->query->getString('reading'), $units);
        $line = '' === $said ? null : $lines->read(Id::fresh(), $run, $said, $atM, $units, $this->now());

        return $this->render('say/read.html.twig', [
            // Where the Look bench is, what was understood can be changed on it.
            'changes' => $request->query->has('reading'), 'read' => null === $line ? null : $texts->of($line, $units),
        ]);
    }

    /** Keeps it; sent twice it is stored once. What nobody understood stays as words. */
    #[Route('/{id}', name: 'say_keep', methods: 'POST')]
    public function keep(
        Job $job, string $run, string $id, Account $account, Request $request, SaidLines $lines, SaidTexts $texts, SaidWords $words,
        FindingRepository $findings,
    ): Response {
        $run = $this->existing(Run::class, $job, $run);
        $known = $this->manager->find(Narrated::class, $id);
        if (null !== $known) {
            return $known->run === $run ? $this->kept($run, $request, []) : throw $this->createNotFoundException();
        }
        $form = $request->request;
        $said = self::said($form->getString('said'));
        $at = $run->whenSaid($form->getString('entered_at'), $this->now());
        $atM = $this->readingOf($run, $form->getString('reading'), $account->units());
        $line = $lines->read($id, $run, $said, $atM, $account->units(), $at);
        $stored = null === $line->command
            ? self::settled($line, $findings, $run) : self::obeyed($line->command, $line->narrated, $findings);
        if ('' !== $said) {
            $this->store($line->narrated, ...$stored);
            $words->add($line->narrated, $line->places());
        }

        return $this->kept($run, $request, ['kept' => $texts->kept($line, $account->units())]);
    }

    /** @return list<object> what is to be stored */
    private static function settled(SaidLine $line, FindingRepository $findings, Run $run): array
    {
        $stored = [];
        foreach ($line->whole() as $each) {
            if (null !== $each->becomes) {
                $stored[] = $each->becomes;
                $line->narrated->settle($each->key, $each->becomes->id);
            }
            if (null !== $each->replaces) {
                $findings->ofRun($each->replaces, $run)?->withdraw($line->narrated->saidAt);
            }
        }

        return $stored;
    }

    /** @return list<object> what is to be stored */
    private static function obeyed(Command $command, Narrated $said, FindingRepository $findings): array
    {
        $run = $said->run;
        $last = $findings->lastEntered($run);
        $at = SpokenCommand::Again === $command->what ? $said->atM : $command->atM;
        if (null === $last || (null === $at && SpokenCommand::Undo !== $command->what)) {
            return [];
        }
        if (SpokenCommand::Undo === $command->what) {
            $findings->takeBack($last, $said->saidAt);

            return [];
        }
        if (SpokenCommand::Place === $command->what) {
            $last->withdraw($said->saidAt);
        }

        return [new LoggedFinding(
            $id = Id::fresh(), $run, $last->finding()->movedTo($id, Length::metres((float) $at)), $said->saidAt,
            replaces: SpokenCommand::Place === $command->what ? $last->id : null,
        )];
    }

    /** @param array<string, mixed> $told */
    private function kept(Run $run, Request $request, array $told): Response
    {
        return $request->isXmlHttpRequest() ? new JsonResponse($told, Response::HTTP_CREATED) : $this->backToRun($run);
    }

    private static function said(string $typed): string
    {
        return mb_substr(trim($typed), 0, self::LONGEST);
    }

    /** Metres from zero; none where the counter says nothing that can be read. */
    private function readingOf(Run $run, string $typed, UnitSystem $units): ?float
    {
        try {
            return '' === trim($typed) ? null : $run->counter()->distance(DistanceReader::read($typed, $units))->metres;
        } catch (UnreadableMeasure) {
            return null;
        }
    }

    protected function stage(): Stage
    {
        return Stage::Look;
    }
}
