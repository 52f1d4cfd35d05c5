<?php

declare(strict_types=1);

namespace Jurvex\Core\Calc;

use Jurvex\Core\Camera\LensWater;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Measure\Length;

/** Depth of water from where it stands on the lens. */
final class LensWaterCalculation implements Calculation
{
    public function name(): string
    {
        return 'lens-water';
    }

    public function calculate(Input $input): array
    {
        $water = new LensWater(
            Length::millimetres($input->positive('head_diameter_mm')),
            Length::millimetres($input->optionalNumber('skid_diameter_mm', 0) ?? 0.0),
            Length::millimetres($input->number('window_diameter_mm', 0)),
            $input->number('water_on_lens', -1, 1),
            Length::millimetres($input->positive('pipe_id_mm')),
        );

        return [
            'depth_mm' => $water->depth->inMillimetres(),
            'at_least' => $water->atLeast,
            'depth_percent' => $water->shareOfBore() * 100,
            'area_percent' => $water->shareOfArea() * 100,
        ];
    }
}
