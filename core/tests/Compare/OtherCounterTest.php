<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Compare;

use Jurvex\Core\Compare\Feature;
use Jurvex\Core\Compare\FeatureKind;
use Jurvex\Core\Compare\FitFinder;
use Jurvex\Core\Compare\OtherCounter;
use Jurvex\Core\Compare\Seen;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class OtherCounterTest extends TestCase
{
    /** @return array<string, array{float, float, int, bool}> shift, stretch, joints, and whether another counter is proved */
    public static function looks(): array
    {
        return [
            'the same' => [0.0, 1.0, 12, false], 'within what counters differ' => [0.25, 1.0, 12, false],
            'another zero' => [0.8, 1.0, 12, true], 'another step' => [0.0, 1.04, 12, true],
            'too few to prove it' => [0.8, 1.0, 4, false], 'five are enough' => [0.8, 1.0, 5, true],
            'no zero lies so far off' => [3.4, 1.0, 12, false],
        ];
    }

    #[DataProvider('looks')]
    public function testAnotherCounterIsTakenOnlyWhereWhatStaysProvesIt(float $shift, float $stretch, int $joints, bool $isProved): void
    {
        // Pipes of no even length: nothing but the true fit pairs them.
        $at = [1.1, 3.3, 4.6, 7.9, 10.2, 11.0, 14.3, 16.9, 18.0, 21.4, 24.1, 25.5];
        $seen = static fn (float $by, float $times) => new Seen(array_map(
            static fn (float $each) => new Feature(FeatureKind::Joint, $by + $times * $each), \array_slice($at, 0, $joints),
        ), [], []);
        [$before, $after] = [$seen(0.0, 1.0), $seen($shift, $stretch)];

        self::assertSame($isProved, OtherCounter::isProved($before, $after, FitFinder::find($before, $after), 26.0 + $shift));
        if ($isProved) {
            self::assertFalse(OtherCounter::isRuledOut($before, $after));
        }
    }

    public function testWhereMoreThanHalfPairAsReadNothingCanProveThemWrong(): void
    {
        $seen = static fn (float ...$at) => new Seen(
            array_map(static fn (float $each) => new Feature(FeatureKind::Joint, $each), array_values($at)), [], [],
        );
        $before = $seen(1.1, 3.3, 4.6, 7.9);
        self::assertFalse(OtherCounter::isRuledOut($before, $seen(1.1, 3.3, 12.0, 19.0)));
        self::assertTrue(OtherCounter::isRuledOut($before, $seen(1.1, 3.3, 4.6, 19.0)));
    }

    public function testOfSeveralKindsThreeAreEnough(): void
    {
        $seen = static function (float $by, FeatureKind ...$kinds): Seen {
            $features = [];
            foreach (array_values($kinds) as $i => $kind) {
                $features[] = new Feature($kind, $by + [4.0, 9.5, 21.0][$i]);
            }

            return new Seen($features, [], []);
        };
        foreach ([
            [true, [FeatureKind::TieIn, FeatureKind::Bend, FeatureKind::Tap]],
            [true, [FeatureKind::TieIn, FeatureKind::TieIn, FeatureKind::Tap]],
            [false, [FeatureKind::TieIn, FeatureKind::TieIn, FeatureKind::TieIn]], [false, [FeatureKind::TieIn, FeatureKind::Tap]],
        ] as [$isProved, $kinds]) {
            [$before, $after] = [$seen(0.0, ...$kinds), $seen(0.7, ...$kinds)];
            self::assertSame($isProved, OtherCounter::isProved($before, $after, FitFinder::find($before, $after), 22.0));
        }
    }
}
