<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Reach;

use Jurvex\Core\Tests\RefusesInput;
use PHPUnit\Framework\TestCase;

/** What must hold of every path and tool, whatever the numbers. */
final class ReachInputTest extends TestCase
{
    use RefusesInput;

    private const ROD = [
        'diameter_mm' => 9.0, 'stiffness_nm2' => 20.0, 'weight_n_per_m' => 1.5, 'friction' => 0.3, 'push_limit_n' => 150.0,
        'head_drag_n' => 4.0, 'head_diameter_mm' => 45.0, 'rigid_length_mm' => 70.0, 'length_m' => 60.0, 'clearance_mm' => 4.0,
    ];

    /** @return list<array{string, array<string, mixed>, string, string}> */
    public static function impossible(): array
    {
        $straight = ['length_m' => 5, 'pipe_id_mm' => 100, 'down_deg' => 1];
        $push = static fn (array $tool, array ...$path) => ['tool' => $tool + self::ROD, 'path' => $path];

        return [
            [
                'rigid-pass',
                ['pipe_id_mm' => 100, 'bend_radius_mm' => 49, 'head_diameter_mm' => 30, 'rigid_length_mm' => 40],
                'out_of_range',
                'bend_radius_mm',
            ],
            [
                'rigid-pass',
                ['pipe_id_mm' => 0, 'bend_radius_mm' => 49, 'head_diameter_mm' => 30, 'rigid_length_mm' => 40],
                'out_of_range',
                'pipe_id_mm',
            ],
            ['reach-push', ['path' => [$straight]], 'missing', 'tool'],
            ['reach-push', $push(['friction' => -0.1], $straight), 'out_of_range', 'tool.friction'],
            ['reach-push', $push(['weight_n_per_m' => 'heavy'], $straight), 'not_a_number', 'tool.weight_n_per_m'],
            ['reach-push', $push([], $straight, ['length_m' => -1] + $straight), 'out_of_range', 'path.1.length_m'],
            [
                'reach-push',
                $push([], ['bend_deg' => 45, 'bend_radius_mm' => 40, 'pipe_id_mm' => 100]),
                'out_of_range',
                'path.0.bend_radius_mm',
            ],
            ['reach-push', ['tool' => self::ROD, 'path' => 'far'], 'unknown_value', 'path'],
            ['reach-pull', ['thrust_n' => 10, 'reel_drag_n' => 1, 'path' => [$straight]], 'missing', 'hose'],
            [
                'pull-out',
                [
                    'tool' => ['weight_n_per_m' => 1, 'friction' => 0.1, 'head_drag_n' => 1, 'pull_limit_n' => 9],
                    'path' => [$straight],
                    'at_m' => -1,
                ],
                'out_of_range',
                'at_m',
            ],
        ];
    }
}
