<?php

declare(strict_types=1);

namespace Jurvex\Core\Calc;

use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Site\OnEarth;
use Jurvex\Core\Site\Place;

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
        $site = new OnEarth($latitude, $input->number('longitude', -180, 180), $input->number('bearing_deg', -360, 360));

        return $site->of(new Place($input->number('x_m'), $input->number('y_m')));
    }
}
