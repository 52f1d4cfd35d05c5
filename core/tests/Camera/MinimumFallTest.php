<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Camera;

use Jurvex\Core\Camera\CameraHead;
use Jurvex\Core\Camera\MinimumFall;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Run\Travel;
use PHPUnit\Framework\TestCase;

final class MinimumFallTest extends TestCase
{
    public function testTheLeastFallFollowsTheBore(): void
    {
        foreach ([40 => 2.08, 65 => 2.08, 75 => 1.04, 150 => 1.04, 199 => 1.04, 200 => 0.52, 600 => 0.52] as $bore => $percent) {
            self::assertEqualsWithDelta($percent, MinimumFall::of(Length::millimetres($bore))->inPercent(), 1e-9, (string) $bore);
        }
        self::assertEqualsWithDelta(1.04, MinimumFall::of(null)->inPercent(), 1e-9, 'a usual drain');
    }

    public function testTheLensSitsAtHalfOfWhatLiesOnTheInvert(): void
    {
        $bore = Length::millimetres(150);
        $depth = static fn (CameraHead $camera, float $on) => $camera->depth($on, $bore)->depth->inMillimetres();
        $bare = CameraHead::of(40.0, null, 20.0, null);
        $skidded = CameraHead::of(40.0, 90.0, 20.0, null);
        self::assertEqualsWithDelta([20.0, 10.0, 30.0], [$depth($bare, 0), $depth($bare, -1), $depth($bare, 1)], 1e-9);
        self::assertEqualsWithDelta([45.0, 35.0], [$depth($skidded, 0), $depth($skidded, -1)], 1e-9);
        self::assertEqualsWithDelta([0.5, 2 / 9], [$bare->shareOfWindow(), $skidded->shareOfWindow()], 1e-9);
        // The house's head, and a window that is never wider than its head.
        $usual = CameraHead::of(null, null, null, null);
        self::assertEqualsWithDelta([19.0, 20 / 38], [$depth($usual, 0), $usual->shareOfWindow()], 1e-9);
        self::assertEqualsWithDelta(1.0, CameraHead::of(15.0, null, null, null)->shareOfWindow(), 1e-9);
    }

    public function testATiltIsReadInWholeDegreesUnlessTheReelSaysOtherwise(): void
    {
        $range = static function (CameraHead $camera): array {
            $fall = $camera->fall(-2.0, Travel::Downstream);

            return [$fall->least->inDegrees(), $fall->most->inDegrees()];
        };
        self::assertEqualsWithDelta([1.5, 2.5], $range(CameraHead::of(null, null, null, null)), 1e-9);
        self::assertEqualsWithDelta([1.75, 2.25], $range(CameraHead::of(null, null, null, 0.5)), 1e-9);
        self::assertEqualsWithDelta([1.95, 2.05], $range(CameraHead::simulated()), 1e-9);
    }
}
