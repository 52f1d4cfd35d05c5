<?php

declare(strict_types=1);

namespace App\Shared\Web;

use App\Account\Account;
use App\Call\Job;
use App\Shared\Job\JobScreens;
use App\Shared\Job\Stage;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\Form\FormInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;

/** What the controllers of a job's stages share: saying what the stage is, showing it, and going back to it after an entry. */
abstract class JobController extends AbstractController
{
    public function __construct(protected readonly JobScreens $screens, protected readonly EntityManagerInterface $manager)
    {
    }

    abstract protected function stage(): Stage;

    /** @param array<string, mixed> $parameters forms as they are: a refused one makes the answer a 422 */
    protected function show(Job $job, Request $request, array $parameters = []): Response
    {
        $account = $this->getUser();
        \assert($account instanceof Account);
        $screen = $this->screens->of($job, $this->stage(), $account->units(), $request->query->getString('run') ?: null);

        return $this->render($this->stage()->value.'/'.$this->stage()->value.'.html.twig', ['screen' => $screen, 'job' => $job, ...$parameters]);
    }

    protected function backToStage(Job $job, ?Stage $stage = null): Response
    {
        return $this->redirectToRoute(($stage ?? $this->stage())->value, ['job' => $job->id], Response::HTTP_SEE_OTHER);
    }

    protected static function isAccepted(FormInterface $form, Request $request): bool
    {
        $form->handleRequest($request);

        return $form->isSubmitted() && $form->isValid();
    }

    protected function store(object ...$entries): void
    {
        foreach ($entries as $entry) {
            $this->manager->persist($entry);
        }
        $this->manager->flush();
    }
}
