<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Mend;

use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Mend\Approach;
use Jurvex\Core\Mend\DiggingPrices;
use Jurvex\Core\Mend\DigSums;
use Jurvex\Core\Mend\FirmPrices;
use Jurvex\Core\Mend\Ground;
use Jurvex\Core\Mend\GroundOver;
use Jurvex\Core\Mend\Item;
use Jurvex\Core\Mend\KnownGround;
use Jurvex\Core\Mend\Method;
use Jurvex\Core\Mend\Offer;
use Jurvex\Core\Mend\Offers;
use Jurvex\Core\Mend\Price;
use Jurvex\Core\Mend\PricedItem;
use Jurvex\Core\Mend\Repair;
use Jurvex\Core\Mend\Trench;
use Jurvex\Core\Mend\TrenchRules;
use Jurvex\Core\Mend\Way;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The ways to mend a line with all that comes with them. */
final class OffersTest extends TestCase
{
    public function testTheGroundIsStraightBetweenPlacesAndGoesOverTheWholeLine(): void
    {
        $over = new GroundOver(
            [new KnownGround(12.0, 'road', 2.5), new KnownGround(4.0, 'lawn', 1.0), new KnownGround(6.0, null, null)], 'bed', 0.8,
        );
        self::assertSame([1.0, 1.0, 1.75, 2.5, 2.5], array_map($over->depth(...), [0.0, 4.0, 8.0, 12.0, 30.0]));
        self::assertSame(['lawn', 'lawn', 'road', 'road', 'bed'], array_map($over->surface(...), [0.0, 7.9, 8.1, 17.0, 17.1]));
        self::assertSame([true, false], [$over->knowsSurface(2.0, 16.0), $over->knowsSurface(2.0, 18.0)]);
        self::assertSame([3.0, 0.0], [$over->toNearestDepth(7.0), $over->toNearestDepth(12.0)]);
        $ground = $over->along(20.0);
        self::assertEqualsWithDelta(20.0, array_sum(array_map(static fn (Ground $each) => $each->to - $each->from, $ground)), 1e-9);
        $volume = array_sum(array_map(static fn (Ground $each) => ($each->to - $each->from) * $each->depth, $ground));
        // Level, a straight slope of 8 m, level.
        self::assertEqualsWithDelta(4.0 * 1.0 + 8.0 * 1.75 + 8.0 * 2.5, $volume, 1e-9);
        $strip = new Ground(4.0, 9.0, 'road', 1.0);
        $within = array_map(static fn (array $each) => $strip->within(...$each), [[0, 20], [6, 12], [9.5, 12], [1, 4]]);
        self::assertSame([5.0, 3.0, 0.0, 0.0], $within);
        $nothing = new GroundOver([], 'bed', 0.8);
        self::assertSame([0.8, 'bed', null, false], [
            $nothing->depth(3.0), $nothing->surface(3.0), $nothing->toNearestDepth(3.0), $nothing->knowsSurface(3.0, 3.0),
        ]);
    }

    public function testWhatComesWithTheWorksIsAddedOnceForEach(): void
    {
        $repairs = [new Repair('a', 2.0, 2.6, true), new Repair('b', 30.0, 30.6, true)];
        $over = new GroundOver([new KnownGround(2.0, 'indoors', 0.8), new KnownGround(30.0, 'road', 1.8)], 'lawn', 1.2);
        $offers = new Offers($repairs, 40.0, $over, [], [], FirmPrices::of([]), true, ['a' => new Approach(null, false, true)]);
        $digs = $offers->of(Way::Digs);
        self::assertSame(
            ['call_out' => 1.0, 'floor' => 1.0, 'fixture' => 1.0, 'road_permit' => 1.0, 'code_office' => 1.0, 'look_before_closing' => 2.0],
            self::items($digs),
        );
        $lining = $offers->of(Way::Lining);
        self::assertSame(['call_out' => 1.0, 'new_opening' => 1.0, 'code_office' => 1.0], self::items($lining), 'a liner opens no ground');
        self::assertSame(0.0, $lining->dug());
        self::assertSame([true, false], [$digs->has(Item::RoadPermit), $lining->has(Item::RoadPermit)]);
        $road = new GroundOver([], 'road', 1.2);
        $far = [new Repair('a', 2.0, 3.0, false), new Repair('b', 30.0, 31.0, false)];
        $two = (new Offers($far, 40.0, $road, [], [], FirmPrices::of([])))->of(Way::Digs);
        self::assertCount(2, $two->works);
        self::assertSame(1.0, self::items($two)['road_permit'], 'one permit for all');
        self::assertSame([], $offers->of(Way::Leave)->items);
        self::assertSame(0.0, $offers->of(Way::Leave)->price->weight());
        $sum = array_sum(array_map(static fn ($work) => $work->price->low, $digs->works))
            + array_sum(array_map(static fn (PricedItem $item) => $item->price->low, $digs->items));
        self::assertEqualsWithDelta($sum, $digs->price->low, 1e-9);
    }

