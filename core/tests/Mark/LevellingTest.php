<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Mark;

use Jurvex\Core\Mark\HeightStep;
use Jurvex\Core\Mark\Levelling;
use PHPUnit\Framework\TestCase;

/** Heights of the ground from differences in any order. */
final class LevellingTest extends TestCase
{
    public function testADifferenceIsTheSumOfItsStepsInWhateverOrderTheyWereMeasured(): void
    {
        $steps = [
            new HeightStep('A', 'crest', 0.30, 0.01), new HeightStep('B', 'crest', 0.45, 0.02), new HeightStep('kerb', 'B', -0.10, 0.03),
        ];
        foreach ([[0, 1, 2], [2, 0, 1], [1, 2, 0], [2, 1, 0]] as $order) {
            $levelling = new Levelling(...array_map(static fn (int $i) => $steps[$i], $order));
            self::assertEqualsWithDelta(-0.15, $levelling->up('A', 'B'), 1e-12);
            self::assertEqualsWithDelta(0.15, $levelling->up('B', 'A'), 1e-12);
            self::assertEqualsWithDelta(hypot(0.01, 0.02), $levelling->error('A', 'B'), 1e-12, 'errors of steps add as squares');
            self::assertEqualsWithDelta(hypot(0.01, 0.02), $levelling->error('B', 'A'), 1e-12);
            self::assertEqualsWithDelta(sqrt(0.0014), $levelling->error('A', 'kerb'), 1e-12);
            self::assertSame(['crest'], $levelling->between('A', 'B'));
            self::assertSame(['crest', 'B'], $levelling->between('A', 'kerb'));
            self::assertEqualsWithDelta(0.0, $levelling->disagreement(), 1e-12);
        }
    }

    public function testWhatNothingLinksHasNoDifference(): void
    {
        $levelling = new Levelling(
            new HeightStep('A', 'B', 0.1, 0.01), new HeightStep('C', 'D', 0.1, 0.01), new HeightStep('E', 'E', 1.0, 0.1),
        );
        self::assertNull($levelling->up('A', 'C'));
        self::assertNull($levelling->up('A', 'E'));
        self::assertSame([], $levelling->between('A', 'C'));
        self::assertNotNull((new Levelling(
            new HeightStep('A', 'B', 0.1, 0.01), new HeightStep('C', 'D', 0.1, 0.01), new HeightStep('D', 'A', 0.2, 0.01),
        ))->up('B', 'C'), 'a later step links two islands');
    }

    public function testWhatWasMeasuredTwiceIsWeighedByItsErrors(): void
    {
        $levelling = new Levelling(new HeightStep('A', 'B', 0.10, 0.01), new HeightStep('B', 'A', -0.20, 0.03));
        // By 1/error²: nine parts of the first, one of the other.
        self::assertEqualsWithDelta(0.11, $levelling->up('A', 'B'), 1e-12);
        self::assertEqualsWithDelta(1 / sqrt(1 / 0.01 ** 2 + 1 / 0.03 ** 2), $levelling->error('A', 'B'), 1e-12);
        self::assertEqualsWithDelta(0.09, $levelling->disagreement(), 1e-12);
    }

    public function testALoopSharesItsMisclosureOut(): void
    {
        $loop = new Levelling(
            new HeightStep('A', 'B', 1.0, 0.01), new HeightStep('B', 'C', 1.0, 0.01), new HeightStep('C', 'A', -1.97, 0.01),
        );
        self::assertEqualsWithDelta(0.99, $loop->up('A', 'B'), 1e-12);
        self::assertEqualsWithDelta(1.98, $loop->up('A', 'C'), 1e-12);
        self::assertEqualsWithDelta(0.01, $loop->disagreement(), 1e-12);
    }

    public function testRandomHeightsComeBackExactlyAndMoreStepsAreNeverLessSure(): void
    {
        mt_srand(20261126);
        for ($round = 0; $round < 60; ++$round) {
            $count = mt_rand(2, 12);
            $true = [];
            for ($i = 0; $i < $count; ++$i) {
                $true['p'.$i] = mt_rand(-500, 500) / 100;
            }
            $steps = [];
            for ($i = 1; $i < $count; ++$i) {
                $steps[] = self::step('p'.mt_rand(0, $i - 1), 'p'.$i, $true);
            }
            shuffle($steps);
            $tree = new Levelling(...$steps);
            $more = new Levelling(...$steps, ...[self::step('p'.mt_rand(0, $count - 1), 'p'.mt_rand(0, $count - 1), $true)]);
            [$a, $b] = ['p'.mt_rand(0, $count - 1), 'p'.mt_rand(0, $count - 1)];
            foreach ([$tree, $more] as $levelling) {
                self::assertEqualsWithDelta($true[$b] - $true[$a], $levelling->up($a, $b), 1e-9);
                self::assertEqualsWithDelta(0.0, $levelling->disagreement(), 1e-9);
            }
            self::assertLessThanOrEqual($tree->error($a, $b) + 1e-12, $more->error($a, $b));
        }
    }

    /** @param array<string, float> $true */
    private static function step(string $from, string $to, array $true): HeightStep
    {
        return new HeightStep($from, $to, $true[$to] - $true[$from], mt_rand(1, 50) / 1000);
    }
}
