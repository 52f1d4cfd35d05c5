<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Mend;

use Jurvex\Core\Mend\DiggingPrices;
use Jurvex\Core\Mend\Ground;
use Jurvex\Core\Mend\Line;
use Jurvex\Core\Mend\Margin;
use Jurvex\Core\Mend\Method;
use Jurvex\Core\Mend\Option;
use Jurvex\Core\Mend\Options;
use Jurvex\Core\Mend\Price;
use Jurvex\Core\Mend\PriceBook;
use Jurvex\Core\Mend\Repair;
use Jurvex\Core\Mend\Work;
use Jurvex\Core\Tests\RefusesInput;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class OptionsTest extends TestCase
{
    use RefusesInput;

    /** @return list<array{string, array<string, mixed>, string, string}> */
    public static function impossible(): array
    {
        $digging = ['start' => [1, 2], 'per_m' => [1, 2], 'per_m_depth' => [1, 2], 'surface_per_m' => ['lawn' => [0, 1]]];
        $prices = [
            'dig' => $digging + ['extra_m' => 0.5, 'least_m' => 1.5], 'renew' => $digging,
            'liner' => ['start' => [1, 2], 'per_m' => [1, 2], 'reopen' => [1, 2], 'extra_m' => 0.5, 'least_m' => 3],
        ];
        $good = [
            'length_m' => 10, 'repairs' => [['id' => 'a', 'from_m' => 2, 'to_m' => 3, 'can_line' => true]], 'tie_ins_m' => [],
            'cuts_m' => [],
            'ground' => [['from_m' => 0, 'to_m' => 10, 'surface' => 'lawn', 'depth_m' => 1]], 'prices' => $prices,
        ];
        $twice = [$good['repairs'][0], $good['repairs'][0]];

        return [
            ['repair', ['length_m' => 0] + $good, 'out_of_range', 'length_m'],
            ['repair', ['repairs' => [['to_m' => 11] + $good['repairs'][0]]] + $good, 'out_of_range', 'repairs.0.to_m'],
            ['repair', ['repairs' => [['to_m' => 1] + $good['repairs'][0]]] + $good, 'out_of_range', 'repairs.0.to_m'],
            ['repair', ['repairs' => $twice] + $good, 'unknown_value', 'repairs'],
            ['repair', ['ground' => [['to_m' => 9] + $good['ground'][0]]] + $good, 'missing', 'ground'],
            ['repair', ['ground' => [['surface' => 'ice'] + $good['ground'][0]]] + $good, 'unknown_value', 'ground.0.surface'],
            ['repair', ['tie_ins_m' => [11]] + $good, 'out_of_range', 'tie_ins_m.0'],
            ['repair', ['prices' => ['liner' => ['start' => [2, 1]] + $prices['liner']] + $prices] + $good, 'out_of_range',
                'prices.liner.start.1'],
        ];
    }

    public function testNoGroupingOfAnyMixIsCheaper(): void
    {
        for ($seed = 1; $seed <= 120; ++$seed) {
            [$repairs, $line, $prices] = self::job($seed, 1 + $seed % 5);
            $options = new Options($repairs, $line, $prices);
            $lined = static fn (Repair $repair) => $repair->canLine ? [Method::Liner] : [Method::Dig];
            foreach ([
                'digs' => [$options->digs(), static fn () => [Method::Dig]],
                'renewing' => [$options->renewing(), static fn () => [Method::Renew]],
                'lining' => [$options->lining(), $lined],
                'any' => [$options->any(), static fn (Repair $repair) => $repair->canLine ? Method::cases() : [Method::Dig, Method::Renew]],
            ] as $family => [$option, $allowed]) {
                self::assertEqualsWithDelta(
                    self::cheapest($repairs, $line, $prices, $allowed), $option->price->weight(), 1e-6, $family.' '.$seed,
                );
                self::assertSame(
                    self::ids($repairs), self::ids(array_merge(...array_map(static fn (Work $work) => $work->repairs, $option->works))),
                    'each in just one work',
                );
            }
        }
    }

    public function testADearerPriceNeverMakesAnOptionCheaperAndOnOneGroundNeitherDoesAnotherRepair(): void
    {
        for ($seed = 1; $seed <= 60; ++$seed) {
            [$repairs, $line, $prices] = self::job($seed, 12, true);
            [,, $dearer] = self::job($seed, 12, true, 1.1);
            $fewer = \array_slice($repairs, 0, 11);
            foreach (['digs', 'lining', 'renewing', 'any'] as $family) {
                $now = self::option(new Options($repairs, $line, $prices), $family)->price->weight();
                $then = self::option(new Options($repairs, $line, $dearer), $family)->price->weight();
                $without = self::option(new Options($fewer, $line, $prices), $family)->price->weight();
                self::assertGreaterThanOrEqual($now - 1e-9, $then, $family.' '.$seed);
                self::assertGreaterThanOrEqual($without - 1e-9, $now, $family.' '.$seed);
            }
        }
    }

    public function testTwoDigsBecomeOneJustWhereThatIsNoDearer(): void
    {
        $ground = [new Ground(0, 100, 'lawn', 1.0)];
        $metre = new DiggingPrices(new Price(300, 300), new Price(100, 100), new Price(0, 0), ['lawn' => new Price(0, 0)]);
        $book = new PriceBook(
            $metre, new Margin(0.5, 1.5), Price::nothing(), Price::nothing(), Price::nothing(), new Margin(0, 0), $metre,
        );
        foreach ([[3.9, 1], [4.1, 2]] as [$apart, $works]) {
            $digs = (new Options(
                [new Repair('a', 10, 11, false), new Repair('b', 11 + $apart, 12 + $apart, false)], new Line(100, $ground, [], []), $book,
            ))->digs();
            self::assertCount($works, $digs->works, 'a start costs what three metres do, and one metre is dug anyhow');
        }
        $edge = (new Options([new Repair('a', 0.2, 0.2, false)], new Line(100, $ground, [], []), $book))->digs()->works[0];
        self::assertSame([0.0, 1.5], [$edge->from, $edge->to], 'grown, and shifted to stay within the line');
        $end = (new Options([new Repair('a', 99.9, 99.9, false)], new Line(100, $ground, [], []), $book))->digs()->works[0];
        self::assertSame([98.5, 100.0], [$end->from, $end->to], 'at its other end as well');
    }

    public function testRenewingGoesFromCutToCut(): void
    {
        $line = new Line(50, [], [], [10.0, 30.0]);
        foreach ([
            [12, 14, [10.0, 30.0]], [10, 10, [10.0, 30.0]], [8, 10, [0.0, 10.0]], [8, 12, [0.0, 30.0]], [50, 50, [30.0, 50.0]],
            [30, 50, [30.0, 50.0]], [0, 0, [0.0, 10.0]], [10, 30, [10.0, 30.0]],
        ] as [$from, $to, $piece]) {
            self::assertSame($piece, $line->piece(new Repair('a', $from, $to, true)), $from.'–'.$to);
        }
    }

    public function testNothingToMendCostsNothing(): void
    {
        [, $line, $prices] = self::job(1, 1);
        self::assertSame([], (new Options([], $line, $prices))->any()->works);
        self::assertSame(0.0, (new Options([], $line, $prices))->lining()->price->weight());
    }

    private static function option(Options $options, string $family): Option
    {
        return match ($family) {
            'digs' => $options->digs(),
            'lining' => $options->lining(),
            'renewing' => $options->renewing(),
            default => $options->any(),
        };
    }

    /**
     * @return array{list<Repair>, Line, PriceBook}
     */
    private static function job(int $seed, int $count, bool $oneGround = false, float $times = 1.0): array
    {
        $chance = new Randomizer(new Mt19937($seed));
        $price = static fn (int $least, int $most) => new Price($low = $times * $chance->getInt($least, $most), $low * 1.3);
        $repairs = [];
        for ($i = 0; $i < $count; ++$i) {
            $from = $chance->getInt(0, 380) / 10;
            $repairs[] = new Repair('r'.$i, $from, min(40.0, $from + max(0, $chance->getInt(-20, 40)) / 10), 0 === $chance->getInt(0, 1));
        }
        $ground = [];
        foreach ([[0, 12], [12, 19], [19, 40]] as $i => [$from, $to]) {
            $ground[] = new Ground($from, $to, $oneGround || 1 !== $i ? 'lawn' : 'road', $oneGround ? 1.2 : $chance->getInt(5, 30) / 10);
        }
        $digging = static fn (int $start, int $metre) => new DiggingPrices(
            $price($start, 2 * $start), $price($metre, 2 * $metre), $price(40, 120), ['lawn' => $price(10, 30), 'road' => $price(200, 300)],
        );

        return [$repairs, new Line(40.0, $ground, [8.0, 21.5, 33.0], [9.5, 24.0]), new PriceBook(
            $digging(400, 100), new Margin(0.5, 1.5), $price(700, 1500), $price(100, 200), $price(100, 400), new Margin(0.5, 3.0),
            $digging(500, 60),
        )];
    }

    /**
     * Every way to share repairs among works.
     *
     * @param list<Repair> $left
     * @param \Closure(Repair): list<Method> $allowed
     * @param list<array{Method, non-empty-list<Repair>}> $groups so far
     */
    private static function cheapest(array $left, Line $line, PriceBook $prices, \Closure $allowed, array $groups = []): float
    {
        if ([] === $left) {
            return array_sum(array_map(
                static fn (array $group) => Work::over($group[1], $group[0], $line, $prices)->price->weight(), $groups,
            ));
        }
        $repair = $left[0];
        $left = \array_slice($left, 1);
        $best = \INF;
        foreach ($allowed($repair) as $method) {
            foreach ($groups as $g => [$of, $group]) {
                if ($of === $method) {
                    $more = $groups;
                    $more[$g] = [$of, [...$group, $repair]];
                    $best = min($best, self::cheapest($left, $line, $prices, $allowed, $more));
                }
            }
            $best = min($best, self::cheapest($left, $line, $prices, $allowed, [...$groups, [$method, [$repair]]]));
        }

        return $best;
    }

    /**
     * @param list<Repair> $repairs
     *
     * @return list<string>
     */
    private static function ids(array $repairs): array
    {
        $ids = array_map(static fn (Repair $repair) => $repair->id, $repairs);
        sort($ids);

        return $ids;
    }
}
