<?php

declare(strict_types=1);

namespace App\Screen;

use App\Firm\Account;
use App\Record\FlowTest;
use App\Record\Job;
use App\Record\Opening;
use App\Record\OutsidePipe;
use App\Record\Pass;
use App\Record\Run;
use App\Record\StuckTool;
use App\Work\Expectation;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** What the controllers of a job's stages share: saying what the stage is, showing it, and going back to it after an entry. */
abstract class JobController extends AbstractController
{
    public function __construct(
        protected readonly JobScreens $screens,
        protected readonly EntityManagerInterface $manager,
        private readonly ClockInterface $clock,
    ) {
    }

    abstract protected function stage(): Stage;

    protected function now(): \DateTimeImmutable
    {
        return $this->clock->now();
    }

    /**
     * @param array<string, mixed> $parameters forms as they are: a refused one makes the answer a 422
     * @param ?string $template of a stage that has several benches
     * @param bool $refused whether what was sent is refused without a form
     * @param ?Expectation $expected what the map makes of the chosen path, for the ribbon
     */
    protected function show(
        Job $job, Request $request, array $parameters = [], ?string $template = null, bool $refused = false,
        ?Expectation $expected = null,
    ): Response {
        return $this->shown(
            $this->screen($job, $request, $expected),
            $parameters,
            $template ?? $this->stage()->value.'/'.$this->stage()->value.'.html.twig',
            $refused,
        );
    }

    /** What the stage's screen shows beside its bench. */
    protected function screen(Job $job, Request $request, ?Expectation $expected = null): JobScreen
    {
        $account = $this->getUser();
        \assert($account instanceof Account);

        return $this->screens->of($job, $this->stage(), $account->units(), $request->query->getString('run') ?: null, $expected);
    }

    /** @param array<string, mixed> $parameters */
    protected function shown(JobScreen $screen, array $parameters, string $template, bool $refused = false): Response
    {
        return $this->render(
            $template, ['screen' => $screen, 'job' => $screen->job, ...$parameters], new Response(status: $refused ? 422 : 200),
        );
    }

    protected function backToStage(Job $job, ?Stage $stage = null): Response
    {
        return $this->redirectToRoute(($stage ?? $this->stage())->value, ['job' => $job->id], Response::HTTP_SEE_OTHER);
    }

    /**
     * An entry of the job under its identifier; none when nobody has made it yet.
     *
     * @template T of Opening|Pass|FlowTest|StuckTool|OutsidePipe|Run
     *
     * @param class-string<T> $class
     *
     * @return ?T
     *
     * @throws NotFoundHttpException when it is another job's
     */
    protected function entry(string $class, Job $job, string $id): Opening|Pass|FlowTest|StuckTool|OutsidePipe|Run|null
    {
        $entry = $this->manager->find($class, $id);
        if (null !== $entry && $entry->job !== $job) {
            throw $this->createNotFoundException();
        }

        return $entry;
    }

    /**
     * @template T of Opening|Pass|FlowTest|StuckTool|OutsidePipe|Run
     *
     * @param class-string<T> $class
     *
     * @return T
     *
     * @throws NotFoundHttpException when it is not there
     */
    protected function existing(string $class, Job $job, string $id): Opening|Pass|FlowTest|StuckTool|OutsidePipe|Run
    {
        return $this->entry($class, $job, $id) ?? throw $this->createNotFoundException();
    }

    protected function backToRun(Run $run): Response
    {
        return $this->redirectToRoute('look', ['job' => $run->job->id, 'run' => $run->id], Response::HTTP_SEE_OTHER);
    }

    protected function store(object ...$entries): void
    {
        foreach ($entries as $entry) {
            $this->manager->persist($entry);
        }
        $this->manager->flush();
    }
}
