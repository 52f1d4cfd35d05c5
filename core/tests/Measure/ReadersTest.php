<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Measure;

use Jurvex\Core\Measure\ClockPosition;
use Jurvex\Core\Measure\DistanceReader;
use Jurvex\Core\Measure\SizeReader;
use Jurvex\Core\Measure\SizeUnit;
use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Measure\UnreadableMeasure;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ReadersTest extends TestCase
{
    private const FOOT = 0.3048;

    /** @return list<array{string, UnitSystem, float}> */
    public static function distances(): array
    {
        $metric = UnitSystem::Metric;
        $feet = UnitSystem::FeetAndInches;

        return [
            ['14.5', $metric, 14.5],
            ['14,5', $metric, 14.5],
            [' 14.5 m ', $metric, 14.5],
            ['.5', $metric, 0.5],
            ['0', $metric, 0.0],
            ['4.4 m', $feet, 4.4],
            ['4400 mm', $feet, 4.4],
            ['4400mm', $metric, 4.4],
            ['440 cm', $metric, 4.4],
            ['4,4 metres', $metric, 4.4],
            ['4.4 metre', $feet, 4.4],
            ['4.4 meters', $feet, 4.4],
            ['1 meter', $feet, 1.0],
            ['14.5', $feet, 14.5 * self::FOOT],
            ['14', $feet, 14 * self::FOOT],
            ['14 6', $feet, 14.5 * self::FOOT],
            ["14' 6\"", $feet, 14.5 * self::FOOT],
            ["14' 6\"", $metric, 14.5 * self::FOOT],
            ["14'6", $metric, 14.5 * self::FOOT],
            ['14ft6in', $metric, 14.5 * self::FOOT],
            ['14 FT 6 IN', $metric, 14.5 * self::FOOT],
            ['14′ 6″', $feet, 14.5 * self::FOOT],
            ["14’ 6''", $feet, 14.5 * self::FOOT],
            ["14'", $metric, 14 * self::FOOT],
            ['6"', $metric, 0.5 * self::FOOT],
            ['6 in', $feet, 0.5 * self::FOOT],
            ["14' 6 1/2\"", $feet, (14 + 6.5 / 12) * self::FOOT],
            ['14 6½', $feet, (14 + 6.5 / 12) * self::FOOT],
            ["14\u{a0}ft", $metric, 14 * self::FOOT],
        ];
    }

    #[DataProvider('distances')]
    public function testADistanceIsReadTheWayItIsSaid(string $typed, UnitSystem $system, float $metres): void
    {
        self::assertEqualsWithDelta($metres, DistanceReader::read($typed, $system)->metres, 1e-9);
    }

    /** @return list<array{string, UnitSystem, string}> */
    public static function nonsense(): array
    {
        $metric = UnitSystem::Metric;
        $feet = UnitSystem::FeetAndInches;

        return [
            ['', $metric, UnreadableMeasure::EMPTY],
            ['   ', $feet, UnreadableMeasure::EMPTY],
            ['-3', $metric, UnreadableMeasure::NEGATIVE],
            ['−3 m', $metric, UnreadableMeasure::NEGATIVE],
            ['far', $metric, UnreadableMeasure::UNCLEAR],
            ['14.5.2', $metric, UnreadableMeasure::UNCLEAR],
            ['14 6', $metric, UnreadableMeasure::UNCLEAR],
            ['1e3', $metric, UnreadableMeasure::UNCLEAR],
            ['14 1/2', $feet, UnreadableMeasure::UNCLEAR],
            ['1,234.5', $metric, UnreadableMeasure::UNCLEAR],
            ['14 m 6', $metric, UnreadableMeasure::UNCLEAR],
            ['1/0 in', $feet, UnreadableMeasure::UNCLEAR],
            ["14' 12\"", $feet, UnreadableMeasure::TOO_MANY_INCHES],
            ['14 13', $feet, UnreadableMeasure::TOO_MANY_INCHES],
            ['10001 m', $metric, UnreadableMeasure::TOO_LONG],
            [str_repeat('9', 400), $metric, UnreadableMeasure::TOO_LONG],
        ];
    }

    #[DataProvider('nonsense')]
    public function testNonsenseIsRefusedWithACode(string $typed, UnitSystem $system, string $reason): void
    {
        try {
            DistanceReader::read($typed, $system);
            self::fail('It was taken.');
        } catch (UnreadableMeasure $refused) {
            self::assertSame($reason, $refused->reason);
        }
    }

    /** @return list<array{string, non-empty-list<SizeUnit>, UnitSystem, float|string}> */
    public static function sizes(): array
    {
        $share = [SizeUnit::Percent];
        $step = [SizeUnit::Percent, SizeUnit::Millimetres];
        $depth = [SizeUnit::Millimetres];

        return [
            ['55', $share, UnitSystem::Metric, 55.0],
            ['55 %', $share, UnitSystem::Metric, 55.0],
            ['9 mm', $step, UnitSystem::Metric, 9.0],
            ['9', $step, UnitSystem::FeetAndInches, 9.0],
            ['31', $depth, UnitSystem::Metric, 31.0],
            ['1,5', $depth, UnitSystem::FeetAndInches, 38.1],
            ['1 1/4"', $depth, UnitSystem::FeetAndInches, 31.75],
            ['7 1/2', $depth, UnitSystem::FeetAndInches, 190.5],
            ['7½', $depth, UnitSystem::FeetAndInches, 190.5],
            ['5/8', $depth, UnitSystem::Metric, 15.875],
            ['1-1/2', $depth, UnitSystem::FeetAndInches, 38.1],
            ['3 cm', $depth, UnitSystem::FeetAndInches, 30.0],
            ['45°', [SizeUnit::Degrees], UnitSystem::Metric, 45.0],
            ['100', $share, UnitSystem::Metric, 100.0],
            ['101', $share, UnitSystem::Metric, UnreadableMeasure::TOO_LONG],
            ['9 mm', $share, UnitSystem::Metric, UnreadableMeasure::WRONG_UNIT],
            ['5 %', $depth, UnitSystem::Metric, UnreadableMeasure::WRONG_UNIT],
            ['', $share, UnitSystem::Metric, UnreadableMeasure::EMPTY],
            ['half', $share, UnitSystem::Metric, UnreadableMeasure::UNCLEAR],
        ];
    }

    /** @param non-empty-list<SizeUnit> $units */
    #[DataProvider('sizes')]
    public function testASizeIsReadInItsUsualUnitUnlessAnotherIsTyped(
        string $typed,
        array $units,
        UnitSystem $system,
        float|string $expected,
    ): void {
        try {
            $value = SizeReader::read($typed, $units, $system)->value;
            self::assertIsFloat($expected);
            self::assertEqualsWithDelta($expected, $value, 1e-9);
        } catch (UnreadableMeasure $refused) {
            self::assertSame($expected, $refused->reason);
        }
    }

    public function testRollAndDirectionTurnTheClockWithoutLosingIt(): void
    {
        for ($half = 1; $half <= 24; ++$half) {
            $clock = ClockPosition::hours($half / 2);
            self::assertSame($clock->hours, $clock->correctedForRoll(ClockPosition::hours(6))->hours, 'a level picture changes nothing');
            self::assertSame($clock->hours, $clock->seenFromBehind()->seenFromBehind()->hours);
            self::assertEqualsWithDelta($clock->height(), $clock->seenFromBehind()->height(), 1e-9, 'crown stays crown');
            for ($invert = 1; $invert <= 24; ++$invert) {
                $true = $clock->correctedForRoll(ClockPosition::hours($invert / 2))->hours;
                self::assertTrue($true > 0 && $true <= 12);
                self::assertEqualsWithDelta(0, fmod($true - $clock->hours + $invert / 2 - 6 + 48, 12), 1e-9);
            }
        }
        self::assertSame([12.0, 9.0], [
            ClockPosition::hours(12)->seenFromBehind()->hours,
            ClockPosition::hours(3)->seenFromBehind()->hours,
        ]);
    }
}
