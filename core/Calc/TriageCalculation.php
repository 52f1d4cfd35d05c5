<?php

declare(strict_types=1);

namespace Jurvex\Core\Calc;

use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;
use Jurvex\Core\LineMap\Segment;
use Jurvex\Core\LineMap\Tree;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Triage\Checks;
use Jurvex\Core\Triage\Point;
use Jurvex\Core\Triage\Tables;
use Jurvex\Core\Triage\Triage;

/** Where the stoppage is, and what to check next. */
final class TriageCalculation implements Calculation
{
    public function name(): string
    {
        return 'triage';
    }

    public function calculate(Input $input): array
    {
        $tables = Tables::usual();
        $segments = $priors = [];
        foreach ($input->objects('segments') as $segment) {
            $length = $segment->number('length_m', 0);
            $id = $segment->text('id');
            $segments[] = new Segment($id, $segment->text('from'), $segment->text('to'), Length::metres($length), null, 0.0, []);
            $priors[$id] = $tables->prior(
                $length,
                $segment->optionalNumber('bends', 0) ?? 0.0,
                $segment->word('material', ...array_keys($tables->materials)),
                $segment->optionalNumber('past_stoppages', 0) ?? 0.0,
            );
            if (!is_finite(array_sum($priors))) {
                throw BadInput::outOfRange($segment->at('length_m'));
            }
        }
        if ([] === $priors) {
            throw BadInput::missing('segments.0');
        }
        $tree = new Tree($segments);
        $triage = new Triage($priors, (new Checks($tree, self::points($input, $tree), $tables))->looks());
        [$next, $gain] = $triage->nextCheck();

        return [
            // An object also where the identifiers count from nought.
            'posterior' => (object) $triage->chances, 'entropy_bits' => $triage->entropy, 'next_check' => $next, 'gain_bits' => $gain,
        ];
    }

    /** @return list<Point> */
    private static function points(Input $input, Tree $tree): array
    {
        $points = [];
        foreach ($input->objects('points') as $given) {
            $node = $given->text('at');
            $id = $given->text('id');
            if (!$tree->has($node)) {
                throw new BadInput('unknown_value', $given->at('at'));
            }
            if (isset($points[$id])) {
                throw new BadInput('unknown_value', $given->at('id'));
            }
            $isFixture = 'fixture' === $given->text('kind');
            $answers = $isFixture ? Point::FIXTURE_ANSWERS : Point::OPENING_ANSWERS;
            $points[$id] = new Point(
                $id,
                $node,
                $isFixture ? $given->number('level_m') : null,
                $given->has('seen') ? $given->word('seen', ...$answers) : null,
            );
        }

        return array_values($points);
    }
}
