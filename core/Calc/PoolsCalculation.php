<?php

declare(strict_types=1);

namespace Jurvex\Core\Calc;

use Jurvex\Core\Camera\Invert;
use Jurvex\Core\Camera\Pool;
use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Measure\Length;

/** Where water must stand on an invert that the tilt has drawn, and how much. */
final class PoolsCalculation implements Calculation
{
    public function name(): string
    {
        return 'pools';
    }

    public function calculate(Input $input): array
    {
        $bore = Length::millimetres($input->positive('pipe_id_mm'));
        $readings = [];
        $before = 0.0;
        foreach ($input->objects('readings') as $reading) {
            $before = $reading->number('distance_m', $before);
            $readings[] = [$before, $reading->number('tilt_deg', -90, 90)];
        }
        if ([] === $readings) {
            throw BadInput::missing($input->at('readings.0'));
        }
        $invert = new Invert($readings);

        return ['total_fall_m' => $invert->totalFall(), 'pools' => array_map(static fn (Pool $pool) => [
            'from_m' => $pool->from, 'to_m' => $pool->to, 'deepest_mm' => $pool->deepest * 1000, 'volume_l' => $pool->volume * 1000,
        ], $invert->pools($bore))];
    }
}
