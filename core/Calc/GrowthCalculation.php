<?php

declare(strict_types=1);

namespace Jurvex\Core\Calc;

use Jurvex\Core\Input\Input;
use Jurvex\Core\Upkeep\Growth;
use Jurvex\Core\Upkeep\ShareSeen;

/** How fast something grows at one place, and when it reaches its limit. */
final class GrowthCalculation implements Calculation
{
    private const ERROR_PERCENT = 5.0;

    public function name(): string
    {
        return 'growth';
    }

    public function calculate(Input $input): array
    {
        $looks = array_map(
            static fn (Input $look) => new ShareSeen($look->number('day'), $look->number('share_percent', 0, 100)),
            $input->objects('looks'),
        );
        $growth = Growth::through($looks, $input->optionalNumber('error_percent', 0) ?? self::ERROR_PERCENT);
        $limit = $input->number('limit_percent', 0);

        return [
            'percent_per_year' => $growth->percentPerYear(), 'error_percent_per_year' => $growth->errorPerYear(),
            'reaches_day' => $growth->reaches($limit), 'earliest_day' => $growth->atFastest($limit),
            'latest_day' => $growth->atSlowest($limit),
        ];
    }
}
