<?php

declare(strict_types=1);

namespace App\Compare;

use App\Firm\Account;
use App\Record\Job;
use App\Record\PairSaid;
use App\Screen\CompareTexts;
use App\Screen\JobController;
use App\Screen\JobScreen;
use App\Screen\JobScreens;
use App\Screen\Stage;
use App\Support\Database\Id;
use App\Work\Comparisons;
use App\Work\JudgedRun;
use App\Work\LookPair;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** Any two looks at the property over each other, and what a person says of the pairs. */
#[Route('/jobs/{job}/hand-over/before-after')]
final class CompareController extends JobController
{
    public function __construct(
        JobScreens $screens, EntityManagerInterface $manager, ClockInterface $clock, private readonly Comparisons $comparisons,
        private readonly CompareTexts $texts,
    ) {
        parent::__construct($screens, $manager, $clock);
    }

    #[Route('', name: 'before_after', methods: 'GET')]
    public function compare(Job $job, Request $request, Account $account): Response
    {
        $screen = $this->screen($job, $request);
        $pair = $this->chosen($screen, $request->query->getString('before'), $request->query->getString('after'));
        $shown = $pair ?? ($this->comparisons->of($job, $screen->record)[0] ?? null);
        $ribbons = array_map(
            fn (JudgedRun $line) => $this->screens->ribbon($line->run->job, $line, [], $account->units()),
            null === $shown ? [] : [$shown->before, $shown->after],
        );

        $page = new ComparePage(
            null === $shown ? null : $this->texts->of($shown, $account->units()), $ribbons,
            array_map(fn (JudgedRun $line) => $this->texts->look($line->run), array_filter(
                $screen->record->runs, static fn (JudgedRun $line) => [] !== $line->record->findings,
            )),
        );
        $photos = [];
        foreach ($page->photographed() as $finding => $line) {
            $at = ['job' => $line->run->job->id, 'run' => $line->run->id, 'id' => $finding];
            $photos[$finding] = $this->generateUrl('photo', $at);
        }

        return $this->shown($screen, ['page' => $page, 'photos' => $photos], 'compare/before_after.html.twig');
    }

    /** Says that two findings are one thing, or that they are not. */
    #[Route('/pairs/{before}/{after}', 'pair_said', ['before' => Id::PATTERN, 'after' => Id::PATTERN], methods: 'POST')]
    public function say(Job $job, string $before, string $after, Request $request): Response
    {
        $screen = $this->screen($job, $request);
        $form = $request->request;
        $pair = $this->chosen($screen, $form->getString('look_before'), $form->getString('look_after'));
        if (null === $pair || !$pair->hasFindings($before, $after)) {
            throw $this->createNotFoundException();
        }
        // It is kept with the later look: whoever compares it from another job finds it again.
        $owner = $pair->after->run->job;
        $isSame = 'yes' === $form->getString('same');
        $said = $this->manager->getRepository(PairSaid::class)->findBy(['job' => $owner]);
        foreach ($said as $each) {
            // One thing has one partner: what was said of it before does not hold any more.
            if ($isSame && $each->isSame() && ($each->beforeId === $before || $each->afterId === $after)) {
                $each->say(false);
            }
        }
        $known = array_values(array_filter(
            $said, static fn (PairSaid $each) => $each->beforeId === $before && $each->afterId === $after,
        ))[0] ?? new PairSaid(Id::fresh(), $owner, $before, $after, $isSame);
        $known->say($isSame);
        $this->store($known);

        return $this->redirectToRoute('before_after', [
            'job' => $job->id, 'before' => $pair->before->run->id, 'after' => $pair->after->run->id,
        ], Response::HTTP_SEE_OTHER);
    }

    /** None where one of the two is no look at the property, or both are the same. */
    private function chosen(JobScreen $screen, string $before, string $after): ?LookPair
    {
        [$one, $other] = [$screen->record->runs[$before] ?? null, $screen->record->runs[$after] ?? null];

        return null === $one || null === $other || $one === $other ? null : $this->comparisons->between($one, $other);
    }

    protected function stage(): Stage
    {
        return Stage::HandOver;
    }
}
