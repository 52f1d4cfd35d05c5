<?php

declare(strict_types=1);

namespace Jurvex\Core\Calc;

use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Mark\Place;
use Jurvex\Core\Mark\Site;

/** A place on the site's plan as latitude and longitude. */
final class GeoCalculation implements Calculation
{
    public function name(): string
    {
        return 'geo';
    }

    public function calculate(Input $input): array
    {
        $latitude = $input->number('latitude', -90, 90);
        if (90.0 === abs($latitude)) {
            throw BadInput::outOfRange($input->at('latitude'), -90, 90);
        }
        $site = new Site($latitude, $input->number('longitude', -180, 180), $input->number('bearing_deg', -360, 360));

        return $site->onEarth(new Place($input->number('x_m'), $input->number('y_m')));
    }
}
