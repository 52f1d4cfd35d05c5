<?php

declare(strict_types=1);

namespace Jurvex\Core\Calc;

use Jurvex\Core\Flow\Manning;
use Jurvex\Core\Flow\Water;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Measure\Length;

/** Whether the water carries debris at this fall. */
final class CarryCalculation implements Calculation
{
    public function name(): string
    {
        return 'carry';
    }

    public function calculate(Input $input): array
    {
        $bore = Length::millimetres($input->positive('pipe_id_mm'));
        $slope = $input->number('fall_percent') / 100;
        $roughness = $input->positive('manning_n');
        $flow = Water::perSecond($input->number('flow_l_min', 0));
        $carrying = $input->optionalNumber('carry_velocity_m_s', 0) ?? Manning::CARRYING;
        if ($slope <= 0) {
            return ['state' => 'no_fall', 'capacity_l_min' => 0.0];
        }
        $pipe = new Manning($bore, $slope, $roughness);
        $capacity = ['capacity_l_min' => Water::perMinute($pipe->capacity())];
        if ($flow > $pipe->capacity()) {
            return ['state' => 'surcharged', ...$capacity];
        }
        $depth = $pipe->depth($flow);
        $velocity = $pipe->velocity($depth);

        return [
            'state' => 'part_full', 'depth_mm' => $depth->inMillimetres(), 'velocity_m_s' => $velocity,
            'shear_pa' => $pipe->shear($depth), 'carries' => $velocity >= $carrying, ...$capacity,
        ];
    }
}
