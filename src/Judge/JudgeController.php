<?php

declare(strict_types=1);

namespace App\Judge;

use App\Firm\Account;
use App\Record\FindingRepository;
use App\Record\Job;
use App\Record\OwnOpinion;
use App\Record\SecondOpinionRepository;
use App\Screen\JobController;
use App\Screen\Stage;
use App\Support\Database\Id;
use App\Work\JudgedRuns;
use Jurvex\Core\Judge\Need;
use Jurvex\Core\Judge\School;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\BadRequestHttpException;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/jobs/{job}/judge', requirements: ['id' => Id::PATTERN, 'finding' => Id::PATTERN])]
final class JudgeController extends JobController
{
    private const TEMPLATE = 'judge/judge.html.twig';

    #[Route('', name: 'judge', methods: 'GET')]
    public function judge(Job $job, Account $account, JudgePages $pages, Request $request): Response
    {
        return $this->page($job, $account, $pages, $request, $request->query->getString('judging'));
    }

    /** An empty choice is the firm's own school. */
    #[Route('/schools', name: 'schools', methods: 'POST')]
    public function schools(Job $job, Request $request): Response
    {
        $water = School::tryFrom($request->request->getString('water'));
        $roots = School::tryFrom($request->request->getString('roots'));
        if (false === ($water?->isAboutWater() ?? true) || true === $roots?->isAboutWater()) {
            throw new BadRequestHttpException('error.unknown_value');
        }
        $job->judgeBy($water, $roots);
        $this->store();

        return $this->backToStage($job);
    }

    #[Route('/findings/{finding}/opinions/{id}', name: 'opinion', methods: 'POST')]
    public function opinion(
        Job $job, string $finding, string $id, Account $account, FindingRepository $findings, JudgePages $pages, Request $request,
    ): Response {
        $findings->atPropertyOf($finding, $job) ?? throw $this->createNotFoundException();
        $need = Need::tryFrom($request->request->getString('need'));
        $reason = trim($request->request->getString('reason'));
        if (null === $need || '' === $reason || mb_strlen($reason) > 2000) {
            $refused = new RefusedOpinion($finding, $need, $reason);

            return $this->page($job, $account, $pages, $request, $finding, $refused);
        }
        if (null === $this->manager->find(OwnOpinion::class, $id)) {
            $this->store(new OwnOpinion($id, $finding, $need, $reason, $account->name(), $this->now()));
        }

        return $this->backToStage($job);
    }

    /** The form of one finding, when it is opened. */
    #[Route('/findings/{finding}/opinion', name: 'opinion_form', methods: 'GET')]
    public function form(
        Job $job, string $finding, FindingRepository $findings, JudgedRuns $runs, SecondOpinionRepository $seconds,
    ): Response {
        $logged = $findings->atPropertyOf($finding, $job) ?? throw $this->createNotFoundException();
        $line = $runs->judge($logged->run);
        $judged = $line->judgements[$finding] ?? throw $this->createNotFoundException();

        return $this->render('judge/opinion.html.twig', [
            'job' => $job, 'finding' => $finding, 'isOwn' => null !== $judged->override, 'refused' => null,
            'seconds' => $seconds->ofJob($job)[$finding] ?? [],
        ]);
    }

    /** Goes back to the rule's class; the opinions stay in the record. */
    #[Route('/findings/{finding}/by-the-rule', name: 'by_the_rule', methods: 'POST')]
    public function byTheRule(Job $job, string $finding, FindingRepository $findings): Response
    {
        $findings->atPropertyOf($finding, $job) ?? throw $this->createNotFoundException();
        foreach ($this->manager->getRepository(OwnOpinion::class)->findBy(['findingId' => $finding]) as $opinion) {
            $opinion->withdraw($this->now());
        }
        $this->store();

        return $this->backToStage($job);
    }

    /** The property's line, or the one run that the address names. */
    private function page(
        Job $job, Account $account, JudgePages $pages, Request $request, string $opened, ?RefusedOpinion $refused = null,
    ): Response {
        $screen = $this->screen($job, $request);
        $all = $request->query->has('all');
        $page = $request->query->has('run') && null !== $screen->line
            ? $pages->ofRun($screen->line, $account->units(), $opened, $all, $refused)
            : $pages->ofLine($screen->record, $job, $account->units(), $opened, $all, $refused);

        return $this->shown($screen, ['page' => $page], self::TEMPLATE, null !== $refused);
    }

    protected function stage(): Stage
    {
        return Stage::Judge;
    }
}
