<?php

declare(strict_types=1);

namespace Jurvex\Core\Calc;

use Jurvex\Core\Cable\CablePlan;
use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Measure\Length;

/** How much cable, which couplings where, and the largest cutter with what it leaves. */
final class CablePlanCalculation implements Calculation
{
    /** No cable is coupled of more: their couplings could not be told. */
    private const MOST_SECTIONS = 10_000;

    public function name(): string
    {
        return 'cable-plan';
    }

    public function calculate(Input $input): array
    {
        $far = $input->number('distance_max_m', 0);
        $metres = static fn (string $key) => Length::metres($input->number($key, 0));
        $plan = new CablePlan(
            $metres('drop_m'),
            Length::metres($input->number('distance_min_m', 0, $far)),
            Length::metres($far),
            $metres('overrun_m'),
            $metres('tail_m'),
            $metres('drum_m'),
            Length::metres($input->positive('section_m')),
            $input->wholeNumber('sections_on_hand', 0),
            $metres('hand_margin_m'),
        );
        self::refuseTooMany($plan->needed(), Length::metres($input->positive('section_m')));
        $target = Length::millimetres($input->positive('target_bore_mm'));
        $bores = [
            Length::millimetres($input->positive('opening_mm')),
            $target,
            ...array_map(Length::millimetres(...), $input->positives('bores_mm')),
        ];
        $cutter = CablePlan::largestCutter(
            $bores,
            Length::millimetres($input->number('clearance_mm', 0)),
            array_map(Length::millimetres(...), $input->positives('cutters_mm')),
        );

        return [
            'needed_m' => $plan->needed()->metres,
            'available_m' => $plan->available()->metres,
            'sections' => $plan->sections(),
            'short_m' => $plan->short()->metres,
            'hand_fed_sections' => $plan->handFed(),
            'couplings_from_head_m' => array_map(static fn (Length $coupling) => $coupling->metres, $plan->couplings()),
            'cutter_mm' => $cutter?->inMillimetres(),
            'swept_area_percent' => null === $cutter ? null : CablePlan::swept($cutter, $target) * 100,
            'crown_gap_mm' => null === $cutter ? null : $target->inMillimetres() - $cutter->inMillimetres(),
        ];
    }

    private static function refuseTooMany(Length $needed, Length $section): void
    {
        if ($needed->metres > self::MOST_SECTIONS * $section->metres) {
            throw BadInput::outOfRange('section_m', $needed->metres / self::MOST_SECTIONS, $needed->metres);
        }
    }
}