    public function testAPlaceUnderAFloorHasTwoPricedWaysOnceSomebodyMeasuredIt(): void
    {
        $over = new GroundOver([new KnownGround(1.0, 'indoors', 0.7)], 'lawn', 1.2);
        $repair = [new Repair('a', 0.7, 1.3, true)];
        $offers = static fn (Approach $approach) => new Offers(
            $repair, 20.0, $over, [], [], FirmPrices::of([]), false, ['a' => $approach],
        );
        $unmeasured = $offers(Approach::straightDown())->routes('a');
        self::assertNotNull($unmeasured);
        self::assertNull($unmeasured['outside']);
        $measured = $offers(new Approach(1.5, false, true))->routes('a');
        self::assertSame(['call_out' => 1.0, 'under_floor' => 1.5, 'code_office' => 1.0, 'look_before_closing' => 1.0],
            self::items($measured['outside'] ?? throw new \LogicException()));
        self::assertArrayHasKey('fixture', self::items($measured['floor']));
        $chosen = $offers(new Approach(1.5, true, true))->of(Way::Digs);
        self::assertEqualsWithDelta($measured['outside']->price->low, $chosen->price->low, 1e-9, 'it follows the way that is chosen');
        self::assertNull((new Offers($repair, 20.0, new GroundOver([], 'lawn', 1.2), [], [], FirmPrices::of([])))->routes('a'));
    }

    public function testWhatItCostsToDigAStretchIsTheSumOfItsPieces(): void
    {
        $prices = new DiggingPrices(new Price(300, 400), new Price(100, 120), new Price(50, 60), [
            'lawn' => new Price(0, 0), 'road' => new Price(80, 90),
        ]);
        $sums = new DigSums([new Ground(0.0, 4.0, 'lawn', 1.0), new Ground(4.0, 10.0, 'road', 2.0)], $prices);
        $costs = static fn (float $from, float $to) => [$sums->between($from, $to)->low, $sums->between($from, $to)->high];
        foreach ([0.0, 3.0, 4.0, 9.5] as $at) {
            self::assertSame([0.0, 0.0], $costs($at, $at), 'nothing is dug');
        }
        self::assertEqualsWithDelta([150.0, 180.0], $costs(1.0, 2.0), 1e-9, 'a metre under the lawn');
        self::assertEqualsWithDelta([280.0, 330.0], $costs(5.0, 6.0), 1e-9, 'a metre under the road');
        self::assertEqualsWithDelta([150.0 + 280.0, 180.0 + 330.0], $costs(3.0, 5.0), 1e-9, 'over both');
    }

    public function testTheCheapestMixPaysForAWayInOnlyWhereThatIsStillCheaper(): void
    {
        for ($seed = 1; $seed <= 80; ++$seed) {
            $random = new Randomizer(new Mt19937($seed));
            $repairs = self::repairs($random, 4);
            $over = new GroundOver([new KnownGround(0.0, 'slab', $random->getInt(8, 30) / 10)], 'lawn', 1.2);
            $low = $random->getInt(0, 4000);
            $prices = FirmPrices::of(['items' => ['new_opening' => [$low, $low + 100]]]);
            $any = static fn (bool $needs) => (new Offers($repairs, 40.0, $over, [], [], $prices, $needs))->of(Way::Any)->price->weight();
            $dug = self::dugOnly($repairs, $over, $prices);
            $lined = $any(false) + $prices->item(Item::NewOpening)->weight();
            $expected = self::isLined($repairs, $over, $prices) ? min($lined, $dug) : $any(false);
            self::assertEqualsWithDelta($expected, $any(true), 1e-6, 'seed '.$seed);
        }
    }

