<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Mark;

use Jurvex\Core\Mark\DepthReadings;
use Jurvex\Core\Measure\Length;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class DepthReadingsTest extends TestCase
{
    /** @return list<array{non-empty-list<float>, float, float, bool}> readings, median, spread, whether they agree */
    public static function readings(): array
    {
        return [
            [[1.30, 1.28, 1.29], 1.29, 0.02, true],
            [[1.0, 1.1], 1.05, 0.1, true],
            [[1.0, 1.11], 1.055, 0.11, false],
            [[3.0, 3.15], 3.075, 0.15, true],
            [[3.0, 3.16], 3.08, 0.16, false],
            [[1.2], 1.2, 0.0, true],
        ];
    }

    /** @param non-empty-list<float> $metres */
    #[DataProvider('readings')]
    public function testDepthIsTheMedianAndASpreadOverTheHouseRuleIsNotGoodEnough(
        array $metres,
        float $median,
        float $spread,
        bool $agree,
    ): void {
        $readings = new DepthReadings(...array_map(Length::metres(...), $metres));
        self::assertEqualsWithDelta([$median, $spread], [$readings->median()->metres, $readings->spread()->metres], 1e-9);
        self::assertSame($agree, $readings->agree());
        self::assertSame(\count($metres) > 2, $readings->areEnough(), 'three readings make a mark');
        self::assertEqualsWithDelta(min(0.15, $median / 10), $readings->limit()->metres, 1e-9);
    }
}
