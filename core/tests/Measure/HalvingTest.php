<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Measure;

use Jurvex\Core\Measure\Halving;
use PHPUnit\Framework\TestCase;

final class HalvingTest extends TestCase
{
    public function testTheFirstIsFoundWhereverItIs(): void
    {
        for ($count = 0; $count < 20; ++$count) {
            for ($first = 0; $first <= $count; ++$first) {
                self::assertSame($first, Halving::first($count, static fn (int $i) => $i >= $first));
                self::assertSame($first, Halving::firstFrom(0 === $count ? [] : range(0.0, $count - 1.0), $first));
                self::assertSame($first, Halving::firstFrom(0 === $count ? [] : range(0.0, $count - 1.0), $first - 0.5));
            }
        }
    }

    public function testABorderLiesBetweenTwoNumbersBesideEachOtherOnEitherHand(): void
    {
        foreach ([0.1, 1 / 3, 2.0, 6.999] as $border) {
            [$inside, $outside] = Halving::border(0.0, 7.0, static fn (float $at) => $at < $border);
            self::assertTrue($inside < $border && $outside >= $border && $outside - $inside < 1e-14);
            [$inside, $outside] = Halving::border(7.0, 0.0, static fn (float $at) => $at > $border);
            self::assertTrue($inside > $border && $outside <= $border && $inside - $outside < 1e-14);
        }
        self::assertSame([1.75, 2.625], Halving::border(0.0, 7.0, static fn (float $at) => $at < 2.0, 3));
    }
}
