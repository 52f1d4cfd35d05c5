<?php

declare(strict_types=1);

namespace Jurvex\Core\Calc;

use Jurvex\Core\Flow\Water;
use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Jet\PullBack;
use Jurvex\Core\Measure\Length;

/** How fast a hose may be drawn back through a deposit, and what it takes. */
final class PullBackCalculation implements Calculation
{
    public function name(): string
    {
        return 'pull-back';
    }

    public function calculate(Input $input): array
    {
        $bore = $input->positive('pipe_id_mm');
        $deposit = $input->positive('deposit_mm');
        if ($deposit >= $bore / 2) {
            throw BadInput::outOfRange($input->at('deposit_mm'), 0, $bore / 2);
        }
        $flow = $input->positive('flow_l_min');
        $solids = $input->positive('solids_fraction');
        if ($solids > 1) {
            throw BadInput::outOfRange($input->at('solids_fraction'), 0, 1);
        }
        $length = Length::metres($input->number('length_m', 0));
        $back = new PullBack(Length::millimetres($bore), Length::millimetres($deposit), Water::perSecond($flow), $solids);

        return [
            'deposit_area_cm2' => $back->depositArea() * 1e4,
            'area_left_percent' => $back->areaLeft() * 100,
            'capacity_left_percent' => $back->capacityLeft() * 100,
            'max_speed_m_min' => $back->metresPerMinute(),
            'minutes' => $back->minutes($length),
            'water_l' => $back->litres($length),
        ];
    }
}
