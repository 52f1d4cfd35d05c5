<?php

declare(strict_types=1);

namespace App\Clear;

use App\Firm\Jetter;
use App\Record\Job;
use App\Record\Pass;
use App\Support\Database\Id;
use App\Work\ClearingPlans;
use App\Work\MappedRuns;
use Jurvex\Core\Calc\JetCalculation;
use Jurvex\Core\Clear\EntryKind;
use Jurvex\Core\Clear\Head;
use Jurvex\Core\Clear\LogEntry;
use Jurvex\Core\Clear\Machine;
use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Practice\CableStandIn;
use Jurvex\Core\Practice\Handling;
use Jurvex\Core\Practice\HiddenStoppage;
use Jurvex\Core\Practice\JetterStandIn;
use Jurvex\Core\Practice\MachineState;

/** Machines that are not there: they log what a hand would log, at the clock of the stand-in. */
final readonly class StandIns
{
    private const USUAL_LINE_M = 20.0;

    public function __construct(private ClearingPlans $plans)
    {
    }

    /** Hides a stoppage on the way from the chosen opening; the job's identifier is the seed. */
    public function begin(Pass $pass): void
    {
        $state = $this->machine($pass)->begin();
        $pass->keepStandIn([...$state->plain(), 'clock' => 0.0, 'on' => false]);
    }

    /** @throws BadInput when what was kept is no state */
    public static function state(Pass $pass): ?MachineState
    {
        return null === $pass->standIn() ? null : MachineState::read(new Input($pass->standIn()));
    }

    public static function clock(Pass $pass): ?float
    {
        return null === $pass->standIn() ? null : (new Input($pass->standIn()))->number('clock', 0);
    }

    /** Does with the machine what the hands do, and logs what changed. */
    public function handle(Pass $pass, Handling $hands, bool $on, float $seconds): void
    {
        $was = self::state($pass) ?? throw new \LogicException('This pass has a real machine.');
        $began = self::clock($pass) ?? 0.0;
        $wasOn = true === ($pass->standIn()['on'] ?? false);
        $is = $this->machine($pass)->after($was, $hands, $on, $seconds);
        $entries = [];
        if ($on !== $wasOn) {
            $entries[] = new LogEntry($on ? EntryKind::PowerOn : EntryKind::PowerOff, $began);
        }
        // Back at the foot of the drop it is taken out, but not while it runs.
        $isOut = 0.0 === $is->metres && !$on;
        if ($is->metres !== $was->metres || ($isOut && $wasOn)) {
            $entries[] = new LogEntry(EntryKind::At, $began + $seconds, $isOut ? 0.0 : round(self::drop($pass) + $is->metres, 2));
        }
        if ($is->felt !== $was->felt) {
            $entries[] = new LogEntry(EntryKind::Felt, $began + $seconds, said: $is->felt);
        }
        if ($is->water !== $was->water) {
            $entries[] = new LogEntry(EntryKind::Water, $began + $seconds, said: $is->water);
        }
        foreach ($entries as $entry) {
            $pass->enter(Id::fresh(), $entry);
        }
        $pass->keepStandIn([...$is->plain(), 'clock' => $began + $seconds, 'on' => $on]);
    }

    /** Its head is told from the foot of the drop, the log counts from the mouth of the opening. */
    private static function drop(Pass $pass): float
    {
        return $pass->opening?->details()->dropM ?? 0.0;
    }

    private function machine(Pass $pass): JetterStandIn|CableStandIn
    {
        $job = $pass->job;
        $line = MappedRuns::wayFrom($job->chosenOpening())?->end() ?? 0.0;
        $length = Length::metres($line > 1 ? $line : self::USUAL_LINE_M);
        $hidden = HiddenStoppage::fromSeed(crc32($job->id), $length);
        if (Machine::Cable === $pass->details()->tool->machine()) {
            return new CableStandIn($hidden, $length);
        }
        $jetter = Jetter::of($job->firm->jetter());
        $jet = JetCalculation::line($jetter->input());
        $pulls = $this->plans->pulls($job, $this->plans->ground($job), $jet->nozzle->thrust($jet->nozzlePressure()));
        $tank = $jetter->input()->object('tank');

        return new JetterStandIn(
            $jet, $hidden, $pass->details()->headClass ?? Head::Piercer, $job->firm->clearTables()->rates,
            null === $pulls ? $length : Length::metres(max(1.0, $pulls->metres)), $tank->positive('tank_l'),
            $tank->number('reserve_l', 0), $tank->number('refill_l_min', 0),
        );
    }
}
