<?php

declare(strict_types=1);

namespace App\Tests;

use App\Support\Units\FieldValues;
use App\Support\Units\Formatter;
use App\Support\Units\Quantity;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Measure\DistanceReader;
use Jurvex\Core\Measure\Size;
use Jurvex\Core\Measure\SizeReader;
use Jurvex\Core\Measure\SizeUnit;
use Jurvex\Core\Measure\UnitSystem;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;

/** How measures are written for people. */
final class WritingTest extends KernelTestCase
{
    private static function formatter(): Formatter
    {
        return self::getContainer()->get(Formatter::class);
    }

    /** @return list<array{float, UnitSystem, string}> */
    public static function distances(): array
    {
        return [
            [26.9, UnitSystem::Metric, '26.9 m'],
            [9.42, UnitSystem::Metric, '9.42 m'],
            [9.4249, UnitSystem::Metric, '9.42 m'],
            [12.0, UnitSystem::Metric, '12.0 m'],
            [0.0, UnitSystem::Metric, '0.0 m'],
            [100.0, UnitSystem::Metric, '100.0 m'],
            [4.4196, UnitSystem::FeetAndInches, '14\' 6"'],
            [0.3047, UnitSystem::FeetAndInches, '1\' 0"'],
            [0.0, UnitSystem::FeetAndInches, '0\' 0"'],
        ];
    }

    #[DataProvider('distances')]
    public function testADistanceIsWrittenTheWayItIsSaid(float $metres, UnitSystem $units, string $written): void
    {
        self::assertSame($written, self::formatter()->distance($metres, $units));
    }

    public function testWhatIsWrittenIsReadAgainAsTheSameToHalfOfItsLastPlace(): void
    {
        foreach ([UnitSystem::Metric->value => 0.005, UnitSystem::FeetAndInches->value => 0.0128] as $system => $half) {
            $units = UnitSystem::from($system);
            for ($metres = 0.0; $metres < 60; $metres += 0.377) {
                self::assertEqualsWithDelta(
                    $metres,
                    DistanceReader::read(self::formatter()->distance($metres, $units), $units)->metres,
                    $half + 1e-9,
                );
            }
        }
    }

    /** @return list<array{Size, UnitSystem, string}> */
    public static function sizes(): array
    {
        return [
            [new Size(55, SizeUnit::Percent), UnitSystem::Metric, '55 %'],
            [new Size(12.5, SizeUnit::Percent), UnitSystem::FeetAndInches, '12.5 %'],
            [new Size(31, SizeUnit::Millimetres), UnitSystem::Metric, '31 mm'],
            [new Size(31, SizeUnit::Millimetres), UnitSystem::FeetAndInches, '1 1/4 in'],
            [new Size(45, SizeUnit::Degrees), UnitSystem::Metric, '45°'],
        ];
    }

    #[DataProvider('sizes')]
    public function testASizeIsWrittenInItsUnit(Size $size, UnitSystem $units, string $written): void
    {
        self::assertSame($written, self::formatter()->size($size, $units));
    }

    public function testAClockPositionIsWrittenAsATime(): void
    {
        $clock = self::formatter()->clock(...);
        self::assertSame(['12', '12:30', '3', '10:30', '6:15'], array_map($clock, [12.0, 0.5, 3.0, 10.5, 6.25]));
    }

    public function testWhatIsShownInOtherUnitsIsTheSameWhenItComesBack(): void
    {
        $values = [
            'pump' => ['flow_l_min' => 45.0, 'max_pressure_bar' => 180.0], 'cutters_mm' => [32.0, 50.0], 'water_c' => 15.0, 'count' => 6.0,
        ];
        $shown = FieldValues::shown($values, UnitSystem::FeetAndInches);
        self::assertEqualsWithDelta([
            'pump' => ['flow_l_min' => 11.888, 'max_pressure_bar' => 2610.7], 'cutters_mm' => [1.2598, 1.9685],
            'water_c' => 59.0, 'count' => 6.0,
        ], $shown, 1e-4);
        self::assertEqualsWithDelta($values, FieldValues::read($shown, UnitSystem::FeetAndInches), 2e-3);
        self::assertSame($values, FieldValues::shown($values, UnitSystem::Metric));
        foreach (Quantity::cases() as $of) {
            self::assertEqualsWithDelta(12.5, $of->read($of->shown(12.5, UnitSystem::FeetAndInches), UnitSystem::FeetAndInches), 1e-9);
            self::assertSame($of, Quantity::ofField('some_'.$of->value));
            self::assertNotSame($of->unit(UnitSystem::Metric), $of->unit(UnitSystem::FeetAndInches));
        }
        $formatter = self::formatter();
        self::assertSame(
            ['2,611 psi', '180 bar', '33 °F', '20 lbf', '2.6 ft/min', '13.9 hp'],
            [
                $formatter->quantity(180, 'bar', UnitSystem::FeetAndInches), $formatter->quantity(180, 'bar', UnitSystem::Metric),
                $formatter->quantity(0.4, 'c', UnitSystem::FeetAndInches), $formatter->quantity(88, 'n', UnitSystem::FeetAndInches),
                $formatter->quantity(0.8, 'm_min', UnitSystem::FeetAndInches, 1),
                $formatter->quantity(10.33, 'kw', UnitSystem::FeetAndInches, 1),
            ],
        );
    }

    public function testEverySizeThatATapGivesCanBeRead(): void
    {
        $formatter = self::formatter();
        foreach (UnitSystem::cases() as $units) {
            foreach (Kind::cases() as $kind) {
                $allowed = $kind->units();
                self::assertSame([] === $allowed, [] === $formatter->usualSizes($kind, $units), $kind->value);
                if ([] === $allowed) {
                    continue;
                }
                foreach ($formatter->usualSizes($kind, $units) as $typed) {
                    self::assertGreaterThan(0, SizeReader::read($typed, $allowed, $units)->value);
                    self::assertNotSame('', $formatter->typedUnit($kind, $units));
                }
            }
        }
    }

    /** @return list<array{string, float|string|null, string}> */
    public static function named(): array
    {
        return [
            ['depth_mm', 31.0, '31 mm'],
            ['length_m', 3.7, '3.7 m'],
            ['share_percent', 55.0, '55 %'],
            ['root_joints', 3.0, '3'],
            ['wear', 'thin', 'thin'],
            ['depth_mm', null, ''],
        ];
    }

    #[DataProvider('named')]
    public function testAValueIsWrittenByTheUnitInItsName(string $name, float|string|null $value, string $written): void
    {
        self::assertSame($written, self::formatter()->named($name, $value, UnitSystem::Metric));
    }
}
