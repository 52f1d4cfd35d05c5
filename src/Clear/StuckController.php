<?php

declare(strict_types=1);

namespace App\Clear;

use App\Firm\Account;
use App\Record\Job;
use App\Record\StuckTool;
use App\Screen\JobController;
use App\Screen\Stage;
use App\Support\Database\Id;
use Jurvex\Core\Clear\Gauge;
use Jurvex\Core\Clear\NextTry;
use Jurvex\Core\Clear\Progress;
use Jurvex\Core\Clear\Trouble;
use Jurvex\Core\Measure\DistanceReader;
use Jurvex\Core\Measure\UnreadableMeasure;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** It will not go, it will not come back: one step after the other, each logged, and when to stop. */
#[Route('/jobs/{job}/clear/stuck/{id}', requirements: ['id' => Id::PATTERN])]
final class StuckController extends JobController
{
    #[Route('', name: 'stuck', methods: 'GET')]
    public function stuck(Job $job, string $id, Request $request): Response
    {
        return $this->show(
            $job,
            $request,
            ['tab' => 'log', 'stuck' => $this->existing(StuckTool::class, $job, $id), 'error' => null, 'typed' => []],
            'clear/stuck.html.twig',
        );
    }

    /** Begins one; the screen has made the identifier. */
    #[Route('/begin', name: 'stuck_begin', methods: 'POST')]
    public function begin(Job $job, string $id, Request $request, Account $account): Response
    {
        if (null === $this->entry(StuckTool::class, $job, $id)) {
            try {
                $at = DistanceReader::read($request->request->getString('at'), $account->units())->metres;
            } catch (UnreadableMeasure $error) {
                return $this->show(
                    $job, $request,
                    ['tab' => 'log', 'stuck' => null, 'id' => $id, 'error' => $error, 'typed' => $request->request->all()],
                    'clear/stuck.html.twig', true,
                );
            }
            $this->store(
                new StuckTool(
                    $id, $job, Trouble::tryFrom($request->request->getString('trouble')) ?? Trouble::WillNotGo, $at,
                    $this->now(),
                ),
            );
        }

        return $this->back($job, $id);
    }

    /** What gauge, mark and water say now. */
    #[Route('/see', name: 'stuck_see', methods: 'POST')]
    public function see(Job $job, string $id, Request $request, Account $account): Response
    {
        $stuck = $this->existing(StuckTool::class, $job, $id);
        $minutes = (float) str_replace(',', '.', $request->request->getString('minutes'));
        $moved = $request->request->getString('moved');
        $progress = $stuck->progress();
        if ('' !== trim($moved)) {
            try {
                $progress = $minutes > 0
                    ? Progress::of(DistanceReader::read($moved, $account->units())->metres, $minutes)
                    : throw new UnreadableMeasure(UnreadableMeasure::UNCLEAR, $moved);
            } catch (UnreadableMeasure $error) {
                return $this->show(
                    $job, $request,
                    ['tab' => 'log', 'stuck' => $stuck, 'error' => $error, 'typed' => $request->request->all()],
                    'clear/stuck.html.twig', true,
                );
            }
        }
        $stuck->see(
            Gauge::tryFrom($request->request->getString('gauge')) ?? $stuck->gauge(),
            $progress,
            $request->request->getBoolean('soil'),
        );
        $this->store();

        return $this->back($job, $id);
    }

    /** What came of the step that was proposed. */
    #[Route('/try', name: 'stuck_try', methods: 'POST')]
    public function try(Job $job, string $id, Request $request, Account $account): Response
    {
        $stuck = $this->existing(StuckTool::class, $job, $id);
        $code = $request->request->getString('code');
        if (\in_array($code, NextTry::codes(), true)) {
            $now = $this->now();
            'in_vain' === $request->request->getString('result')
                ? $stuck->triedInVain($code, $account->name(), $now)
                : $stuck->end($code, $now);
            $this->store();
        }

        return null === $stuck->endedAt() ? $this->back($job, $id) : $this->backToStage($job);
    }

    private function back(Job $job, string $id): Response
    {
        return $this->redirectToRoute('stuck', ['job' => $job->id, 'id' => $id], Response::HTTP_SEE_OTHER);
    }

    protected function stage(): Stage
    {
        return Stage::Clear;
    }
}
