<?php

declare(strict_types=1);

namespace Jurvex\Core\Calc;

use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;
use Jurvex\Core\LineMap\Access;
use Jurvex\Core\LineMap\Branch;
use Jurvex\Core\LineMap\Drains;
use Jurvex\Core\LineMap\Faces;
use Jurvex\Core\LineMap\ReachMap;
use Jurvex\Core\LineMap\Segment;
use Jurvex\Core\LineMap\SegmentReach;
use Jurvex\Core\LineMap\Tree;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Reach\Head;
use Jurvex\Core\Reach\JetHose;
use Jurvex\Core\Reach\Path;
use Jurvex\Core\Reach\PushedTool;
use Jurvex\Core\Reach\Tool;

/** What a tool reaches of a drain system from one opening. */
final class ReachMapCalculation implements Calculation
{
    public function name(): string
    {
        return 'reach-map';
    }

    public function calculate(Input $input): array
    {
        $segments = array_map(self::segment(...), $input->objects('segments'));
        if ([] === $segments) {
            throw BadInput::missing('segments.0');
        }
        $tree = new Tree($segments);
        $tool = $input->object('tool');
        $map = new ReachMap(
            new Drains($tree, self::branches($input, $segments), self::traps($input)),
            self::tool($tool),
            $tool->flag('steers'),
            $tool->flag('passes_traps'),
        );

        return ['segments' => array_map(static fn (SegmentReach $reach) => [
            'segment' => $reach->segment, 'reached_m' => $reach->metres, 'whole' => $reach->whole, 'stopped_by' => $reach->by?->value,
        ], $map->from(self::access($input->object('access'), $tree)))];
    }

    private static function segment(Input $segment): Segment
    {
        $length = $segment->number('length_m', 0);
        $bore = $segment->positive('pipe_id_mm');
        $bends = array_map(static fn (Input $bend) => [
            $bend->number('at_m', 0, $length),
            Path::readBend($bend, $bore),
        ], $segment->has('bends') ? $segment->objects('bends') : []);
        usort($bends, static fn (array $a, array $b) => $a[0] <=> $b[0]);

        return new Segment(
            $segment->text('id'), $segment->text('from'), $segment->text('to'), Length::metres($length),
            Length::millimetres($bore), $segment->number('down_deg', -90, 90), $bends,
        );
    }

    /**
     * @param list<Segment> $segments
     *
     * @return array<string, Branch>
     */
    private static function branches(Input $input, array $segments): array
    {
        $ids = array_map(static fn (Segment $segment) => $segment->id, $segments);
        $branches = [];
        foreach ($input->has('branches') ? $input->objects('branches') : [] as $branch) {
            $branches[$branch->word('segment', ...$ids)] = new Branch(
                $branch->number('angle_deg', 0, 180),
                Length::millimetres($branch->number('bend_radius_mm', 0)),
            );
        }

        return $branches;
    }

    /** @return array<string, true> nodes at which a trap stands in the line; beyond what the calculation must be given */
    private static function traps(Input $input): array
    {
        return $input->has('traps')
            ? array_fill_keys(array_map(static fn (Input $trap) => $trap->text('node'), $input->objects('traps')), true)
            : [];
    }

    private static function access(Input $access, Tree $tree): Access
    {
        $node = $access->text('node');
        if (!$tree->has($node)) {
            throw new BadInput('unknown_value', $access->at('node'));
        }

        return new Access(
            $node,
            Length::millimetres($access->positive('opening_mm')),
            $access->choice('faces', Faces::class),
            Length::metres($access->optionalNumber('drop_m', 0) ?? 0.0),
            $access->optionalNumber('entry_bend_deg', 0, 180) ?? 0.0,
            Length::millimetres($access->optionalNumber('entry_bend_radius_mm', 0) ?? 0.0),
            $access->flag('trap'),
        );
    }

    private static function tool(Input $tool): Tool
    {
        if (!$tool->has('thrust_n')) {
            return PushedTool::read($tool);
        }

        return new JetHose(
            $tool->number('thrust_n'), $tool->number('reel_drag_n', 0), $tool->number('weight_n_per_m', 0),
            $tool->number('friction', 0), Length::metres($tool->number('length_m', 0)),
            Head::read($tool, 'head_diameter_mm'),
        );
    }
}
