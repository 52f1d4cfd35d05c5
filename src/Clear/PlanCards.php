<?php

declare(strict_types=1);

namespace App\Clear;

use App\Support\Units\Formatter;
use App\Support\Wording\WordsExtension;
use App\Work\ClearingPlan;
use Jurvex\Core\Clear\Head;
use Jurvex\Core\Clear\Reason;
use Jurvex\Core\Clear\Step;
use Jurvex\Core\Clear\Stroke;
use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Sketch\Sketch;
use Symfony\Contracts\Translation\TranslatorInterface;

/** Puts both plans on their screen. */
final readonly class PlanCards
{
    public function __construct(
        private PlanTexts $texts, private PlanFacts $facts, private WordsExtension $words, private Formatter $formatter,
        private TranslatorInterface $translator,
    ) {
    }

    public function sheet(ClearingPlan $plan, Sketch $sketch, UnitSystem $units): PlanSheet
    {
        $cards = [];
        foreach ($plan->plans as $machine => $each) {
            $cards[$machine] = new PlanCard(
                $each, $this->texts->blockers($each, $plan, $units), $this->texts->waysOut($machine, $plan, $sketch, $units),
                implode(', ', array_map(fn (Head $head) => $this->words->within($head, 'clear_head'), $each->missing)),
                array_map(fn (array $steps) => $this->headSteps($steps, $plan, $units), $each->byHead()),
                array_map(fn (Reason $reason) => new ReasonText(
                    $reason->bears, $this->translator->trans('plan_reason.'.$reason->code), $this->facts->facts($reason, $plan, $units),
                ), $each->reasons),
            );
        }

        return new PlanSheet(
            $plan, $this->texts->placeKnownBy($plan), $this->texts->onTheTool($plan, $units), $this->first($plan, $units),
            $this->texts->weighed($plan, $units), $cards,
        );
    }

    private function first(ClearingPlan $plan, UnitSystem $units): string
    {
        foreach ($plan->plans as $each) {
            foreach ($each->reasons as $reason) {
                if ('look_and_expose' === $reason->code) {
                    return ucfirst($this->facts->facts($reason, $plan, $units)).'.';
                }
            }
        }

        return '';
    }

    /** @param non-empty-list<Step> $steps of one head */
    private function headSteps(array $steps, ClearingPlan $plan, UnitSystem $units): HeadSteps
    {
        $first = $steps[0];
        $strokes = array_map(
            fn (Step $step) => $this->stroke($step, $first->why, $units),
            array_filter($steps, static fn (Step $step) => $step->to !== $step->from),
        );
        $isTool = null !== $first->head->machine();
        $minutes = array_sum(array_map(static fn (Step $step) => $step->minutes ?? 0.0, $steps));
        $litres = array_sum(array_map(static fn (Step $step) => $step->litres ?? 0.0, $steps));

        return new HeadSteps(
            ucfirst(Stroke::Look === $first->way
                ? $this->words->words('look', 'plan_way') : $this->words->words($first->head, 'clear_head')),
            $isTool ? $plan->pieces[$first->head->value] ?? $this->translator->trans('plan.no_piece') : '',
            $isTool && !isset($plan->pieces[$first->head->value]),
            null === $first->insteadOf ? '' : $this->instead($first->insteadOf, $plan, $units),
            $this->translator->trans('plan_why.'.$first->why), $isTool ? $this->facts->spin($first->head, $plan, $units) : '',
            $minutes > 0 ? $this->takes($minutes, $litres, $units) : $this->span($first, $units), array_values($strokes),
        );
    }

    /** Which head it stands in for, and what keeps that one out where the kit has it. */
    private function instead(Head $head, ClearingPlan $plan, UnitSystem $units): string
    {
        $reach = $plan->situation->reaches[$head->value] ?? null;
        $by = null === $reach || $plan->situation->isReachedBy($head) ? null : $reach->by;

        return $this->translator->trans(null === $by ? 'plan.instead' : 'plan.instead_short', [
            '%head%' => $this->words->within($head, 'clear_head'),
            '%at%' => $this->formatter->distance(round($reach->to->metres ?? 0.0, 1), $units),
            '%why%' => null === $by ? '' : $this->words->within($by, 'stopped'),
        ]);
    }

    private function stroke(Step $step, string $said, UnitSystem $units): StrokeText
    {
        $way = match (true) {
            $step->works => 'works',
            Stroke::In === $step->way && $step->from > 0 => 'through',
            default => $step->way->value,
        };
        $by = !$step->works ? '' : ($step->passes > 0
            ? $this->translator->trans('plan.by_shop', ['count' => $step->passes]) : $this->translator->trans('plan.by_table'));

        return new StrokeText(
            $this->words->words($way, 'plan_way'), $this->span($step, $units),
            null === $step->speed ? '' : $this->formatter->pace($step->speed, $units),
            null === $step->minutes ? '' : $this->takes($step->minutes, $step->litres ?? 0.0, $units), $by,
            $step->why === $said ? '' : $this->translator->trans('plan_why.'.$step->why), $step->works,
        );
    }

    private function span(Step $step, UnitSystem $units): string
    {
        return $this->formatter->bareDistance($step->from, $units).'–'.$this->formatter->distance($step->to, $units);
    }

    private function takes(float $minutes, float $litres, UnitSystem $units): string
    {
        return $this->translator->trans($litres > 0 ? 'plan.takes' : 'plan.takes_dry', [
            '%minutes%' => number_format($minutes, $minutes < 10 ? 1 : 0), '%litres%' => $this->formatter->volume($litres, $units),
        ]);
    }
}
