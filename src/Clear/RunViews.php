<?php

declare(strict_types=1);

namespace App\Clear;

use App\Firm\Jetter;
use App\Firm\Kit;
use App\Record\Job;
use App\Record\Pass;
use App\Work\ClearingPlan;
use App\Work\KitPieces;
use Jurvex\Core\Clear\Head;
use Jurvex\Core\Clear\Machine;
use Jurvex\Core\Clear\Marks;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Measure\Length;
use Psr\Clock\ClockInterface;

/** Puts a tool in the line on its screen, and what may go in. */
final readonly class RunViews
{
    public function __construct(private Kit $kit, private ClockInterface $clock)
    {
    }

    public function of(Pass $pass, ClearingPlan $plan): RunView
    {
        $machine = $pass->details()->tool->machine() ?? Machine::Cable;
        $log = $pass->log(self::marks($pass, $plan));
        $seconds = StandIns::clock($pass) ?? $pass->seconds($this->clock->now());
        $along = Length::metres(max(0.0, $log->distance()->metres - $plan->drop()->metres));
        $jetter = Machine::Jet === $machine ? Jetter::of($pass->job->firm->jetter()) : null;
        $minutes = $jetter?->tank()->minutes();
        $head = $pass->details()->headClass;

        return new RunView(
            $pass, $machine, $log, $along, $seconds, null === $minutes ? null : max(0.0, $minutes * 60 - $log->onFor($seconds)),
            StandIns::state($pass),
            null === $head || !$log->goesBack() ? null : $plan->plans[$machine->value]->backAt($head, $along->metres), $jetter?->hottest(),
        );
    }

    /** A hose has marks at even steps; a cable has the couplings that it is made with, or none. */
    public static function marks(Pass $pass, ClearingPlan $plan): Marks
    {
        return Machine::Jet === $pass->details()->tool->machine()
            ? Marks::every(Length::metres((new Input($pass->job->firm->clearTables()->cable))->positive('hose_mark_m')))
            : Marks::at($plan->cable->couplingsAtHand());
    }

    /** @return array<string, list<HeadOffer>> by machine: what the plan has a step for, then all else that the kit has */
    public function heads(Job $job, ClearingPlan $plan): array
    {
        $names = $this->names($job);
        $offers = [];
        $machines = Machine::cases();
        usort(
            $machines, static fn (Machine $a, Machine $b) => $plan->plans[$b->value]->preferred <=> $plan->plans[$a->value]->preferred,
        );
        foreach ($machines as $machine) {
            $planned = $plan->plans[$machine->value]->heads();
            $others = array_filter(
                [] === $names ? Head::cases() : array_map(Head::from(...), array_keys($names)),
                static fn (Head $head) => $head->machine() === $machine && !\in_array($head, $planned, true),
            );
            foreach ([...$planned, ...$others] as $head) {
                $offers[$machine->value][] = new HeadOffer(
                    $head, $plan->pieces[$head->value] ?? $names[$head->value] ?? '', \in_array($head, $planned, true),
                    [] === $names || isset($plan->pieces[$head->value]),
                );
            }
        }

        return $offers;
    }

    /** @return array<string, string> of a piece of the kit, by class of head */
    private function names(Job $job): array
    {
        $tools = $this->kit->of($job->firm);
        $pieces = KitPieces::names($tools);
        $names = [];
        foreach ($tools as $tool) {
            foreach ($tool->pieces() as $piece) {
                $names[$piece->head->value] ??= $pieces[$piece->id];
            }
        }

        return $names;
    }
}
