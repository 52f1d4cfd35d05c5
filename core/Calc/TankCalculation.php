<?php

declare(strict_types=1);

namespace Jurvex\Core\Calc;

use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Jet\Tank;

/** How long a tank lasts, and how often it must be filled. */
final class TankCalculation implements Calculation
{
    public function name(): string
    {
        return 'tank';
    }

    public function calculate(Input $input): array
    {
        $litres = $input->positive('tank_l');
        $reserve = $input->number('reserve_l', 0, $litres);
        if ($reserve === $litres) {
            throw BadInput::outOfRange($input->at('reserve_l'), 0, $litres);
        }
        $draw = $input->number('draw_l_min', 0);
        $tank = new Tank($litres, $reserve, $draw, $input->number('refill_l_min', 0));
        $minutes = $input->number('job_minutes', 0);

        return ['run_minutes' => $tank->minutes(), 'refills' => $tank->refills($minutes), 'water_l' => $draw * $minutes];
    }
}
