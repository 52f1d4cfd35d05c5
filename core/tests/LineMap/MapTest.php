<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\LineMap;

use Jurvex\Core\Calc\Catalogue;
use Jurvex\Core\Input\BadInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A house: kitchen and bath on a run to the main, with a cleanout at the top. */
final class MapTest extends TestCase
{
    private const ROD = [
        'diameter_mm' => 9.0, 'stiffness_nm2' => 60.0, 'weight_n_per_m' => 1.5, 'friction' => 0.2, 'push_limit_n' => 300.0,
        'head_drag_n' => 2.0, 'head_diameter_mm' => 40.0, 'rigid_length_mm' => 50.0, 'length_m' => 60.0, 'clearance_mm' => 3.0,
    ];

    public function testEveryTurnIsNamed(): void
    {
        $from = fn (string $node, string $faces, bool $steers) => $this->reached($node, $faces, ['steers' => $steers]);
        self::assertSame(
            ['bath' => 'against_sweep', 'high' => null, 'kitchen' => 'against_sweep', 'low' => null, 'middle' => null],
            $from('top', 'downstream', true),
            'a 45° wye cannot be turned back into',
        );
        self::assertSame(
            ['bath' => null, 'high' => 'no_way', 'kitchen' => 'no_way', 'low' => null, 'middle' => 'against_sweep'],
            $from('bath', 'downstream', true),
        );
        self::assertSame(
            ['bath' => 'steer', 'high' => null, 'kitchen' => 'steer', 'low' => null, 'middle' => null],
            $from('yard', 'upstream', false),
        );
        self::assertSame(
            ['bath' => null, 'high' => null, 'kitchen' => null, 'low' => null, 'middle' => null],
            $from('yard', 'upstream', true),
        );
        self::assertSame(
            ['bath' => 'no_way', 'high' => 'no_way', 'kitchen' => 'no_way', 'low' => 'no_way', 'middle' => 'no_way'],
            $from('main', 'downstream', true),
            'nothing lies below the main',
        );
    }

    public function testATeeCanBeTurnedBackIntoByWhatSteers(): void
    {
        $tee = [
            'branches' => [['segment' => 'kitchen', 'angle_deg' => 90, 'bend_radius_mm' => 100], [
                'segment' => 'bath',
                'angle_deg' => 90,
                'bend_radius_mm' => 100,
            ]],
        ];
        self::assertNull($this->reached('top', 'downstream', ['steers' => true], $tee)['kitchen']);
        self::assertSame('steer', $this->reached('top', 'downstream', ['steers' => false], $tee)['kitchen']);
    }

    public function testWhatLiesBeyondAStopIsNoWayAndATooSmallOpeningIsNamedForAll(): void
    {
        $short = $this->reached('yard', 'upstream', ['length_m' => 9.0, 'steers' => false]);
        self::assertSame(['out_of_length', 'no_way'], [$short['middle'], $short['high']]);
        self::assertSame(
            ['opening_too_small'],
            array_values(array_unique($this->reached('yard', 'upstream', ['head_diameter_mm' => 98.0]))),
        );
    }

    public function testEveryDegreeOfTheOpeningsBendIsPaidFor(): void
    {
        $metres = fn (float $degrees) => array_sum(array_column($this->map('yard', 'upstream', ['push_limit_n' => 5.0], [
            'access' => [
                'node' => 'yard', 'opening_mm' => 100, 'faces' => 'upstream', 'entry_bend_deg' => $degrees, 'entry_bend_radius_mm' => 100,
            ],
        ]), 'reached_m'));
        self::assertLessThan($metres(0.0), $metres(1.0));
        self::assertLessThan($metres(1.0), $metres(30.0));
    }

    public function testNoToolReachesFartherWithALongerHeadOrMoreFriction(): void
    {
        $metres = fn (string $key = 'steers', bool|float $value = true) => array_sum(
            array_column($this->map('yard', 'upstream', [$key => $value, 'steers' => true]), 'reached_m'),
        );
        foreach (['friction' => 0.5, 'rigid_length_mm' => 300.0, 'length_m' => 12.0, 'push_limit_n' => 10.0] as $key => $worse) {
            self::assertLessThanOrEqual($metres(), $metres($key, $worse));
        }
    }

