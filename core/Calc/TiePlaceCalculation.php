<?php

declare(strict_types=1);

namespace Jurvex\Core\Calc;

use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Site\Place;
use Jurvex\Core\Site\Side;
use Jurvex\Core\Site\Tie;
use Jurvex\Core\Site\TiedPlace;

/** Where two or more taped distances from fixed points put a mark. */
final class TiePlaceCalculation implements Calculation
{
    public function name(): string
    {
        return 'tie-place';
    }

    public function calculate(Input $input): array
    {
        $ties = array_map(static fn (Input $fixed) => new Tie(
            new Place($fixed->number('x_m'), $fixed->number('y_m')), Length::metres($fixed->number('distance_m', 0)),
        ), $input->objects('fixed'));
        if (\count($ties) < 2) {
            throw BadInput::missing($input->at('fixed.'.\count($ties)));
        }
        $place = TiedPlace::of(
            $ties[0], $ties[1], $input->choice('side', Side::class),
            Length::metres($input->optionalNumber('tape_error_m', 0) ?? 0.05), \array_slice($ties, 2),
        ) ?? throw new BadInput('no_such_place', $input->at('fixed'));

        return [
            'x_m' => $place->place->x, 'y_m' => $place->place->y, 'error_m' => $place->error, 'residuals_m' => $place->residuals,
            'agrees' => $place->agrees(),
        ];
    }
}
