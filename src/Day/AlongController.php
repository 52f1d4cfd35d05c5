<?php

declare(strict_types=1);

namespace App\Day;

use App\Firm\Account;
use App\Record\Job;
use App\Record\JobRepository;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Routing\Route as Address;
use Symfony\Component\Routing\RouterInterface;

/** What is taken along for the time without a network. */
final class AlongController extends AbstractController
{
    private const OF_A_JOB = '/jobs/{job}';
    /** Written for the customer, or an answer of a stand-in. */
    private const LEFT_OUT = ['report', 'practice_result', 'before_after', 'locator'];

    /** The pages of today's jobs, or of one. */
    #[Route('/along', name: 'along', methods: 'GET')]
    public function along(
        Account $account, JobRepository $jobs, Request $request, ClockInterface $clock, RouterInterface $router,
    ): JsonResponse {
        $one = $request->query->getString('job');
        $job = '' === $one ? null : $jobs->find($one);
        if ('' !== $one && $job?->firm !== $account->firm) {
            throw $this->createNotFoundException();
        }
        $chosen = null === $job ? $jobs->onDay($account->firm, $account->firm->today($clock->now())) : [$job];
        $addresses = null === $job ? [$this->generateUrl('day')] : [];
        foreach ($chosen as $each) {
            array_push($addresses, ...$this->pages($each, $router));
        }

        return new JsonResponse(['urls' => $addresses]);
    }

    /** @return list<string> */
    private function pages(Job $job, RouterInterface $router): array
    {
        $pages = [];
        foreach ($router->getRouteCollection() as $name => $route) {
            if (self::isPage($route) && !\in_array($name, self::LEFT_OUT, true)) {
                $pages[] = $this->generateUrl($name, ['job' => $job->id]);
            }
        }

        return $pages;
    }

    /** A bench or a stage: of a job and of nothing else, and no file. */
    private static function isPage(Address $route): bool
    {
        $path = $route->getPath();
        $isRead = [] === $route->getMethods() || \in_array('GET', $route->getMethods(), true);

        return $isRead && str_starts_with($path, self::OF_A_JOB) && 1 === substr_count($path, '{') && !str_contains($path, '.');
    }

    /** What a browser shows without a network where it has no page. */
    #[Route('/no-signal', name: 'no_signal', methods: 'GET')]
    public function noSignal(): Response
    {
        return $this->render('day/no_signal.html.twig');
    }
}
