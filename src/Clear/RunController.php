<?php

declare(strict_types=1);

namespace App\Clear;

use App\Firm\Account;
use App\Firm\Jetter;
use App\Firm\Kit;
use App\Firm\Wear;
use App\Record\Felt;
use App\Record\Job;
use App\Record\Pass;
use App\Record\PassDetails;
use App\Record\Tool;
use App\Record\WaterAtOpening;
use App\Screen\JobController;
use App\Screen\JobScreens;
use App\Screen\Stage;
use App\Support\Database\Id;
use App\Work\ClearingPlans;
use Doctrine\ORM\EntityManagerInterface;
use Jurvex\Core\Clear\EntryKind;
use Jurvex\Core\Clear\Head;
use Jurvex\Core\Clear\LogEntry;
use Jurvex\Core\Clear\Machine;
use Jurvex\Core\Clear\Plan;
use Jurvex\Core\Clear\Step;
use Jurvex\Core\Measure\DistanceReader;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Measure\UnreadableMeasure;
use Jurvex\Core\Practice\Handling;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Contracts\Translation\TranslatorInterface;

/** A tool in the line, logged while it is there: one press for each thing that happens. */
#[Route('/jobs/{job}/clear/run', requirements: ['id' => Id::PATTERN])]
final class RunController extends JobController
{
    public function __construct(
        JobScreens $screens, EntityManagerInterface $manager, ClockInterface $clock, private readonly ClearingPlans $plans,
        private readonly StandIns $standIns, private readonly Kit $kit,
        private readonly TranslatorInterface $translator,
    ) {
        parent::__construct($screens, $manager, $clock);
    }

    #[Route('', name: 'clear_run', methods: 'GET')]
    public function run(Job $job, Request $request): Response
    {
        return $this->showRun($job, $request);
    }

    /** The tool goes in; past the gate of its machine, or not at all. */
    #[Route('/{id}/begin', name: 'run_begin', methods: 'POST')]
    public function begin(Job $job, string $id, Request $request): Response
    {
        $head = Head::tryFrom($request->request->getString('head'));
        $machine = $head?->machine();
        if (null === $head || null === $machine) {
            return $this->showRun($job, $request, ['bad' => 'head'], true);
        }
        if ($job->site()->isShutFor($machine)) {
            return $this->showRun($job, $request, ['gateFor' => $machine], true);
        }
        if (null === $this->entry(Pass::class, $job, $id) && null === $job->openPass()) {
            $details = new PassDetails();
            $details->tool = Tool::from($machine->value);
            $details->headClass = $head;
            $details->head = ucfirst($this->translator->trans('clear_head.'.$head->value));
            $details->blockage = $job->clearing()->blockage;
            $details->flowLMin = Machine::Jet === $machine ? Jetter::of($job->firm->jetter())->flow() : null;
            $details->inM = 0.0;
            $pass = Pass::begin($id, $job, $job->chosenOpening(), $this->now(), $details);
            if ($job->mayBeSimulated() && $request->request->getBoolean('stand_in')) {
                $this->standIns->begin($pass);
            }
            $this->store($pass);
        }

        return $this->back($job);
    }

    #[Route('/{id}/entry/{entry}', name: 'run_entry', requirements: ['entry' => Id::PATTERN], methods: 'POST')]
    public function log(Job $job, string $id, string $entry, Request $request, Account $account): Response
    {
        $pass = $this->existing(Pass::class, $job, $id);
        $kind = EntryKind::tryFrom($request->request->getString('kind'));
        if (null === $kind || !$pass->isOpen()) {
            return $this->showRun($job, $request, ['bad' => 'entry'], true);
        }
        $machine = $pass->details()->tool->machine();
        if (EntryKind::PowerOn === $kind && null !== $machine && $job->site()->isShutFor($machine)) {
            return $this->showRun($job, $request, ['gateFor' => $machine], true);
        }
        $said = trim($request->request->getString('said'));
        $isKnown = match ($kind) {
            EntryKind::Felt => null !== Felt::tryFrom($said),
            EntryKind::Water => null !== WaterAtOpening::tryFrom($said),
            EntryKind::CameBack => '' !== $said && mb_strlen($said) <= 1000,
            default => true,
        };
        if (!$isKnown) {
            return $this->showRun($job, $request, ['bad' => $kind->value], true);
        }
        $metres = null;
        if (EntryKind::At === $kind || EntryKind::Moved === $kind) {
            try {
                $metres = DistanceReader::read($request->request->getString('metres'), $account->units())->metres;
            } catch (UnreadableMeasure $error) {
                return $this->showRun(
                    $job,
                    $request,
                    ['bad' => $kind->value, 'error' => $error, 'typed' => $request->request->getString('metres')],
                    true,
                );
            }
        }
        $pass->enter($entry, new LogEntry($kind, StandIns::clock($pass) ?? $pass->seconds($this->now()), $metres, $said));

        return $this->keep($pass);
    }

