<?php

declare(strict_types=1);

namespace Jurvex\Core\Calc;

use Jurvex\Core\Input\Input;
use Jurvex\Core\Reach\Path;
use Jurvex\Core\Reach\Winch;

/** Whether what went in comes out again. */
final class PullOutCalculation implements Calculation
{
    public function name(): string
    {
        return 'pull-out';
    }

    public function calculate(Input $input): array
    {
        $tool = $input->object('tool');
        $path = Path::read($input, 'path');
        $winch = new Winch($tool->number('weight_n_per_m', 0), $tool->number('friction', 0));
        $pull = $winch->pullAtHand($path, $input->number('at_m', 0), $tool->number('head_drag_n', 0));

        return ['pull_n' => $pull, 'possible' => $pull <= $tool->number('pull_limit_n', 0)];
    }
}
