<?php

declare(strict_types=1);

namespace App\Clear;

use App\Record\Job;
use App\Record\Pass;
use App\Record\PassDetails;
use App\Record\PassRepository;
use App\Record\Tool;
use App\Screen\AheadPages;
use App\Support\Database\Id;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The screens of a tool that goes into the line, or comes out, without a network. */
#[Route('/jobs/{job}/clear/run/ahead')]
final class AheadController extends AbstractController
{
    public function __construct(
        private readonly AheadPages $pages, private readonly PassRepository $passes, private readonly ClockInterface $clock,
    ) {
    }

    #[Route('/jet', name: 'clear_ahead_jet', methods: 'GET')]
    public function jet(Job $job): Response
    {
        return $this->with($job, Tool::Jet);
    }

    #[Route('/cable', name: 'clear_ahead_cable', methods: 'GET')]
    public function cable(Job $job): Response
    {
        return $this->with($job, Tool::Cable);
    }

    /** Nothing is in the line any more. */
    #[Route('/none', name: 'clear_ahead_none', methods: 'GET')]
    public function none(Job $job): Response
    {
        return $this->run($job, []);
    }

    private function with(Job $job, Tool $tool): Response
    {
        $details = new PassDetails();
        $details->tool = $tool;
        $details->head = AheadPages::BEGUN;
        $details->inM = 0.0;

        return $this->run($job, [Pass::begin(Id::AHEAD, $job, null, $this->clock->now(), $details)]);
    }

    /** @param list<object> $begun */
    private function run(Job $job, array $begun): Response
    {
        // What is in the line now is out by then.
        $this->passes->openOf($job)?->close();

        return $this->pages->with($begun, fn () => $this->forward(RunController::class.'::run', ['job' => $job]));
    }
}
