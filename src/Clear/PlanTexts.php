<?php

declare(strict_types=1);

namespace App\Clear;

use App\Screen\MapWords;
use App\Support\Units\Formatter;
use App\Support\Wording\WordsExtension;
use App\Work\ClearingPlan;
use Jurvex\Core\Clear\Bears;
use Jurvex\Core\Clear\Fact;
use Jurvex\Core\Clear\Head;
use Jurvex\Core\Clear\Hindrance;
use Jurvex\Core\Clear\Lasts;
use Jurvex\Core\Clear\PlaceKnownBy;
use Jurvex\Core\Clear\Plan;
use Jurvex\Core\Clear\Reason;
use Jurvex\Core\Clear\Risk;
use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Reach\Rig;
use Jurvex\Core\Reach\Stopped;
use Jurvex\Core\Sketch\Lies;
use Jurvex\Core\Sketch\ReachOption;
use Jurvex\Core\Sketch\Sketch;
use Jurvex\Core\Sketch\WhatElse;
use Symfony\Contracts\Translation\TranslatorInterface;

/** Puts both plans into words: where, how they weigh against each other, and why. */
final readonly class PlanTexts
{
    public function __construct(
        private WordsExtension $words, private Formatter $formatter, private TranslatorInterface $translator, private MapWords $map,
        private PlanFacts $facts,
    ) {
    }

    /** From what the place was worked out, and on which side of the opening it lies. */
    public function placeKnownBy(ClearingPlan $plan): string
    {
        $by = array_map(fn (PlaceKnownBy $by) => $this->words->words($by, 'plan_place'), $plan->ground->place->by);
        $side = $plan->ground->side;
        $isSaid = null !== $side && Lies::Down !== $side->way && \in_array(PlaceKnownBy::Triage, $plan->ground->place->by, true);

        return implode(', ', [
            ...([] === $by ? [$this->translator->trans('plan_place.nothing')] : $by),
            ...($isSaid ? [$this->words->words($side->way, 'plan_side')] : []),
        ]);
    }

    /** The same stretch as it is counted on the cable or hose. */
    public function onTheTool(ClearingPlan $plan, UnitSystem $units): string
    {
        $drop = $plan->drop()->metres;

        return $this->translator->trans($drop > 0 ? 'plan.on_tool' : 'plan.on_tool_same', [
            '%near%' => $this->formatter->bareDistance($plan->situation->near->metres + $drop, $units),
            '%far%' => $this->formatter->distance($plan->situation->far->metres + $drop, $units),
            '%drop%' => $this->formatter->distance($drop, $units),
        ]);
    }

    /** @return list<PlanRow> */
    public function weighed(ClearingPlan $plan, UnitSystem $units): array
    {
        $rows = [];
        foreach (['gets', 'does', 'lasts', 'leaves', 'takes', 'risk'] as $respect) {
            $rows[] = new PlanRow($respect, array_map(fn (Plan $each) => $this->cell($respect, $each, $plan, $units), $plan->plans));
        }

        return $rows;
    }

    private function cell(string $respect, Plan $each, ClearingPlan $plan, UnitSystem $units): PlanCell
    {
        $outlook = $plan->outlook($each);
        if ('gets' === $respect) {
            return $this->gets($each, $plan, $units);
        }
        if ('takes' === $respect) {
            return new PlanCell([] === $each->steps || null === $outlook ? '–' : $this->takes($each, $plan, $units));
        }
        if (null === $outlook) {
            return new PlanCell('–');
        }

        return match ($respect) {
            'does' => new PlanCell($this->words->words($outlook->deed, 'plan_deed'), $this->tableReasons($each)),
            'lasts' => new PlanCell(
                $this->words->words($outlook->lasts, 'plan_lasts'),
                $this->translator->trans('plan_lasts_why.'.($outlook->leaves->value ?? $outlook->lasts->value)),
                Lasts::Soon === $outlook->lasts,
            ),
            'leaves' => new PlanCell($this->leaves($each, $plan, $units)),
            default => new PlanCell(
                [] === $outlook->risks ? $this->translator->trans('plan_risk.none') : $this->words->words($outlook->risks[0], 'plan_risk')
                    .(\count($outlook->risks) > 1 ? ' +'.(\count($outlook->risks) - 1) : ''),
                implode(' ', array_map(fn (Risk $risk) => $this->riskWhy($risk, $plan, $units), $outlook->risks)), [] !== $outlook->risks,
            ),
        };
    }

    /** @return list<string> why it is not to be done from here */
    public function blockers(Plan $each, ClearingPlan $plan, UnitSystem $units): array
    {
        return null === $each->refused
            ? array_map(fn (Hindrance $hindrance) => $this->hindrance($hindrance, $plan, $units), $each->hindrances)
            : [$this->translator->trans('plan.not').' '.$this->translator->trans('plan_reason.'.$each->refused)];
    }

    private function gets(Plan $each, ClearingPlan $plan, UnitSystem $units): PlanCell
    {
        $blockers = $this->blockers($each, $plan, $units);
        if ([] !== $blockers) {
            return new PlanCell(
                $this->translator->trans(null === $each->refused ? 'plan.gets_not' : 'plan.not_here'), implode(' ', $blockers), true,
            );
        }
        $reaches = $plan->situation->reaches;
        $isKnown = [] !== array_filter($each->heads(), static fn (Head $head) => null !== ($reaches[$head->value]->pull ?? null));

        return new PlanCell(
            $this->translator->trans('plan.gets', ['%far%' => $this->formatter->distance($plan->situation->past()->metres, $units)]),
            $this->translator->trans($isKnown ? 'plan.gets_why' : 'plan.gets_unknown'),
        );
    }

    private function takes(Plan $each, ClearingPlan $plan, UnitSystem $units): string
    {
        $refills = $each->litres() > 0 ? $plan->refills($each) : 0;

        return $this->translator->trans($each->litres() > 0 ? 'plan.takes' : 'plan.takes_dry', [
            '%minutes%' => round($each->minutes()), '%litres%' => $this->formatter->volume($each->litres(), $units),
        ]).($refills > 0 ? ', '.$this->translator->trans('plan.refills', ['count' => $refills]) : '');
    }

    private function leaves(Plan $each, ClearingPlan $plan, UnitSystem $units): string
    {
        $left = $plan->leaves($each);

        return null === $left ? $this->translator->trans('plan_left.nothing') : $this->translator->trans('plan_left.'.$left->value, [
            '%gap%' => null === $plan->ringLeft() ? '' : $this->formatter->small($plan->ringLeft()->inMillimetres(), $units),
        ]);
    }

    /** What the table of stoppages says of it. */
    private function tableReasons(Plan $each): string
    {
        $table = array_filter(
            $each->reasons, static fn (Reason $reason) => Bears::Rule !== $reason->bears && [Fact::Stoppage] === $reason->facts,
        );

        return implode(' ', array_map(fn (Reason $reason) => $this->translator->trans('plan_reason.'.$reason->code), $table));
    }

    private function riskWhy(Risk $risk, ClearingPlan $plan, UnitSystem $units): string
    {
        $spots = $plan->situation->weakSpots();

        return $this->translator->trans('plan_risk_why.'.$risk->value).(Risk::WeakPipe === $risk && [] !== $spots
            ? ' '.ucfirst($this->facts->spots($spots, $units)).'.' : '');
    }

    private function hindrance(Hindrance $hindrance, ClearingPlan $plan, UnitSystem $units): string
    {
        $reach = $hindrance->reach;
        $isShort = !$reach->gets($plan->situation->far);

        return $this->translator->trans($isShort ? 'plan.stops_short' : 'plan.stays_in', [
            '%head%' => ucfirst($this->words->words($hindrance->head, 'clear_head')),
            '%at%' => $this->formatter->distance(round($reach->to->metres, 1), $units),
            '%why%' => null === $reach->by ? '' : $this->words->within($reach->by, 'stopped'),
            '%short%' => $this->formatter->distance(round(max(0.0, $plan->situation->far->metres - $reach->to->metres), 1), $units),
            '%pull%' => $this->formatter->quantity($reach->pull ?? 0.0, 'n', $units),
            '%limit%' => $this->formatter->quantity($reach->limit, 'n', $units),
        ]);
    }

    /**
     * How much longer a tool would have to be at least.
     *
     * @return list<string>
     */
    private function longer(Plan $plan, ClearingPlan $of, UnitSystem $units): array
    {
        $longer = [];
        foreach ($plan->hindrances as $each) {
            if (Stopped::OutOfLength === $each->reach->by && !$each->reach->gets($of->situation->far)) {
                $longer[] = $this->translator->trans('plan.would_longer', [
                    '%head%' => $this->words->within($each->head, 'clear_head'),
                    '%short%' => $this->formatter->distance(round($of->situation->far->metres - $each->reach->to->metres, 1), $units),
                ]);
            }
        }

        return $longer;
    }

    /**
     * What would get there, where a plan's tools do not.
     *
     * @return list<string>
     */
    public function waysOut(string $machine, ClearingPlan $plan, Sketch $sketch, UnitSystem $units): array
    {
        $ways = $plan->waysOut[$machine] ?? null;
        if (null === $ways) {
            return [];
        }
        $names = $this->map->names($sketch);
        $rig = static fn (Rig $rig) => $ways->names[$rig->id] ?? '';

        return [
            ...$this->longer($plan->plans[$machine], $plan, $units),
            ...array_map(fn (ReachOption $option) => $this->translator->trans('plan.would', [
                '%at%' => $names[$option->opening->id], '%tool%' => $rig($option->rig),
                '%metres%' => $this->formatter->distance(round($option->metres, 1), $units),
            ]), $ways->options),
            ...array_map(fn (WhatElse $else) => $this->translator->trans('else.'.$else->what->value, [
                '%at%' => $names[$else->at->id], '%tool%' => $rig($else->rig),
                '%width%' => null === $else->width ? '' : $this->formatter->small($else->width->inMillimetres(), $units),
                '%length%' => null === $else->length ? '' : $this->formatter->small($else->length->inMillimetres(), $units),
                '%metres%' => null === $else->metres ? '' : $this->formatter->distance($else->metres, $units),
            ]), $ways->else),
        ];
    }
}
