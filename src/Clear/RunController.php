<?php

declare(strict_types=1);

namespace App\Clear;

use App\Firm\Account;
use App\Firm\Jetter;
use App\Firm\Kit;
use App\Firm\MachineCares;
use App\Firm\Wear;
use App\Record\CameBack;
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
use Jurvex\Core\Clear\Marks;
use Jurvex\Core\Clear\RunLog;
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
        private readonly StandIns $standIns, private readonly Kit $kit, private readonly RunViews $views,
        private readonly MachineCares $cares,
        private readonly TranslatorInterface $translator,
    ) {
        parent::__construct($screens, $manager, $clock);
    }

    #[Route('', name: 'clear_run', methods: 'GET')]
    public function run(Job $job, Request $request): Response
    {
        return $this->showRun($job, $request);
    }

    /** How the cable is made today; nothing is the house's sections. */
    #[Route('/cable', name: 'run_cable', methods: 'POST')]
    public function cable(Job $job, Request $request, Account $account): Response
    {
        $typed = trim($request->request->getString('loose'));
        $details = clone $job->clearing();
        try {
            $details->looseM = '' === $typed ? null : TypedOnTheRun::loose($typed, $account->units());
        } catch (UnreadableMeasure $error) {
            return $this->showRun($job, $request, ['bad' => 'loose', 'error' => $error, 'typed' => $typed], true);
        }
        $job->planClearing($details);
        $this->store();

        return $this->back($job);
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
        if (!self::isKnown($kind, $said)) {
            return $this->showRun($job, $request, ['bad' => $kind->value], true);
        }
        $marks = RunViews::marks($pass, $this->plans->of($job));
        $log = $pass->log($marks);
        $typed = $request->request->getString('metres');
        try {
            $metres = TypedOnTheRun::read($kind, $typed, $log, $account->units());
        } catch (UnreadableMeasure $error) {
            return $this->showRun($job, $request, ['bad' => $kind->value, 'error' => $error, 'typed' => $typed], true);
        }
        if (Machine::Jet === $machine && $log->bringsWaterToTheMouth($kind, $metres)) {
            return $this->showRun($job, $request, ['bad' => 'mouth'], true);
        }
        $pass->enter($entry, new LogEntry($kind, StandIns::clock($pass) ?? $pass->seconds($this->now()), $metres, $said));

        return $this->keep($pass, $marks);
    }

    private static function isKnown(EntryKind $kind, string $said): bool
    {
        return match ($kind) {
            EntryKind::Felt => null !== Felt::tryFrom($said),
            EntryKind::Water => null !== WaterAtOpening::tryFrom($said),
            EntryKind::CameBack => '' !== $said && mb_strlen($said) <= 1000,
            EntryKind::TurnLeft, EntryKind::TurnRight => '' === $said || (ctype_digit($said) && (int) $said <= 99),
            default => true,
        };
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
            $hands = Handling::tryFrom($request->request->getString('hands')) ?? Handling::Hold;
            $isAtMouth = $pass->log(RunViews::marks($pass, $this->plans->of($job)))->isAtMouth();
            if ($on && Machine::Jet === $machine && $isAtMouth) {
                return $this->showRun($job, $request, ['bad' => 'mouth'], true);
            }
            $this->standIns->handle(
                $pass,
                $hands,
                $on,
                max(1.0, min(600.0, (float) $request->request->getString('seconds'))),
            );
        }

        return $this->keep($pass);
    }

    /** The tool is out, or is left where it is. */
    #[Route('/{id}/out', name: 'run_out', methods: 'POST')]
    public function out(Job $job, string $id, Request $request): Response
    {
        $pass = $this->existing(Pass::class, $job, $id);
        if ($pass->isOpen()) {
            $log = $pass->log(RunViews::marks($pass, $this->plans->of($job)));
            if (Machine::Jet === $pass->details()->tool->machine() && $log->isOn() && $log->isNearMouth()) {
                return $this->showRun($job, $request, ['bad' => 'mouth'], true);
            }
            $this->keepHours($pass, $log);
            $pass->close();
            $this->store();
        }

        return $this->backToStage($job);
    }

    /** What a real machine ran is added to its hours. */
    private function keepHours(Pass $pass, RunLog $log): void
    {
        $machine = $pass->details()->tool->machine();
        if (null !== $machine && null === $pass->standIn()) {
            $care = $this->cares->of($pass->job->firm, $machine);
            $care->run($log->onFor($pass->seconds($this->now())) / 3600);
            $this->manager->persist($care);
        }
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

    /** @param ?Marks $marks of the tool, where they were worked out already */
    private function keep(Pass $pass, ?Marks $marks = null): Response
    {
        if ($pass->isOpen()) {
            $pass->follow($marks ?? RunViews::marks($pass, $this->plans->of($pass->job)));
            $this->store();
        }

        return $this->back($pass->job);
    }

    /** @param array<string, mixed> $more */
    private function showRun(Job $job, Request $request, array $more = [], bool $refused = false): Response
    {
        // The plan hangs on what the screen has found; both are put together once.
        $screen = $this->screen($job, $request);
        $plan = $this->plans->of($job, $screen->record);
        $open = $job->openPass();

        return $this->shown($screen, [
            'tab' => 'run', 'run' => null === $open ? null : $this->views->of($open, $plan), 'plan' => $plan,
            'heads' => null === $open ? $this->views->heads($job, $plan) : [], 'bad' => null, 'error' => null, 'typed' => '',
            'gateFor' => null, 'machines' => Machine::cases(), 'fresh' => Id::fresh(), 'tools' => $this->kit->of($job->firm),
            'wears' => Wear::cases(), 'felts' => Felt::cases(), 'waters' => WaterAtOpening::cases(), 'things' => CameBack::cases(),
            ...$more,
        ], 'clear/run.html.twig', $refused);
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
