<?php

declare(strict_types=1);

namespace Jurvex\Core\Calc;

use Jurvex\Core\Clear\Blockage;
use Jurvex\Core\Clear\Head;
use Jurvex\Core\Clear\Machine;
use Jurvex\Core\Clear\Plan;
use Jurvex\Core\Clear\Planner;
use Jurvex\Core\Clear\Situation;
use Jurvex\Core\Clear\Step;
use Jurvex\Core\Finding\Material;
use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Run\Travel;

/** Both plans for a stoppage, step by step, by the house's usual rates. */
final class PlanCalculation implements Calculation
{
    public function name(): string
    {
        return 'plan';
    }

    public function calculate(Input $input): array
    {
        $plans = Planner::plans(self::situation($input), Machine::Cable);
        $preferred = array_keys(array_filter($plans, static fn (Plan $plan) => $plan->preferred));

        return [...array_map(self::plain(...), $plans), 'preferred' => $preferred[0] ?? null];
    }

    private static function situation(Input $input): Situation
    {
        $near = $input->number('near_m', 0);
        $far = $input->number('far_m', 0);
        if ($near > $far) {
            throw BadInput::outOfRange($input->at('near_m'), 0, $far);
        }
        $bore = $input->positive('bore_mm');
        $deposit = $input->optionalNumber('deposit_mm', 0);
        if (null !== $deposit && (0.0 === $deposit || $deposit >= $bore / 2)) {
            throw BadInput::outOfRange($input->at('deposit_mm'), 0, $bore / 2);
        }
        $end = $input->optionalNumber('end_m', 0);

        return new Situation(
            $input->choice('blockage', Blockage::class), Length::metres($near), Length::metres($far),
            Length::metres($input->number('overrun_m', 0)), Length::millimetres($bore), $input->choice('material', Material::class),
            $input->positive('flow_l_min'), $input->flag('roof_vent'), $input->flag('no_water'), $input->flag('fragile'),
            $input->flag('weak_far'), frost: $input->flag('frost'), travel: $input->choice('travel', Travel::class),
            trap: $input->flag('trap'), end: null === $end ? null : Length::metres($end),
            deposit: null === $deposit ? null : Length::millimetres($deposit), heads: self::heads($input),
        );
    }

    /** @return ?list<Head> of the kit; none for all */
    private static function heads(Input $input): ?array
    {
        if (!$input->has('heads')) {
            return null;
        }
        $heads = $input->map('heads');
        $given = new Input($heads, $input->at('heads'));

        return array_map(
            static fn (int|string $place) => $given->choice((string) $place, Head::class), array_keys($heads),
        );
    }

    /** @return array<string, mixed> */
    private static function plain(Plan $plan): array
    {
        return [
            'refused' => $plan->refused, 'steps' => array_map(static fn (Step $step) => [
                'head' => $step->head->value, 'way' => $step->way->value, 'from_m' => $step->from, 'to_m' => $step->to,
                'works' => $step->works, 'speed_m_min' => $step->speed, 'minutes' => $step->minutes, 'litres' => $step->litres,
                'instead_of' => $step->insteadOf?->value,
            ], $plan->steps), 'minutes' => $plan->minutes(), 'litres' => $plan->litres(),
        ];
    }
}
