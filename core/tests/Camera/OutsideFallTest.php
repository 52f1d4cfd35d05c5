<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Camera;

use Jurvex\Core\Camera\OutsideFall;
use Jurvex\Core\Measure\Length;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class OutsideFallTest extends TestCase
{
    /** @return list<array{float, float, ?float, float, string}> metres, millimetres of drop, bore, needed, verdict */
    public static function tapes(): array
    {
        return [
            [4.0, 45.0, 100.0, 41.6, 'meets'], [4.0, 44.6, 100.0, 41.6, 'meets'], [4.0, 44.5, 100.0, 41.6, 'cannot_tell'],
            [4.0, 38.7, 100.0, 41.6, 'cannot_tell'], [4.0, 38.5, 100.0, 41.6, 'short'], [4.0, -10.0, 100.0, 41.6, 'short'],
            [3.0, 60.0, 50.0, 62.4, 'cannot_tell'], [3.0, 66.0, 50.0, 62.4, 'meets'], [10.0, 56.0, 200.0, 52.0, 'meets'],
            [4.0, 45.0, null, 41.6, 'meets'],
        ];
    }

    #[DataProvider('tapes')]
    public function testADropByTapeIsHeldAgainstTheLeastFallOfItsBore(float $m, float $drop, ?float $bore, float $needed, string $is): void
    {
        $fall = OutsideFall::byTape(Length::metres($m), $drop, null === $bore ? null : Length::millimetres($bore));
        self::assertEqualsWithDelta([$needed, $drop], [$fall->neededMm(), $fall->foundMm()], 1e-9);
        self::assertEqualsWithDelta($drop / $m / 10, $fall->fall->inPercent(), 1e-9);
        self::assertSame($is, $fall->verdict());
    }

    public function testALevelTellsNoMoreThanItsStep(): void
    {
        $of = static fn (float $degrees, float $step) => OutsideFall::byLevel(Length::metres(5), $degrees, $step, Length::millimetres(100));
        self::assertSame(
            ['cannot_tell', 'meets', 'short', 'meets', 'short', 'meets'],
            array_map(
                static fn (array $read) => $of(...$read)->verdict(),
                [[1.0, 1.0], [2.0, 1.0], [0.0, 1.0], [0.7, 0.1], [0.5, 0.1], [atan(0.0104) * 180 / \M_PI + 1e-9, 0.0]],
            ),
        );
        self::assertEqualsWithDelta(5000 * tan(deg2rad(2)), $of(2.0, 1.0)->foundMm(), 1e-9);
    }

    public function testAPipeOfNoLengthHasNoFall(): void
    {
        $this->expectException(\DomainException::class);
        OutsideFall::byTape(Length::metres(0), 10.0, null);
    }
}
