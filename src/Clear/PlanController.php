<?php

declare(strict_types=1);

namespace App\Clear;

use App\Firm\Account;
use App\Firm\Jetter;
use App\Record\Job;
use App\Screen\JobController;
use App\Screen\JobScreens;
use App\Screen\Stage;
use App\Support\Form\SentForm;
use App\Support\Units\FieldValues;
use App\Work\ClearingPlans;
use Doctrine\ORM\EntityManagerInterface;
use Jurvex\Core\Clear\Head;
use Jurvex\Core\Clear\Machine;
use Jurvex\Core\Clear\RunLog;
use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Jet\UsualNozzle;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** Before anything turns or sprays: the plans side by side, the jet bench, and the gates. */
#[Route('/jobs/{job}/clear')]
final class PlanController extends JobController
{
    public function __construct(
        JobScreens $screens,
        EntityManagerInterface $manager,
        ClockInterface $clock,
        private readonly ClearingPlans $plans, private readonly PlanCards $cards,
    ) {
        parent::__construct($screens, $manager, $clock);
    }

    #[Route('/plan', name: 'clear_plan', methods: ['GET', 'POST'])]
    public function plan(Job $job, Request $request, Account $account): Response
    {
        $details = clone $job->clearing();
        $form = $this->createForm(ClearingForm::class, $details, ['action' => $request->getPathInfo()]);
        if (SentForm::isAccepted($form, $request)) {
            $job->planClearing($details);
            $this->store();

            return $this->redirectToRoute('clear_plan', ['job' => $job->id], Response::HTTP_SEE_OTHER);
        }
        // The plan hangs on what the screen has found; both are put together once.
        $screen = $this->screens->of($job, $this->stage(), $account->units(), $request->query->getString('run') ?: null);

        return $this->render('clear/plan.html.twig', [
            'screen' => $screen, 'job' => $job, 'tab' => 'plan', 'form' => $form,
            'sheet' => $this->cards->sheet($this->plans->of($job, $screen->record), $job->property()->sketch(), $account->units()),
        ]);
    }

    /** The bench answers every change; it is kept as the firm's own by POST. */
    #[Route('/bench', name: 'jet_bench', methods: ['GET', 'POST'])]
    public function bench(Job $job, Request $request, Account $account): Response
    {
        $typed = $request->isMethod('POST') ? $request->request->all() : $request->query->all();
        $usual = Head::tryFrom($request->query->getString('usual'));
        unset($typed['_token'], $typed['run'], $typed['usual']);
        $jetter = isset($typed['pump'])
            ? Jetter::typed($typed, $account->units())
            : Jetter::of($job->firm->jetter());
        $screen = $this->screen($job, $request);
        $shown = ['tab' => 'bench', 'leader' => RunLog::LEADER_M, 'result' => null, 'pulls' => null, 'bad' => null,
            'classes' => UsualNozzle::classes()];
        try {
            $jetter = null === $usual ? $jetter : $jetter->withUsualNozzle($usual);
            // With what is typed, and not with what was kept last.
            $plan = $this->plans->of($job, $screen->record, $jetter);
            [$bore, $slope] = ClearingPlans::lineOf($plan->ground);
            $result = new JetBench($jetter, $bore, $slope, $job->firm->clearTables()->solids, $plan->plans['jet']->pumpMinutes());
            $pulls = $this->plans->pulls($job, $plan->ground, $result->thrust());
        } catch (BadInput $error) {
            $plan = $this->plans->of($job, $screen->record);

            return $this->shown($screen, [
                ...$shown, 'plan' => $plan, 'bore' => ClearingPlans::lineOf($plan->ground)[0], 'hose' => $jetter->firstHose(),
                'bad' => $error, 'values' => isset($typed['pump']) ? $typed : FieldValues::shown($jetter->values, $account->units()),
            ], 'clear/bench.html.twig', true);
        }
        if ($request->isMethod('POST')) {
            $job->firm->keepJetter($jetter->toKeep());
            $this->store();

            return $this->redirectToRoute('jet_bench', ['job' => $job->id], Response::HTTP_SEE_OTHER);
        }

        return $this->shown(
            $this->screens->expecting($screen, ClearingPlans::expectation($job, $plan->ground, $pulls), $account->units()), [
                ...$shown, 'plan' => $plan, 'bore' => $bore, 'hose' => $jetter->firstHose(), 'result' => $result, 'pulls' => $pulls,
                'values' => FieldValues::shown($jetter->values, $account->units()),
            ], 'clear/bench.html.twig',
        );
    }

    /** One line of a machine's gate, confirmed by whoever is signed in. */
    #[Route('/gates/{machine}', name: 'gate', requirements: ['machine' => 'cable|jet'], methods: 'POST')]
    public function gate(Job $job, string $machine, Request $request, Account $account): Response
    {
        $line = $request->request->getString('line');
        $of = Machine::from($machine);
        if (\in_array($line, $of->gate(), true)) {
            $job->site()->confirmGate($of, $line, $request->request->getBoolean('confirmed'), $account->name(), $this->now());
            $this->store();
        }

        return $this->backToWhereItWasSent($job, $request);
    }

    /** One line of a machine's check before use: good, or failed with or without a reason to start all the same. */
    #[Route('/checks/{machine}', name: 'pre_use_check', requirements: ['machine' => 'cable|jet'], methods: 'POST')]
    public function check(Job $job, string $machine, Request $request, Account $account): Response
    {
        $line = $request->request->getString('line');
        $of = Machine::from($machine);
        if (\in_array($line, $of->checks(), true)) {
            $reason = mb_substr(trim($request->request->getString('reason')), 0, 400);
            $job->site()->check($of, $line, $request->request->getBoolean('good'), $reason, $account->name(), $this->now());
            $this->store();
        }

        return $this->backToWhereItWasSent($job, $request);
    }

    private function backToWhereItWasSent(Job $job, Request $request): Response
    {
        return 'run' === $request->request->getString('from')
            ? $this->redirectToRoute('clear_run', ['job' => $job->id], Response::HTTP_SEE_OTHER)
            : $this->backToStage($job);
    }

    protected function stage(): Stage
    {
        return Stage::Clear;
    }
}