    public function testADearerBookNeverMakesAWayCheaperNorDoesAnotherRepairOnOneGround(): void
    {
        for ($seed = 1; $seed <= 40; ++$seed) {
            $random = new Randomizer(new Mt19937($seed));
            $repairs = self::repairs($random, 5);
            $over = new GroundOver([new KnownGround(0.0, 'drive', 1.1)], 'lawn', 1.2);
            $key = ['dig', 'renew', 'liner'][$seed % 3];
            $start = FirmPrices::USUAL[$key]['start'];
            $dearer = FirmPrices::of([$key => ['start' => [$start[0] + 300, $start[1] + 500]]]);
            foreach ([Way::Digs, Way::Lining, Way::Renewing, Way::Any] as $way) {
                $usual = self::priced($way, $repairs, $over, FirmPrices::of([]));
                $fewer = self::priced($way, \array_slice($repairs, 0, 4), $over, FirmPrices::of([]));
                self::assertGreaterThanOrEqual($usual - 1e-6, self::priced($way, $repairs, $over, $dearer), $way->value.' '.$seed);
                self::assertGreaterThanOrEqual($fewer - 1e-6, $usual, $way->value.' '.$seed);
            }
        }
    }

    public function testAHoleIsWiderAndSupportedFromTheFirmsDepth(): void
    {
        $rules = TrenchRules::read(new Input(['support_from_m' => 1.5]));
        $shallow = Trench::of(2.0, 1.35, $rules);
        $deep = Trench::of(2.0, 1.36, $rules);
        self::assertEqualsWithDelta([1.5, 0.6], [$shallow->depth, $shallow->width], 1e-9);
        self::assertSame([false, true, 0.9], [$shallow->needsSupport, $deep->needsSupport, $deep->width]);
        self::assertEqualsWithDelta(2.0 * 0.6 * 1.5 * 1.25, $shallow->spoil(), 1e-9);
    }

    public function testAPriceThatCannotBeIsRefusedAtItsPlace(): void
    {
        foreach ([
            'dig.per_m.1' => ['dig' => ['per_m' => [100, 50]]], 'items.floor.0' => ['items' => ['floor' => [-1, 5]]],
            'liner.start.0' => ['liner' => ['start' => ['', 5.0]]], 'usual_depth_m' => ['usual_depth_m' => 0],
            'trench.bulking' => ['trench' => ['bulking' => 0.5]],
        ] as $at => $own) {
            try {
                FirmPrices::of($own);
                self::fail($at);
            } catch (BadInput $error) {
                self::assertSame($at, $error->at);
            }
        }
        self::assertEquals(0.1, FirmPrices::of(['usual_depth_m' => 0.1])->usualDepth);
    }

    /** @return array<string, float> */
    private static function items(Offer $offer): array
    {
        $items = [];
        foreach ($offer->items as $each) {
            $items[$each->item->value] = $each->count;
        }

        return $items;
    }

    /** @param list<Repair> $repairs */
    private static function priced(Way $way, array $repairs, GroundOver $over, FirmPrices $prices): float
    {
        return (new Offers($repairs, 40.0, $over, [20.0], [20.0], $prices))->of($way)->price->weight();
    }

    /** @return list<Repair> */
    private static function repairs(Randomizer $random, int $count): array
    {
        $repairs = [];
        for ($i = 0; $i < $count; ++$i) {
            $from = $random->getInt(0, 380) / 10;
            $repairs[] = new Repair('r'.$i, $from, $from + $random->getInt(0, 15) / 10, 0 !== $random->getInt(0, 3));
        }

        return $repairs;
    }

    /** @param list<Repair> $repairs */
    private static function isLined(array $repairs, GroundOver $over, FirmPrices $prices): bool
    {
        return (new Offers($repairs, 40.0, $over, [], [], $prices))->of(Way::Any)->uses(Method::Liner);
    }

    /**
     * @param list<Repair> $repairs
     *
     * @return float the cheapest mix where none of them can be lined
     */
    private static function dugOnly(array $repairs, GroundOver $over, FirmPrices $prices): float
    {
        $none = array_map(static fn (Repair $each) => new Repair($each->id, $each->from, $each->to, false), $repairs);

        return (new Offers($none, 40.0, $over, [], [], $prices))->of(Way::Any)->price->weight();
    }
}
