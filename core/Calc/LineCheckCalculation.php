<?php

declare(strict_types=1);

namespace Jurvex\Core\Calc;

use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Mark\LineCheck;
use Jurvex\Core\Measure\Grade;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Site\Place;
use Jurvex\Core\Site\PlacedMark;

/** Whether marks on the ground lie as a straight pipe would have them, and which one is odd. */
final class LineCheckCalculation implements Calculation
{
    public function name(): string
    {
        return 'line-check';
    }

    public function calculate(Input $input): array
    {
        $marks = array_map(static fn (Input $mark) => new PlacedMark(
            Length::metres($mark->number('distance_m', 0)), new Place($mark->number('x_m'), $mark->number('y_m')),
        ), $input->objects('marks'));
        if (\count($marks) < 2) {
            throw BadInput::missing($input->at('marks.'.\count($marks)));
        }
        $check = new LineCheck(
            $marks, Grade::percent($input->optionalNumber('fall_percent') ?? 0.0),
            Length::metres($input->optionalNumber('tolerance_m', 0) ?? 0.3),
        );

        return ['residuals_m' => $check->residuals, 'rms_m' => $check->rms(), 'holds' => $check->holds(), 'odd' => $check->odd()];
    }
}
