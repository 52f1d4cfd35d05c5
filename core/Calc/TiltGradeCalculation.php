<?php

declare(strict_types=1);

namespace Jurvex\Core\Calc;

use Jurvex\Core\Camera\FallRange;
use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Measure\Grade;
use Jurvex\Core\Run\Travel;

/** The fall from the camera's tilt, with the range that its readout leaves. */
final class TiltGradeCalculation implements Calculation
{
    public function name(): string
    {
        return 'tilt-grade';
    }

    public function calculate(Input $input): array
    {
        $tilt = $input->number('tilt_deg', -90, 90);
        $resolution = $input->number('resolution_deg', 0, 90);
        if (abs($tilt) + $resolution / 2 >= 90) {
            throw BadInput::outOfRange($input->at('tilt_deg'), -90, 90);
        }
        $fall = FallRange::byTilt($tilt, $resolution, $input->choice('travel', Travel::class));

        return [
            'fall_percent' => $fall->fall->inPercent(),
            'fall_low_percent' => $fall->least->inPercent(),
            'fall_high_percent' => $fall->most->inPercent(),
            'verdict' => $fall->verdict(Grade::percent($input->number('minimum_percent'))),
        ];
    }
}