    #[Route('/{id}/undo', name: 'run_undo', methods: 'POST')]
    public function undo(Job $job, string $id): Response
    {
        $pass = $this->existing(Pass::class, $job, $id);
        if ($pass->isOpen()) {
            $pass->takeBackLast();
        }

        return $this->keep($pass);
    }

    /** The stand-in does what the hands do, for so many seconds. */
    #[Route('/{id}/stand-in', name: 'run_stand_in', methods: 'POST')]
    public function standIn(Job $job, string $id, Request $request): Response
    {
        $pass = $this->existing(Pass::class, $job, $id);
        $machine = $pass->details()->tool->machine();
        $on = $request->request->getBoolean('on');
        if ($on && null !== $machine && $job->site()->isShutFor($machine)) {
            return $this->showRun($job, $request, ['gateFor' => $machine], true);
        }
        if ($pass->isOpen() && null !== $pass->standIn()) {
            $this->standIns->handle(
                $pass,
                Handling::tryFrom($request->request->getString('hands')) ?? Handling::Hold,
                $on,
                max(1.0, min(600.0, (float) $request->request->getString('seconds'))),
            );
        }

        return $this->keep($pass);
    }

    /** The tool is out, or is left where it is. */
    #[Route('/{id}/out', name: 'run_out', methods: 'POST')]
    public function out(Job $job, string $id): Response
    {
        $pass = $this->existing(Pass::class, $job, $id);
        if ($pass->isOpen()) {
            $pass->close();
            $this->store();
        }

        return $this->backToStage($job);
    }

    /** Wear noticed on the way takes the piece out of use for the next plan. */
    #[Route('/wear', name: 'run_wear', methods: 'POST')]
    public function wear(Job $job, Request $request): Response
    {
        $tool = $this->kit->tool($job->firm, $request->request->getString('tool'));
        $wear = Wear::tryFrom($request->request->getString('wear'));
        if (null === $tool || null === $wear) {
            return $this->showRun($job, $request, ['bad' => 'wear'], true);
        }
        $tool->wearOut($wear, $this->now());
        $this->store();

        return $this->back($job);
    }

    private function keep(Pass $pass): Response
    {
        if ($pass->isOpen()) {
            $details = clone $pass->details();
            $details->follow($pass->log($this->stepOf($pass)));
            $pass->describe($details);
            $this->store();
        }

        return $this->back($pass->job);
    }

    private function stepOf(Pass $pass): Length
    {
        return Length::metres($pass->job->firm->clearTables()->cable[Tool::Jet === $pass->details()->tool ? 'hose_mark_m' : 'section_m']);
    }

    private function viewOf(Pass $pass): RunView
    {
        $log = $pass->log($this->stepOf($pass));
        $seconds = StandIns::clock($pass) ?? $pass->seconds($this->now());
        $machine = $pass->details()->tool->machine() ?? Machine::Cable;
        $tank = null;
        if (Machine::Jet === $machine) {
            $minutes = Jetter::of($pass->job->firm->jetter())->tank()->minutes();
            $tank = null === $minutes ? null : max(0.0, $minutes * 60 - $log->onFor($seconds));
        }

        return new RunView($pass, $machine, $log, $this->stepOf($pass), $seconds, $tank, StandIns::state($pass));
    }

    /** @param array<string, mixed> $more */
    private function showRun(Job $job, Request $request, array $more = [], bool $refused = false): Response
    {
        $open = $job->openPass();
        $run = null === $open ? null : $this->viewOf($open);
        $account = $this->getUser();
        \assert($account instanceof Account);
        // The plan hangs on what the screen has found; both are put together once.
        $screen = $this->screens->of($job, $this->stage(), $account->units(), $request->query->getString('run') ?: null);
        $plan = $this->plans->of($job, $screen->record);
        $heads = [];
        foreach ($plan->plans as $name => $each) {
            $heads[$name] = array_values(
                array_unique(
                    array_map(
                        static fn (Step $step) => $step->head->value,
                        array_filter($each->steps, static fn (Step $step) => null !== $step->head->machine()),
                    ),
                ),
            );
        }

        return $this->render(
            'clear/run.html.twig',
            [
                'screen' => $screen, 'job' => $job, 'tab' => 'run', 'run' => $run, 'plan' => $plan, 'heads' => $heads,
                'bad' => null, 'error' => null, 'typed' => '', 'gateFor' => null, 'machines' => Machine::cases(),
                'fresh' => Id::fresh(), 'tools' => $this->kit->of($job->firm), 'wears' => Wear::cases(),
                'felts' => Felt::cases(), 'waters' => WaterAtOpening::cases(), ...$more,
            ],
            new Response(status: $refused ? 422 : 200),
        );
    }

    private function back(Job $job): Response
    {
        return $this->redirectToRoute('clear_run', ['job' => $job->id], Response::HTTP_SEE_OTHER);
    }

    protected function stage(): Stage
    {
        return Stage::Clear;
    }
}
