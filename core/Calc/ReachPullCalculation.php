<?php

declare(strict_types=1);

namespace Jurvex\Core\Calc;

use Jurvex\Core\Input\Input;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Reach\Head;
use Jurvex\Core\Reach\JetHose;
use Jurvex\Core\Reach\Path;

/** How far a jet hose pulls itself along a path. */
final class ReachPullCalculation implements Calculation
{
    public function name(): string
    {
        return 'reach-pull';
    }

    public function calculate(Input $input): array
    {
        $hose = $input->object('hose');
        $jet = new JetHose(
            $input->number('thrust_n'),
            $input->number('reel_drag_n', 0),
            $hose->number('weight_n_per_m', 0),
            $hose->number('friction', 0),
            Length::metres($hose->number('length_m', 0)),
            $input->has('head') ? Head::read($input->object('head'), 'diameter_mm') : null,
        );
        $reach = $jet->reach(Path::read($input, 'path'));

        return ['reach_m' => $reach->metres, 'stopped_by' => $reach->by->value, 'tension_n' => $reach->newtons];
    }
}
