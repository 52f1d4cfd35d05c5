<?php

declare(strict_types=1);

namespace Jurvex\Core\Calc;

use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Mark\DepthReadings;
use Jurvex\Core\Mark\LiftCheck;
use Jurvex\Core\Measure\Length;

/** The depth of a mark from several readings, and whether it is good enough to dig by. */
final class DepthCalculation implements Calculation
{
    public function name(): string
    {
        return 'depth';
    }

    public function calculate(Input $input): array
    {
        $metres = $input->positives('readings_m');
        if ([] === $metres) {
            throw BadInput::missing($input->at('readings_m.0'));
        }
        $readings = new DepthReadings(...array_map(Length::metres(...), $metres));
        $limit = $readings->limit(
            ($input->optionalNumber('limit_percent', 0) ?? 100 * DepthReadings::SPREAD_SHARE) / 100,
            Length::metres($input->optionalNumber('limit_m', 0) ?? DepthReadings::SPREAD_METRES),
        );
        $lift = $input->has('lift') ? $input->object('lift') : null;
        $why = $readings->doubts(
            $limit, $input->has('at_least') ? $input->wholeNumber('at_least', 1) : DepthReadings::LEAST_COUNT,
            null === $lift
                ? null : new LiftCheck(Length::metres($lift->number('raised_m', 0)), Length::metres($lift->number('reading_m', 0))),
            $input->flag('standing_water'), $input->flag('metal'),
        );

        return [
            'median_m' => $readings->median()->metres, 'spread_m' => $readings->spread()->metres, 'limit_used_m' => $limit->metres,
            'good' => [] === $why, 'why' => array_column($why, 'value'),
        ];
    }
}
