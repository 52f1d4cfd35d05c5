<?php

declare(strict_types=1);

namespace Jurvex\Core\Calc;

use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Measure\Grade;

/** A fall in any one of its four measures, in all four. Slope is the tangent: 1 in 48 = 2.0833 % = 1.1935° = ¼ in/ft. */
final class GradeCalculation implements Calculation
{
    private const MEASURES = ['degrees', 'percent', 'inch_per_foot', 'mm_per_m'];

    public function name(): string
    {
        return 'grade';
    }

    public function calculate(Input $input): array
    {
        $given = array_values(array_filter(self::MEASURES, $input->has(...)));
        if ([] === $given) {
            throw BadInput::missing(self::MEASURES[0], ['choices' => implode(', ', self::MEASURES)]);
        }
        if (\count($given) > 1) {
            throw BadInput::unknownValue($given[1], [$given[0]]);
        }
        $value = $input->number($given[0]);
        if ('degrees' === $given[0] && abs($value) >= 90) {
            throw new BadInput('out_of_range', 'degrees', ['over' => -90, 'under' => 90]);
        }
        $grade = match ($given[0]) {
            'degrees' => Grade::degrees($value),
            'percent' => Grade::percent($value),
            'inch_per_foot' => Grade::inchesPerFoot($value),
            'mm_per_m' => Grade::millimetresPerMetre($value),
        };

        return [
            'degrees' => $grade->inDegrees(),
            'percent' => $grade->inPercent(),
            'inch_per_foot' => $grade->inInchesPerFoot(),
            'mm_per_m' => $grade->inMillimetresPerMetre(),
        ];
    }
}
