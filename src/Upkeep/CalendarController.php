<?php

declare(strict_types=1);

namespace App\Upkeep;

use App\Firm\Account;
use App\Firm\Right;
use App\Record\DueAtProperty;
use App\Record\JobRepository;
use App\Record\UpkeepPlanRepository;
use App\Support\Files\Csv;
use App\Support\Web\Download;
use App\Support\Wording\WordsExtension;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Contracts\Translation\TranslatorInterface;

/** What is due and what is planned: a list for the office, a table, and a calendar that other programs read by a secret address. */
final class CalendarController extends AbstractController
{
    private const SHOWN = 60;
    private const MOST = 5000;

    public function __construct(
        private readonly UpkeepPlanRepository $plans, private readonly JobRepository $jobs, private readonly ClockInterface $clock,
        private readonly CalendarAddress $addresses, private readonly EntityManagerInterface $manager, private readonly DueList $due,
    ) {
    }

    #[Route('/due', name: 'due', methods: 'GET')]
    public function due(Account $account): Response
    {
        $firm = $account->firm;
        $today = $firm->today($this->clock->now());

        return $this->render('upkeep/due.html.twig', [
            'rows' => $this->due->of($this->plans->due($firm, $today->modify('+2 months'), self::SHOWN)), 'today' => $today,
            'calendar' => $this->addresses->token($firm),
        ]);
    }

    #[Route('/due.csv', name: 'due_csv', methods: 'GET')]
    public function csv(Account $account, WordsExtension $words, TranslatorInterface $translator): Response
    {
        $today = $account->firm->today($this->clock->now());
        $rows = array_map(static fn (DueAtProperty $due) => [
            $due->dueOn->format('Y-m-d'), $due->place, null === $due->work ? '' : $words->words($due->work, 'upkeep_work'), $due->said,
            null === $due->everyMonths ? $due->askedBy : $translator->trans('due.every', ['%count%' => $due->everyMonths]),
        ], $this->plans->due($account->firm, $today->modify('+2 years'), self::MOST));

        return Download::file(Csv::write([['due_on', 'place', 'work', 'note', 'why_now'], ...$rows]), 'text/csv; charset=UTF-8', 'due.csv');
    }

    /** Whoever holds the address reads it; a new address ends the old one. */
    #[Route('/calendar/{token}.ics', name: 'calendar', methods: 'GET')]
    public function calendar(string $token, Calendar $calendar): Response
    {
        $firm = $this->addresses->find($token, $this->manager) ?? throw $this->createNotFoundException('error.no_such_link');
        $today = $firm->today($this->clock->now());

        return Download::unlisted(Download::file($calendar->of(
            $this->jobs->plannedFrom($firm, $today->modify('-1 month'), self::MOST),
            $this->plans->due($firm, $today->modify('+2 years'), self::MOST),
            $this->clock->now(),
        ), 'text/calendar; charset=UTF-8', 'jurvex.ics'));
    }

    #[Route('/calendar/new-address', name: 'calendar_new', methods: 'POST')]
    public function turn(Account $account): Response
    {
        $this->denyAccessUnlessGranted(Right::Calendar->value);
        $account->firm->turnCalendar();
        $this->manager->flush();

        return $this->redirectToRoute('due', [], Response::HTTP_SEE_OTHER);
    }
}
