<?php

declare(strict_types=1);

namespace Jurvex\Core\Calc;

use Jurvex\Core\Input\Input;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Reach\Bend;

/** Whether a stiff head passes a bend. */
final class RigidPassCalculation implements Calculation
{
    public function name(): string
    {
        return 'rigid-pass';
    }

    public function calculate(Input $input): array
    {
        $bore = $input->positive('pipe_id_mm');
        $bend = new Bend(90, Length::millimetres($input->number('bend_radius_mm', $bore / 2)), Length::millimetres($bore));
        $longest = $bend->longestStiffHead(Length::millimetres($input->number('head_diameter_mm', 0)));

        return [
            'max_rigid_length_mm' => $longest->inMillimetres(),
            'passes' => $input->number('rigid_length_mm', 0) <= $longest->inMillimetres(),
        ];
    }
}
