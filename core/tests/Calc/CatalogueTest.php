<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Calc;

use Jurvex\Core\Calc\Catalogue;
use Jurvex\Core\Input\BadInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CatalogueTest extends TestCase
{
    /** The cases say by what their looks were made; what is found again rests on counters that are a little off. */
    private const TOLERANCES = ['match.shift_m' => 0.06, 'match.stretch' => 0.002];

    /** @return iterable<string, array{string, array<string, mixed>, array<string, mixed>}> */
    public static function workedCases(): iterable
    {
        foreach (glob(__DIR__.'/../fixtures/cases/*.json') ?: [] as $file) {
            /** @var array{calculation: string, cases: list<array{in: array<string, mixed>, out: array<string, mixed>}>} $worked */
            $worked = json_decode((string) file_get_contents($file), true, 64, \JSON_THROW_ON_ERROR);
            foreach ($worked['cases'] as $number => $case) {
                yield $worked['calculation'].' '.$number => [$worked['calculation'], $case['in'], $case['out']];
            }
        }
    }

    /**
     * @param array<string, mixed> $in
     * @param array<string, mixed> $out
     */
    #[DataProvider('workedCases')]
    public function testAWorkedCaseComesOut(string $name, array $in, array $out): void
    {
        // As it leaves the command line: an object stays an object.
        $result = json_decode(
            json_encode(Catalogue::complete()->calculate($name, $in), \JSON_PRESERVE_ZERO_FRACTION | \JSON_THROW_ON_ERROR),
            true,
            64,
            \JSON_THROW_ON_ERROR,
        );
        self::assertAgrees($out, $result, $name);
    }

    /** @return list<array{0: string, 1: array<string, mixed>, 2: string, 3: string, 4?: array<string, scalar>}> */
    public static function impossible(): array
    {
        $counter = ['reading_m' => 5, 'counter_factor' => 1, 'cable_out_at_zero_m' => 0, 'cable_length_m' => 60];

        return [
            ['grade', [], 'missing', 'degrees'],
            ['grade', ['percent' => '2'], 'not_a_number', 'percent'],
            ['grade', ['percent' => true], 'not_a_number', 'percent'],
            ['grade', ['percent' => \INF], 'out_of_range', 'percent'],
            ['grade', ['degrees' => 90], 'out_of_range', 'degrees', ['over' => -90, 'under' => 90]],
            ['grade', ['percent' => 1, 'mm_per_m' => 20], 'unknown_value', 'mm_per_m', ['choices' => 'percent']],
            ['counter', ['reading_m' => null] + $counter, 'missing', 'reading_m'],
            ['counter', ['reading_m' => -1] + $counter, 'out_of_range', 'reading_m'],
            ['counter', ['counter_factor' => 0] + $counter, 'out_of_range', 'counter_factor'],
            ['counter', ['cable_length_m' => -60] + $counter, 'out_of_range', 'cable_length_m'],
            ['counter', ['cable_out_at_zero_m' => 61] + $counter, 'out_of_range', 'cable_out_at_zero_m'],
            ['counter', ['counter_factor' => 1e308, 'reading_m' => 1e308] + $counter, 'out_of_range', 'reading_m'],
            ['clock', ['screen_clock' => 12.5, 'invert_on_screen' => 6], 'out_of_range', 'screen_clock'],
            ['clock', ['screen_clock' => 3], 'missing', 'invert_on_screen'],
            ['slope', [], 'unknown_calculation', ''],
        ];
    }

    /** @param array<string, mixed> $in */
    #[DataProvider('impossible')]
    public function testWhatIsMissingOrCannotBeIsRefusedWhereItStands(string $name, array $in, string $reason, string $at): void
    {
        try {
            Catalogue::complete()->calculate($name, $in);
            self::fail('It was taken.');
        } catch (BadInput $refused) {
            self::assertSame([$reason, $at], [$refused->reason, $refused->at]);
        }
    }

    public function testAFallComesBackTheSameThroughEachOfItsMeasures(): void
    {
        $catalogue = Catalogue::complete();
        foreach ([-30.0, -2.0833, 0.0, 0.52, 2.0833, 100.0] as $percent) {
            foreach ($catalogue->calculate('grade', ['percent' => $percent]) as $measure => $value) {
                self::assertEqualsWithDelta($percent, $catalogue->calculate('grade', [$measure => $value])['percent'], 1e-9);
            }
        }
    }

    public function testCableOutAndLeftAreAlwaysTheWholeCable(): void
    {
        foreach ([0, 3.7, 25, 60] as $reading) {
            $result = Catalogue::complete()->calculate('counter', [
                'reading_m' => $reading,
                'counter_factor' => 1.03,
                'cable_out_at_zero_m' => 2.5,
                'cable_length_m' => 45,
            ]);
            self::assertIsFloat($result['cable_out_m']);
            self::assertIsFloat($result['cable_left_m']);
            self::assertEqualsWithDelta(45, $result['cable_out_m'] + $result['cable_left_m'], 1e-9);
        }
    }

    private static function assertAgrees(mixed $expected, mixed $found, string $at): void
    {
        if (\is_array($expected)) {
            self::assertIsArray($found, $at);
            foreach ($expected as $key => $value) {
                self::assertArrayHasKey($key, $found, $at);
                self::assertAgrees($value, $found[$key], $at.'.'.$key);
            }
        } elseif (\is_float($expected)) {
            self::assertEqualsWithDelta(
                $expected,
                $found,
                self::TOLERANCES[$at]
                    ?? (str_ends_with($at, 'reach_m') || str_ends_with($at, 'reached_m') ? 1e-5 : 1e-6 * max(1, abs($expected))),
                $at,
            );
        } else {
            self::assertEquals($expected, $found, $at);
        }
    }
}
