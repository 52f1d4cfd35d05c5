<?php

declare(strict_types=1);

namespace App\Look;

use App\Record\Job;
use App\Screen\AheadPages;
use App\Support\Database\Id;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The screens of a run that is begun without a network. */
#[Route('/jobs/{job}/look/ahead')]
final class AheadController extends AbstractController
{
    public function __construct(private readonly AheadPages $pages, private readonly ClockInterface $clock)
    {
    }

    #[Route('', name: 'look_ahead', methods: 'GET')]
    public function bench(Job $job): Response
    {
        return $this->withRun($job, 'look', ['run' => Id::AHEAD]);
    }

    /** Setting a run up from an opening that is not stored yet. */
    #[Route('/start', name: 'look_ahead_start', methods: 'GET')]
    public function start(Job $job): Response
    {
        $opening = AheadPages::opening($job);

        return $this->pages->with([$opening], fn () => $this->look($job, 'look', ['start' => 1]));
    }

    #[Route('/end', name: 'look_ahead_end', methods: 'GET')]
    public function end(Job $job): Response
    {
        return $this->withRun($job, 'end');
    }

    /** @param array<string, string> $query */
    private function withRun(Job $job, string $action, array $query = []): Response
    {
        $opening = AheadPages::opening($job);
        $run = AheadPages::run($job, $opening, $this->clock->now());

        return $this->pages->with([$opening, $run], fn () => $this->look($job, $action, $query));
    }

    /** @param array<string, mixed> $query */
    private function look(Job $job, string $action, array $query): Response
    {
        return $this->forward(LookController::class.'::'.$action, ['job' => $job, 'id' => Id::AHEAD], $query);
    }
}
