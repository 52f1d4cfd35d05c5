<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Upkeep;

use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Upkeep\Growth;
use Jurvex\Core\Upkeep\ShareSeen;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class GrowthTest extends TestCase
{
    public function testThroughTwoLooksItIsTheLineBetweenThem(): void
    {
        $growth = Growth::through([new ShareSeen(100, 10), new ShareSeen(100 + Growth::YEAR_DAYS, 22)], 0);

        self::assertEqualsWithDelta([12.0, 0.0], [$growth->percentPerYear(), $growth->errorPerYear()], 1e-9);
        self::assertEqualsWithDelta(100 + 1.5 * Growth::YEAR_DAYS, $growth->reaches(28), 1e-6);
        self::assertSame([$growth->reaches(28), $growth->reaches(28)], [$growth->atFastest(28), $growth->atSlowest(28)]);
    }

    /** @return list<array{float}> */
    public static function limits(): array
    {
        return [[20.0], [35.0], [60.0]];
    }

    #[DataProvider('limits')]
    public function testBeyondWhatWasSeenTheFasterItGrowsTheSoonerItIsThere(float $limit): void
    {
        $looks = [new ShareSeen(0, 5), new ShareSeen(300, 12), new ShareSeen(700, 19)];
        $last = [-\INF, -\INF];
        foreach ([0.5, 1.0, 2.0, 4.0] as $error) {
            $growth = Growth::through($looks, $error);
            $range = [-(float) $growth->atFastest($limit), $growth->atSlowest($limit) ?? \INF];
            self::assertGreaterThanOrEqual($last, $range);
            self::assertGreaterThan(-$range[0], $growth->reaches($limit));
            self::assertLessThan($range[1], $growth->reaches($limit));
            $last = $range;
        }
    }

    public function testWhatDoesNotGrowReachesNothing(): void
    {
        foreach ([[20.0, 20.0], [20.0, 4.0]] as [$then, $now]) {
            $growth = Growth::through([new ShareSeen(0, $then), new ShareSeen(400, $now)], 5);
            self::assertNull($growth->reaches(30));
            self::assertNull($growth->atSlowest(30));
        }
    }

    public function testOneDaySaysNothingOfGrowth(): void
    {
        foreach ([[], [new ShareSeen(9, 4)], [new ShareSeen(9, 4), new ShareSeen(9, 40)]] as $looks) {
            try {
                Growth::through($looks, 5);
                self::fail('It was taken.');
            } catch (BadInput $refused) {
                self::assertSame(['out_of_range', 'looks'], [$refused->reason, $refused->at]);
            }
        }
    }
}
