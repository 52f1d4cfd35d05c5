<?php

declare(strict_types=1);

namespace App\Mark;

use App\Firm\Account;
use App\Record\Job;
use App\Support\Units\Formatter;
use App\Work\HiddenGrounds;
use Jurvex\Core\Measure\DistanceReader;
use Jurvex\Core\Measure\UnreadableMeasure;
use Jurvex\Core\Practice\LocatorStandIn;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Contracts\Translation\TranslatorInterface;

/** What a locator that is not there reads: only in practice, and where everything is made up. */
final class LocatorController extends AbstractController
{
    private const MOST_TURNS = 999;

    #[Route('/jobs/{job}/mark/locator', name: 'locator', methods: 'GET')]
    public function read(
        Job $job, Request $request, Account $account, HiddenGrounds $grounds, Formatter $formatter, TranslatorInterface $translator,
    ): Response {
        $run = $job->runOrLatest($request->query->getString('run'));
        if (null === $run || !$job->mayBeSimulated()) {
            throw $this->createNotFoundException();
        }
        try {
            $at = DistanceReader::read($request->query->getString('at'), $account->units())->metres;
            $raised = $request->query->getString('raised');
            $up = '' === trim($raised) ? 0.0 : DistanceReader::read($raised, $account->units())->metres;
        } catch (UnreadableMeasure) {
            return new JsonResponse(['error' => $translator->trans('locator.where')], Response::HTTP_UNPROCESSABLE_ENTITY);
        }
        $turn = max(0, min(self::MOST_TURNS, $request->query->getInt('turn')));
        $reading = (new LocatorStandIn($grounds->of($run)))->read($at, $turn, $up);

        return new JsonResponse([
            'depth' => $formatter->distance($reading->depth, $account->units()), 'signal' => (int) round($reading->signal),
            'steady' => $reading->isSteady,
            'said' => $translator->trans($reading->isSteady ? 'locator.steady' : 'locator.wandering', [
                '%depth%' => $formatter->distance($reading->depth, $account->units()), '%signal%' => (int) round($reading->signal),
            ]),
        ]);
    }
}
