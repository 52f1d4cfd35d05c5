<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Ribbon;

use Jurvex\Core\Finding\Extent;
use Jurvex\Core\Finding\Family;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Ribbon\Profile;
use Jurvex\Core\Ribbon\Scale;
use Jurvex\Core\Ribbon\ShapeDrawer;
use Jurvex\Core\Run\Travel;
use Jurvex\Core\Tests\RunBuilder;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ShapeDrawerTest extends TestCase
{
    private const WIDTH = 1160.0;
    private const LINE_M = 30;

    /** @return iterable<string, array{Kind}> */
    public static function kinds(): iterable
    {
        foreach (Kind::cases() as $kind) {
            yield $kind->value => [$kind];
        }
    }

    #[DataProvider('kinds')]
    public function testEveryKindHasItsShapeWhereItWasFound(Kind $kind): void
    {
        $finding = RunBuilder::finding(
            $kind,
            15,
            Extent::Stretch === $kind->extent() ? ['to_m' => 16, 'size' => Family::Water === $kind->family() ? 20 : null] : [],
        );
        $outline = self::outline($finding);
        if (\in_array($kind, [Kind::SoundJoint, Kind::SightLimited], true)) {
            self::assertNull($outline, 'a joint is a tick, bad sight is a hatch');

            return;
        }
        self::assertNotNull($outline);
        $middle = (new Scale(self::WIDTH, self::LINE_M, Travel::Downstream))->x(Length::metres(15));
        foreach (self::points($outline) as [$x, $y]) {
            self::assertEqualsWithDelta($middle, $x, 60);
            self::assertGreaterThan(0, $y);
        }
    }

    public function testRootsHangFromTheCrownAndGrowFromTheInvertAndReachAsFarAsTheyBlock(): void
    {
        $above = static fn (float $clock, int $share) => self::points(
            (string) self::outline(RunBuilder::finding(Kind::RootClump, 15, ['clock_from' => $clock, 'size' => $share])),
        );
        $crown = array_column($above(12, 40), 1);
        $invert = array_column($above(6, 40), 1);
        self::assertLessThan(max($crown), min($crown));
        self::assertGreaterThan(max($crown), max($invert), 'at six they stand on the invert');
        $more = array_column($above(12, 80), 1);
        self::assertGreaterThan(max($crown) - min($crown), max($more) - min($more));
    }

    public function testAStepFacesTheWayItWasSaid(): void
    {
        $step = static fn (string $facing) => self::points(
            (string) self::outline(RunBuilder::finding(Kind::OffsetJoint, 15, ['size' => 20, 'facts' => ['facing' => $facing]])),
        );
        $against = $step('against_flow');
        $with = $step('with_flow');
        self::assertGreaterThan($against[0][0], $against[2][0], 'it rises at once and falls off downstream');
        self::assertLessThan($with[0][0], $with[2][0]);
    }

    public function testADepositIsAsThickAsItsShareAndLinesTheBoreWhenItIsGrease(): void
    {
        $height = static fn (Kind $kind, int $share) => array_column(
            self::points((string) self::outline(RunBuilder::finding($kind, 15, ['to_m' => 17, 'size' => $share]))),
            1,
        );
        $silt = $height(Kind::Sediment, 20);
        $more = $height(Kind::Sediment, 60);
        self::assertEqualsWithDelta(3.0, (max($more) - min($more)) / (max($silt) - min($silt)), 0.35);
        $grease = $height(Kind::Grease, 20);
        self::assertGreaterThan(Profile::BORE * 0.8, max($grease) - min($grease), 'on the crown and on the invert');
    }

    public function testATieInComesFromItsSideOfTheBore(): void
    {
        $ys = static fn (float $clock) => array_column(
            self::points((string) self::outline(RunBuilder::finding(Kind::TieIn, 15, ['clock_from' => $clock]))),
            1,
        );
        self::assertLessThan(min($ys(6)), max($ys(12)));
    }

    private static function outline(Finding $finding): ?string
    {
        $run = RunBuilder::run([$finding], reached: self::LINE_M);
        $scale = new Scale(self::WIDTH, self::LINE_M, Travel::Downstream);

        return (new ShapeDrawer($run, new Profile($run, $scale), $scale))->draw($finding)?->outline;
    }

    /** @return non-empty-list<array{float, float}> */
    private static function points(string $outline): array
    {
        preg_match_all('/[ML]([\d.-]+) ([\d.-]+)|Q[\d.-]+ [\d.-]+ ([\d.-]+) ([\d.-]+)/', $outline, $found, \PREG_SET_ORDER);
        $points = array_map(static fn (array $each) => [(float) ($each[3] ?? $each[1] ?? 0), (float) ($each[4] ?? $each[2] ?? 0)], $found);

        return [] === $points ? throw new \LogicException('An outline without points.') : $points;
    }
}
