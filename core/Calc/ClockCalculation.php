<?php

declare(strict_types=1);

namespace Jurvex\Core\Calc;

use Jurvex\Core\Input\Input;
use Jurvex\Core\Measure\ClockPosition;

/** A clock position read off a rolled picture, put right. */
final class ClockCalculation implements Calculation
{
    public function name(): string
    {
        return 'clock';
    }

    public function calculate(Input $input): array
    {
        $screen = ClockPosition::hours($input->number('screen_clock', 0, 12));
        $invert = ClockPosition::hours($input->number('invert_on_screen', 0, 12));

        return ['clock' => $screen->correctedForRoll($invert)->hours];
    }
}
