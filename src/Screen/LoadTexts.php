<?php

declare(strict_types=1);

namespace App\Screen;

use App\Record\Job;
use App\Support\Units\Formatter;
use App\Support\Wording\WordsExtension;
use App\Work\ClearingPlans;
use Jurvex\Core\Clear\Head;
use Jurvex\Core\Clear\Machine;
use Jurvex\Core\Clear\Plan;
use Jurvex\Core\Clear\Step;
use Jurvex\Core\Measure\UnitSystem;
use Symfony\Contracts\Translation\TranslatorInterface;

/** What to load for a job, out of the plan that the house would take: machine, cable or hose, heads, water. */
final readonly class LoadTexts
{
    public function __construct(
        private ClearingPlans $plans, private Formatter $formatter, private WordsExtension $words, private TranslatorInterface $translator,
    ) {
    }

    /** @return string empty where no plan can be carried out, or nobody has drawn the line yet */
    public function of(Job $job, UnitSystem $units): string
    {
        if (!$job->property()->hasMap()) {
            return '';
        }
        $all = $this->plans->of($job);
        $possible = array_filter($all->plans, static fn (Plan $plan) => $plan->isPossible() && [] !== $plan->steps);
        $preferred = array_filter($possible, static fn (Plan $plan) => $plan->preferred);
        $plan = reset($preferred) ?: reset($possible);
        if (false === $plan) {
            return '';
        }
        $litres = array_sum(array_map(static fn (Step $step) => $step->litres ?? 0.0, $plan->steps));
        $needed = Machine::Cable === $plan->machine
            ? $all->cable->needed()->metres
            : $all->drop()->metres + $all->situation->far->metres + $all->situation->overrun->metres;

        return implode(', ', array_filter([
            $this->translator->trans('load.'.$plan->machine->value, ['%length%' => $this->formatter->distance($needed, $units)]),
            ...array_map(fn (Head $head) => $all->pieces[$head->value] ?? $this->words->words($head, 'clear_head'), $plan->heads()),
            $litres > 0 ? $this->translator->trans('load.water', ['%litres%' => $this->formatter->volume($litres, $units)]) : '',
        ]));
    }
}
