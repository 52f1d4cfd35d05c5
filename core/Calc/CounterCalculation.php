<?php

declare(strict_types=1);

namespace Jurvex\Core\Calc;

use Jurvex\Core\Input\Input;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Reel\Counter;

/** A reading of the reel's counter as distance from zero, cable out and cable left. */
final class CounterCalculation implements Calculation
{
    public function name(): string
    {
        return 'counter';
    }

    public function calculate(Input $input): array
    {
        $reading = Length::metres($input->number('reading_m', 0));
        $factor = $input->positive('counter_factor');
        $length = $input->number('cable_length_m', 0);
        $counter = new Counter($factor, Length::metres($input->number('cable_out_at_zero_m', 0, $length)), Length::metres($length));

        return [
            'distance_m' => $counter->distance($reading)->metres,
            'cable_out_m' => $counter->cableOut($reading)->metres,
            'cable_left_m' => $counter->cableLeftMetres($reading),
            'farthest_reading_m' => $counter->farthestReading()->metres,
        ];
    }
}
