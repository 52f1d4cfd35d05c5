<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Upkeep;

use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Upkeep\ShareChart;
use Jurvex\Core\Upkeep\ShareSeen;
use Jurvex\Core\Upkeep\UpkeepWork;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ShareChartTest extends TestCase
{
    /** @return array<string, array{non-empty-list<ShareSeen>, float}> */
    public static function histories(): array
    {
        return [
            'one look' => [[new ShareSeen(20_000, 30)], 50.0],
            'growing' => [[new ShareSeen(20_000, 5), new ShareSeen(20_400, 20), new ShareSeen(20_700, 45)], 50.0],
            'over the limit' => [[new ShareSeen(20_000, 5), new ShareSeen(20_400, 95)], 25.0],
            'twice on a day' => [[new ShareSeen(20_000, 5), new ShareSeen(20_000, 8)], 25.0],
            'nothing there' => [[new ShareSeen(20_000, 0), new ShareSeen(20_100, 0)], 0.0],
        ];
    }

    /** @param non-empty-list<ShareSeen> $shares */
    #[DataProvider('histories')]
    public function testMoreStandsHigherLaterFartherRightAndAllWithinTheDrawing(array $shares, float $limit): void
    {
        $chart = new ShareChart($shares, 5.0, $limit);

        self::assertCount(\count($shares), $chart->points);
        foreach ($chart->points as $i => [$x, $y, $most, $least]) {
            self::assertGreaterThanOrEqual($most, $y);
            self::assertGreaterThanOrEqual($y, $least);
            self::assertGreaterThanOrEqual(0.0, $most);
            self::assertLessThanOrEqual(ShareChart::HEIGHT, $least);
            self::assertGreaterThanOrEqual($chart->points[max(0, $i - 1)][0], $x);
            self::assertLessThanOrEqual(ShareChart::WIDTH, $x);
            self::assertSame($shares[$i]->percent > $limit, $y < $chart->limitY);
        }
        $last = \count($shares) - 1;
        if ($shares[$last]->day > $shares[0]->day) {
            // As far from either edge.
            self::assertEqualsWithDelta(ShareChart::WIDTH, $chart->points[0][0] + $chart->points[$last][0], 0.11);
        }
    }

    public function testNothingStandsOnTheGroundAndAFractionOfAPercentAboveIt(): void
    {
        $ground = static fn (float $percent) => (new ShareChart(
            [new ShareSeen(20_000, $percent), new ShareSeen(20_100, 5)], 0.0, 1.0,
        ))->points[0];
        [, $none, , $least] = $ground(0.0);
        self::assertSame($none, $least, 'nothing is less than nothing');
        self::assertGreaterThan($ground(0.5)[1], $none);
        self::assertSame(array_map(static fn (float $at) => round($at, 1), $ground(3.3)), $ground(3.3));
    }

    public function testWhatKeepsALineCleanFollowsWhatIsInIt(): void
    {
        foreach ([
            [Kind::RootClump, UpkeepWork::Cutting, [9, 12]], [Kind::Grease, UpkeepWork::Jetting, [3, 6]],
            [Kind::Scale, UpkeepWork::Jetting, [3, 6]], [Kind::Crack, UpkeepWork::Look, [12, 12]],
        ] as [$kind, $work, $months]) {
            self::assertSame([$work, $months], [UpkeepWork::against($kind), UpkeepWork::against($kind)->months()]);
        }
        self::assertSame([9, 12], UpkeepWork::Treatment->months());
    }
}
