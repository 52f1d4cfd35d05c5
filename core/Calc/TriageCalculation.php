<?php

declare(strict_types=1);

namespace Jurvex\Core\Calc;

use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;
use Jurvex\Core\LineMap\Segment;
use Jurvex\Core\LineMap\Tree;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Triage\Point;
use Jurvex\Core\Triage\Triage;

/** Where the stoppage is, and what to check next. */
final class TriageCalculation implements Calculation
{
    private const MATERIALS = ['plastic' => 1.0, 'copper' => 1.0, 'cast_iron' => 2.0, 'unknown' => 2.0, 'concrete' => 2.5, 'clay' => 3.0, 'fibre' => 4.0];
    private const METRES_PER_BEND = 1.0;
    private const PER_PAST_STOPPAGE = 2.0;

    public function name(): string
    {
        return 'triage';
    }

    public function calculate(Input $input): array
    {
        $segments = $priors = [];
        foreach ($input->objects('segments') as $segment) {
            $length = $segment->number('length_m', 0);
            $id = $segment->text('id');
            $segments[] = new Segment($id, $segment->text('from'), $segment->text('to'), Length::metres($length), null, 0.0, []);
            $priors[$id] = ($length + self::METRES_PER_BEND * ($segment->optionalNumber('bends', 0) ?? 0.0))
                * self::MATERIALS[$segment->word('material', ...array_keys(self::MATERIALS))]
                * (1 + self::PER_PAST_STOPPAGE * ($segment->optionalNumber('past_stoppages', 0) ?? 0.0));
        }
        if ([] === $segments) {
            throw BadInput::missing('segments.0');
        }
        $tree = new Tree($segments);
        $triage = new Triage($tree, $priors, self::points($input, $tree));
        [$next, $gain] = $triage->nextCheck();

        return ['posterior' => $triage->chances, 'entropy_bits' => $triage->entropy(), 'next_check' => $next, 'gain_bits' => $gain];
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
            $points[$id] = new Point($id, $node, $isFixture ? $given->number('level_m') : null, $given->has('seen') ? $given->word('seen', ...$answers) : null);
        }

        return array_values($points);
    }
}
