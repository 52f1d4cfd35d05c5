<?php

declare(strict_types=1);

namespace App\Clear;

use App\Support\Units\Formatter;
use App\Support\Wording\WordsExtension;
use App\Work\ClearingPlan;
use Jurvex\Core\Clear\Fact;
use Jurvex\Core\Clear\Head;
use Jurvex\Core\Clear\Reason;
use Jurvex\Core\Clear\Situation;
use Jurvex\Core\Clear\Spin;
use Jurvex\Core\Clear\WeakSpot;
use Jurvex\Core\Measure\UnitSystem;
use Symfony\Contracts\Translation\TranslatorInterface;

/** Says what a plan stands on, with numbers and places. */
final readonly class PlanFacts
{
    public function __construct(private WordsExtension $words, private Formatter $formatter, private TranslatorInterface $translator)
    {
    }

    /** What made a rule fire, with its numbers and places. */
    public function facts(Reason $reason, ClearingPlan $plan, UnitSystem $units): string
    {
        return implode(', ', array_filter(array_map(fn (Fact $fact) => $this->fact($fact, $plan->situation, $units), $reason->facts)));
    }

    private function fact(Fact $fact, Situation $s, UnitSystem $units): string
    {
        if (Fact::Looks === $fact) {
            return $this->spots($s->weakSpots(), $units);
        }
        $pull = $s->heaviestPull();

        return $this->translator->trans('plan_fact.'.$fact->value, [
            '%blockage%' => $this->words->within($s->blockage, 'blockage'),
            '%bore%' => $this->formatter->small($s->bore->inMillimetres(), $units),
            '%material%' => $this->words->within($s->material, 'material'), '%far%' => $this->formatter->distance($s->far->metres, $units),
            '%flow%' => $this->formatter->quantity($s->flow, 'l_min', $units), '%travel%' => $this->words->within($s->travel, 'travel'),
            '%steep%' => number_format($s->steepest ?? 0.0, 0), '%fall%' => number_format(100 * ($s->fall ?? 0.0), 1),
            '%pull%' => $this->formatter->quantity($pull->pull ?? 0.0, 'n', $units),
            '%limit%' => $this->formatter->quantity($pull->limit ?? 0.0, 'n', $units),
        ]);
    }

    /** @param list<WeakSpot> $spots */
    public function spots(array $spots, UnitSystem $units): string
    {
        return implode(', ', array_map(function (WeakSpot $spot) use ($units): string {
            $place = $spot->to->metres > $spot->from->metres ? $this->formatter->bareDistance($spot->from->metres, $units).'–' : '';

            return $this->translator->trans($spot->isSeen ? 'plan.spot_seen' : 'plan.spot_mapped', [
                '%what%' => $this->words->within($spot->what, 'weakness'),
                '%at%' => $place.$this->formatter->distance($spot->to->metres, $units),
            ]);
        }, $spots));
    }

    /** How a nozzle turns and hits, and how much of the pump's water does its work against what its class needs; nothing for a cable's. */
    public function spin(Head $head, ClearingPlan $plan, UnitSystem $units): string
    {
        if (Spin::None === $head->spin() && 0.0 === $head->leastFlow()) {
            return '';
        }
        $flow = $plan->situation->flow;

        return $this->words->words($head->spin(), 'plan_spin').' '.$this->translator->trans(
            $head->usefulFlow($flow) < $flow ? 'plan.useful_leaks' : 'plan.useful', [
                '%useful%' => $this->formatter->quantity($head->usefulFlow($flow), 'l_min', $units),
                '%flow%' => $this->formatter->quantity($flow, 'l_min', $units),
                '%needs%' => $this->formatter->quantity($head->leastFlow(), 'l_min', $units),
            ]);
    }
}