    /** @return array<string, array{list<array<string, mixed>>, string, string}> */
    public static function badMaps(): array
    {
        $segment = static fn (string $id, string $from, string $to, float $length = 3) => [
            'id' => $id, 'from' => $from, 'to' => $to, 'length_m' => $length, 'pipe_id_mm' => 100, 'down_deg' => 1,
        ];

        return [
            'two ways down' => [
                [$segment('a', 'x', 'y'), $segment('b', 'x', 'main'), $segment('c', 'y', 'main')],
                'not_a_tree',
                'segments.1',
            ],
            'a loop' => [[$segment('a', 'x', 'main'), $segment('b', 'y', 'z'), $segment('c', 'z', 'y')], 'not_a_tree', 'segments'],
            'nothing but a loop' => [[$segment('b', 'y', 'z'), $segment('c', 'z', 'y')], 'not_a_tree', 'segments'],
            'a segment into itself' => [[$segment('a', 'x', 'x')], 'not_a_tree', 'segments.0'],
            'an orphan' => [[$segment('a', 'x', 'main'), $segment('b', 'y', 'tank')], 'not_a_tree', 'segments'],
            'an identifier twice' => [[$segment('a', 'x', 'y'), $segment('a', 'y', 'main')], 'unknown_value', 'segments.1.id'],
            'a length under zero' => [[$segment('a', 'x', 'main', -1)], 'out_of_range', 'segments.0.length_m'],
            'no segment at all' => [[], 'missing', 'segments.0'],
        ];
    }

    /** @param list<array<string, mixed>> $segments */
    #[DataProvider('badMaps')]
    public function testABadMapIsRefusedWhereItIsBad(array $segments, string $reason, string $at): void
    {
        try {
            Catalogue::complete()->calculate('reach-map', [
                'segments' => $segments,
                'access' => ['node' => 'x', 'opening_mm' => 100, 'faces' => 'both'],
                'tool' => self::ROD,
            ]);
            self::fail('It was taken.');
        } catch (BadInput $refused) {
            self::assertSame([$reason, $at], [$refused->reason, $refused->at]);
        }
    }

    /**
     * @param array<string, mixed> $tool what differs from the rod
     * @param array<string, mixed> $change of the house
     *
     * @return array<string, ?string> what stops it, by segment
     */
    private function reached(string $node, string $faces, array $tool, array $change = []): array
    {
        return array_column($this->map($node, $faces, $tool, $change), 'stopped_by', 'segment');
    }

    /**
     * @param array<string, mixed> $tool
     * @param array<string, mixed> $change
     *
     * @return list<array{segment: string, reached_m: float, whole: bool, stopped_by: ?string}>
     */
    private function map(string $node, string $faces, array $tool, array $change = []): array
    {
        $segment = static fn (string $id, string $from, string $to, float $length) => [
            'id' => $id, 'from' => $from, 'to' => $to, 'length_m' => $length, 'pipe_id_mm' => 100, 'down_deg' => 1.0,
        ];
        $wye = static fn (string $id) => ['segment' => $id, 'angle_deg' => 45, 'bend_radius_mm' => 100];
        $result = Catalogue::complete()->calculate('reach-map', $change + [
            'segments' => [
                $segment('high', 'top', 'wye1', 4), $segment('middle', 'wye1', 'wye2', 5),
                $segment('low', 'wye2', 'yard', 6), $segment('kitchen', 'kitchen', 'wye1', 3),
                $segment('bath', 'bath', 'wye2', 2), $segment('street', 'yard', 'main', 9),
            ],
            'branches' => [$wye('kitchen'), $wye('bath')],
            'access' => ['node' => $node, 'opening_mm' => 100, 'faces' => $faces],
            'tool' => $tool + self::ROD,
        ]);
        /** @var list<array{segment: string, reached_m: float, whole: bool, stopped_by: ?string}> $segments */
        $segments = $result['segments'];

        return array_values(array_filter($segments, static fn (array $row) => 'street' !== $row['segment']));
    }
}
