<?php

declare(strict_types=1);

namespace Jurvex\Core\Calc;

use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Mark\MarkedDepth;
use Jurvex\Core\Mark\MarkFall;
use Jurvex\Core\Measure\Length;

/** The fall between two marks from their depths and the ground above them. */
final class MarkFallCalculation implements Calculation
{
    public function name(): string
    {
        return 'mark-fall';
    }

    public function calculate(Input $input): array
    {
        [$upper, $lower] = [self::mark($input->object('upper')), self::mark($input->object('lower'))];
        if ($upper->along->metres === $lower->along->metres) {
            throw BadInput::outOfRange($input->at('lower.distance_m'));
        }
        $fall = MarkFall::between($upper, $lower);

        return [
            'fall_percent' => $fall->fall, 'fall_low_percent' => $fall->least, 'fall_high_percent' => $fall->most,
            'verdict' => $fall->verdict($input->number('minimum_percent')),
        ];
    }

    private static function mark(Input $mark): MarkedDepth
    {
        $metres = static fn (string $key) => Length::metres($mark->number($key, 0));

        return new MarkedDepth(
            $metres('distance_m'), $metres('depth_m'), $metres('depth_spread_m'), $mark->optionalNumber('ground_m'),
            Length::metres($mark->optionalNumber('ground_error_m', 0) ?? MarkedDepth::GROUND_ERROR_M),
        );
    }
}
