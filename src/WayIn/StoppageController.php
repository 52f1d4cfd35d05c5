<?php

declare(strict_types=1);

namespace App\WayIn;

use App\Firm\Account;
use App\Record\DangerState;
use App\Record\Job;
use App\Screen\JobController;
use App\Screen\JobScreens;
use App\Screen\Stage;
use App\Work\LineMaps;
use App\Work\Stoppages;
use Doctrine\ORM\EntityManagerInterface;
use Jurvex\Core\Sketch\NodeKind;
use Jurvex\Core\Sketch\Sketch;
use Jurvex\Core\Triage\Answer;
use Jurvex\Core\Triage\DangerSign;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** Finding the stoppage: what each fixture does, what each opening shows, tests made, danger signs. */
#[Route('/jobs/{job}/way-in/stoppage')]
final class StoppageController extends JobController
{
    public function __construct(
        JobScreens $screens, EntityManagerInterface $manager, ClockInterface $clock, private readonly LineMaps $maps,
        private readonly Stoppages $stoppages, private readonly MapViews $views,
    ) {
        parent::__construct($screens, $manager, $clock);
    }

    #[Route('', name: 'stoppage', methods: 'GET')]
    public function stoppage(Job $job, Request $request, Account $account): Response
    {
        $sketch = $job->property()->sketch();

        return $this->show($job, $request, [
            'tab' => 'stoppage', 'sketch' => $sketch, 'view' => $this->views->of(
                $sketch,
                $account->units(),
                MapViews::widthFor($request),
            ), 'found' => $this->stoppages->of($job),
            'signs' => DangerSign::cases(), 'fixtureAnswers' => Answer::ofLook(true), 'openingAnswers' => Answer::ofLook(false),
        ], 'way_in/stoppage.html.twig');
    }

    /** What a place shows; the same answer once more takes it back. */
    #[Route('/seen', name: 'stoppage_seen', methods: 'POST')]
    public function seen(Job $job, Request $request): Response
    {
        $site = $job->site();
        foreach ($request->request->all('seen') as $id => $answer) {
            $node = $job->property()->sketch()->nodes[$id] ?? null;
            $answer = Answer::tryFrom(\is_string($answer) ? $answer : '');
            $answers = Answer::ofLook(NodeKind::Fixture === $node?->kind);
            if (true === $node?->isPlace() && null !== $answer && \in_array($answer, $answers, true)) {
                $site->see($node->id, ($site->seen()[$node->id] ?? null) === $answer ? null : $answer, $this->now());
            }
        }
        $this->store();

        return $this->back($job);
    }

    #[Route('/test', name: 'stoppage_test', methods: 'POST')]
    public function test(Job $job, Request $request, Account $account): Response
    {
        $nodes = $job->property()->sketch()->nodes;
        $run = $nodes[$request->request->getString('run')] ?? null;
        $watched = $nodes[$request->request->getString('watched')] ?? null;
        $answer = $request->request->getString('answer');
        $said = Answer::tryFrom($answer);
        $answers = Answer::ofTest(NodeKind::Fixture === $watched?->kind);
        if (NodeKind::Fixture === $run?->kind
            && true === $watched?->isPlace()
            && $run !== $watched
            && ('' === $answer || \in_array($said, $answers, true))
        ) {
            $job->site()->makeTest($run->id, $watched->id, $said, $account->name(), $this->now());
            $this->store();
            if (Answer::RunsBy === $said) {
                $this->maps->change($job->property(), static fn (Sketch $sketch) => $sketch->redraw()->withWaterSeen($run, $watched));
            }
        }

        return $this->back($job);
    }

    #[Route('/danger', name: 'stoppage_danger', methods: 'POST')]
    public function danger(Job $job, Request $request, Account $account): Response
    {
        $sign = DangerSign::tryFrom($request->request->getString('sign'));
        $state = DangerState::tryFrom($request->request->getString('state'));
        if (null !== $sign && null !== $state) {
            $job->site()->sayDanger($sign, $state, $account->name(), $this->now());
            $this->store();
        }

        return $this->back($job);
    }

    private function back(Job $job): Response
    {
        return $this->redirectToRoute('stoppage', ['job' => $job->id], Response::HTTP_SEE_OTHER);
    }

    protected function stage(): Stage
    {
        return Stage::WayIn;
    }
}
