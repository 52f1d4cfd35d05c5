<?php

declare(strict_types=1);

namespace App\Day;

use App\Firm\Account;
use App\Firm\Right;
use App\Record\JobRepository;
use App\Record\SecondOpinionRepository;
use App\Record\UpkeepPlanRepository;
use App\Work\SaidWords;
use App\Work\UnfinishedLooks;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The day: what is to be done in order, what is unfinished, what is due. */
final class DayController extends AbstractController
{
    private const UPKEEP_AHEAD = '+30 days';
    private const MOST_DUE = 20;

    #[Route('/', name: 'day', methods: 'GET')]
    public function day(
        Account $account, JobRepository $jobs, UnfinishedLooks $unfinished, Request $request, ClockInterface $clock,
        SecondOpinionRepository $seconds, UpkeepPlanRepository $plans, SaidWords $said,
    ): Response {
        $firm = $account->firm;
        $today = $firm->today($clock->now());
        $words = trim($request->query->getString('find'));

        return $this->render('day/day.html.twig', [
            'today' => $today,
            'find' => $words,
            'found' => '' === $words ? null : $jobs->search($firm, $words),
            'said' => $said->find($words, $firm),
            'jobs' => $jobs->onDay($firm, $today),
            'unfinished' => $unfinished->of($firm),
            'due' => $plans->due($firm, $today->modify(self::UPKEEP_AHEAD), self::MOST_DUE),
            'asked' => $this->isGranted(Right::SecondOpinions->value) ? $seconds->asked($firm) : [],
            'others' => $jobs->openBesides($firm, $today),
        ]);
    }

    /** Signed in and nothing else: what the benchmark measures the other pages against. */
    #[Route('/bare', name: 'bare', methods: 'GET')]
    public function bare(Account $account): Response
    {
        return new Response($account->name(), 200, ['Content-Type' => 'text/plain']);
    }
}
