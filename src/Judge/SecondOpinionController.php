<?php

declare(strict_types=1);

namespace App\Judge;

use App\Firm\Account;
use App\Firm\Right;
use App\Record\Decided;
use App\Record\FindingRepository;
use App\Record\Job;
use App\Record\OwnOpinion;
use App\Record\SecondOpinion;
use App\Record\SecondOpinionRepository;
use App\Screen\JobController;
use App\Screen\Stage;
use App\Support\Database\Id;
use App\Work\JudgedRuns;
use Jurvex\Core\Judge\Need;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** Asking the office for its opinion of a finding, answering, and deciding whose is taken; all of it is kept. */
#[Route('/jobs/{job}/judge', requirements: ['id' => Id::PATTERN, 'finding' => Id::PATTERN])]
final class SecondOpinionController extends JobController
{
    private const LONGEST = 2000;

    /** The screen has made the identifier. */
    #[Route('/findings/{finding}/second/{id}', name: 'second_ask', methods: 'POST')]
    public function ask(
        Job $job, string $finding, string $id, Request $request, Account $account, FindingRepository $findings, JudgedRuns $runs,
    ): Response {
        $logged = $findings->atPropertyOf($finding, $job) ?? throw $this->createNotFoundException();
        $question = self::text($request, 'question');
        if (null === $this->manager->find(SecondOpinion::class, $id)) {
            $asked = ($runs->judge($logged->run)->judgements[$finding] ?? null)?->counts();
            $this->store(new SecondOpinion($id, $job, $finding, $question, $asked, $account->name(), $this->now()));
        }

        return $this->back($job, $finding);
    }

    #[Route('/second/{id}/answer', name: 'second_answer', methods: 'POST')]
    public function answer(Job $job, string $id, Request $request, Account $account, SecondOpinionRepository $seconds): Response
    {
        $this->denyAccessUnlessGranted(Right::SecondOpinions->value);
        $second = $seconds->onJob($id, $job) ?? throw $this->createNotFoundException();
        $need = Need::tryFrom($request->request->getString('need'));
        $reason = self::text($request, 'reason');
        if (null === $need || '' === $reason) {
            $this->addFlash('second', 'error.opinion');
        } else {
            $second->answer($need, $reason, $account->name(), $this->now());
            $this->store();
        }

        return $this->back($job, $second->findingId);
    }

    /** Where the office's opinion is taken, its class counts from then on. */
    #[Route('/second/{id}/decide', name: 'second_decide', methods: 'POST')]
    public function decide(Job $job, string $id, Request $request, Account $account, SecondOpinionRepository $seconds): Response
    {
        $second = $seconds->onJob($id, $job) ?? throw $this->createNotFoundException();
        $decided = Decided::tryFrom($request->request->getString('decided'));
        $because = self::text($request, 'because');
        $need = $second->need();
        if (null === $decided || '' === $because || null === $need) {
            $this->addFlash('second', 'error.decided');

            return $this->back($job, $second->findingId);
        }
        $second->decide($decided, $because, $account->name(), $this->now());
        if (Decided::Office === $decided) {
            $this->store(new OwnOpinion(Id::fresh(), $second->findingId, $need, $second->reason(), $second->answeredBy(), $this->now()));
        }
        $this->store();

        return $this->back($job, $second->findingId);
    }

    private static function text(Request $request, string $field): string
    {
        return mb_substr(trim($request->request->getString($field)), 0, self::LONGEST);
    }

    private function back(Job $job, string $finding): Response
    {
        $to = ['job' => $job->id, 'judging' => $finding, '_fragment' => 'f-'.$finding];

        return $this->redirectToRoute('judge', $to, Response::HTTP_SEE_OTHER);
    }

    protected function stage(): Stage
    {
        return Stage::Judge;
    }
}
