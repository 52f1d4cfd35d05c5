<?php

declare(strict_types=1);

namespace App\Day;

use App\Firm\Account;
use App\Firm\Firm;
use App\Firm\Right;
use App\Record\Job;
use App\Record\JobRepository;
use App\Record\UnfinishedLook;
use App\Record\UpkeepPlanRepository;
use App\Record\Week;
use App\Screen\LoadTexts;
use App\Support\Wording\DateExtension;
use App\Work\UnfinishedLooks;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Contracts\Translation\TranslatorInterface;

/** The office's week: who goes where on which day, in which order. */
#[Route('/board')]
final class BoardController extends AbstractController
{
    private const DUE_AHEAD = '+60 days';
    private const MOST_DUE = 30;

    public function __construct(
        private readonly JobRepository $jobs, private readonly EntityManagerInterface $manager, private readonly ClockInterface $clock,
        private readonly UnfinishedLooks $unfinished, private readonly UpkeepPlanRepository $plans, private readonly DateExtension $dates,
        private readonly TranslatorInterface $translator,
    ) {
    }

    #[Route('', name: 'board', methods: 'GET')]
    public function board(Account $account, Request $request): Response
    {
        return $this->shown($account, $this->week($account, $request->query->getString('week')));
    }

    /** What to load, out of its plan: asked for when the card is in sight. */
    #[Route('/jobs/{job}/load', name: 'board_load', methods: 'GET')]
    public function load(Job $job, Account $account, LoadTexts $loads): Response
    {
        return $this->render('day/load.html.twig', ['job' => $job, 'load' => $loads->of($job, $account->units())]);
    }

    /** Puts a job on a day, to a person, at a place in their order. Where somebody else has moved it meanwhile, that is told and stays. */
    #[Route('/jobs/{job}', name: 'board_move', methods: 'POST'), IsGranted(Right::Planning->value)]
    public function move(Job $job, Account $account, Request $request): Response
    {
        $week = $this->week($account, $request->request->getString('week'));
        if ($request->request->getString('seen') !== Board::seen($job)) {
            return $this->shown($account, $week, $this->meanwhile($job), Response::HTTP_UNPROCESSABLE_ENTITY);
        }
        $typed = $request->request->getString('day');
        $day = '' === $typed ? null : \DateTimeImmutable::createFromFormat('!Y-m-d', $typed);
        $id = $request->request->getString('person');
        $person = '' === $id ? null : $this->manager->getRepository(Account::class)->findOneBy(['id' => $id, 'firm' => $account->firm]);
        if (false === $day || '' !== $id && (null === $person || null !== $person->disabledAt())) {
            return $this->shown($account, $week, $this->translator->trans('board.bad'), Response::HTTP_UNPROCESSABLE_ENTITY);
        }
        $this->put($job, $day, $person, $request->request->getInt('place', \PHP_INT_MAX));
        $this->manager->flush();

        return $this->shown($account, $week);
    }

    /** Those that go to the same place on the same day move on by one. */
    private function put(Job $job, ?\DateTimeImmutable $day, ?Account $person, int $place): void
    {
        $job->assign($person);
        $others = null === $day ? [] : array_values(array_filter(
            $this->jobs->onDay($job->firm, $day), static fn (Job $each) => $each !== $job && $each->assignee() === $person,
        ));
        array_splice($others, max(0, min(\count($others), $place - 1)), 0, [$job]);
        foreach ($others as $i => $each) {
            $each->call()->planOn($day, $i + 1);
        }
        if (null === $day) {
            $job->call()->planOn(null, 1);
        }
    }

    private function meanwhile(Job $job): string
    {
        $day = $job->call()->plannedOn;

        return $this->translator->trans('board.meanwhile', [
            '%job%' => $job->call()->place,
            '%day%' => null === $day ? $this->translator->trans('stages.no_date') : $this->dates->when($day, 'EEEEdMMM'),
            '%person%' => $job->assignee()?->name() ?? $this->translator->trans('board.nobody'),
        ]);
    }

    private function week(Account $account, string $name): Week
    {
        return Week::named($name) ?? Week::of($account->firm->today($this->clock->now()));
    }

    private function shown(Account $account, Week $week, string $told = '', int $status = Response::HTTP_OK): Response
    {
        $firm = $account->firm;
        $people = array_values(array_filter(
            $this->manager->getRepository(Account::class)->findBy(['firm' => $firm], ['name' => 'ASC']),
            static fn (Account $each) => null === $each->disabledAt(),
        ));
        $today = $firm->today($this->clock->now());

        return $this->render('day/board.html.twig', [
            'board' => Board::of($week, $people, $this->jobs->inWeek($firm, $week), $this->jobs->undated($firm), $told),
            'today' => $today, 'mayMove' => $this->isGranted(Right::Planning->value),
            'unfinished' => $this->unfinishedBeside($firm, $week),
            'due' => $this->plans->due($firm, $today->modify(self::DUE_AHEAD), self::MOST_DUE),
        ], new Response(status: $status));
    }

    /** @return list<Job> with a look that is unfinished, but for those that stand in the week anyway */
    private function unfinishedBeside(Firm $firm, Week $week): array
    {
        $jobs = array_map(fn (UnfinishedLook $look) => $this->manager->find(Job::class, $look->id), $this->unfinished->of($firm));

        return array_values(array_filter(
            $jobs, static fn (?Job $job) => null !== $job && !$week->holds($job->call()->plannedOn) && null !== $job->call()->plannedOn,
        ));
    }
}
