<?php

declare(strict_types=1);

namespace Jurvex\Core\Calc;

use Jurvex\Core\Input\Input;
use Jurvex\Core\Reach\Path;
use Jurvex\Core\Reach\PushedTool;

/** How far a rod or cable can be pushed along a path. */
final class ReachPushCalculation implements Calculation
{
    public function name(): string
    {
        return 'reach-push';
    }

    public function calculate(Input $input): array
    {
        $reach = PushedTool::read($input->object('tool'))->reach(Path::read($input, 'path'));

        return ['reach_m' => $reach->metres, 'stopped_by' => $reach->by->value, 'push_n' => $reach->newtons];
    }
}
