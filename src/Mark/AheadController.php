<?php

declare(strict_types=1);

namespace App\Mark;

use App\Record\Job;
use App\Screen\AheadPages;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** Marking on a run that is begun without a network. */
final class AheadController extends AbstractController
{
    #[Route('/jobs/{job}/mark/ahead', name: 'mark_ahead', methods: 'GET')]
    public function mark(Job $job, AheadPages $pages, ClockInterface $clock): Response
    {
        $opening = AheadPages::opening($job);
        $run = AheadPages::run($job, $opening, $clock->now());

        return $pages->with([$opening, $run], fn () => $this->forward(MarkController::class.'::marks', ['job' => $job]));
    }
}
