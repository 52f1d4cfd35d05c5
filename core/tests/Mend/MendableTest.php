<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Mend;

use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Judge\HouseRules;
use Jurvex\Core\Judge\Judgement;
use Jurvex\Core\Judge\Need;
use Jurvex\Core\Judge\Override;
use Jurvex\Core\Judge\Remedy;
use Jurvex\Core\Judge\School;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Mend\LiningBar;
use Jurvex\Core\Mend\LiningFirst;
use Jurvex\Core\Mend\Mendable;
use Jurvex\Core\Tests\RunBuilder;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is judged to be mended as a repair: how far it goes, and whether a liner can do it. */
final class MendableTest extends TestCase
{
    /** @return array<string, array{Kind, ?Need, ?Remedy, ?Need, bool}> with the technician's own class, and whether it is a repair */
    public static function judged(): array
    {
        return [
            'a joint to be mended' => [Kind::FailedSeal, Need::Mend, null, null, true],
            'at convenience' => [Kind::OffsetJoint, Need::Mend, Remedy::AtConvenience, null, true],
            'before the line is used' => [Kind::BrokenPipe, Need::Now, null, null, true],
            'a stretch to be renewed' => [Kind::RootCords, Need::Mend, Remedy::RenewStretch, null, true],
            'roots that are cut' => [Kind::RootClump, Need::Now, Remedy::CutThenKeepClean, null, false],
            'deposit that is cleaned' => [Kind::Grease, Need::Now, Remedy::CleanNow, null, false],
            'another utility' => [Kind::CrossBore, Need::Now, Remedy::StopAndCall, null, false],
            'watched' => [Kind::Crack, Need::Watch, null, null, false],
            'not judged yet' => [Kind::LowSpot, null, Remedy::Measure, null, false],
            'where it could not go on' => [Kind::CannotGoFurther, Need::Now, null, null, false],
            'the technician mends what the rule cuts' => [Kind::RootClump, Need::Now, Remedy::CutThenKeepClean, Need::Mend, true],
            'the technician leaves what the rule mends' => [Kind::FailedSeal, Need::Mend, null, Need::Leave, false],
        ];
    }

    #[DataProvider('judged')]
    public function testWhatIsMendedAndNotOnlyCleanedIsARepair(Kind $kind, ?Need $need, ?Remedy $remedy, ?Need $own, bool $expected): void
    {
        $finding = RunBuilder::finding($kind, 5.0, $kind->isWater() ? ['to_m' => 6.0] : []);
        self::assertSame($expected, self::mendable($finding, $need, $remedy, $own)->isRepair());
    }

    public function testAPointIsGrippedAtBothSidesAndALowSpotGoesFromStartToEnd(): void
    {
        $extent = static fn (Finding $finding, float $end) => [self::mendable($finding)->from(), self::mendable($finding)->to($end)];
        self::assertEqualsWithDelta([4.7, 5.3], $extent(RunBuilder::finding(Kind::FailedSeal, 5.0), 30.0), 1e-9);
        self::assertEqualsWithDelta([4.7, 7.3], $extent(RunBuilder::finding(Kind::Crack, 5.0, ['to_m' => 7.0]), 30.0), 1e-9);
        self::assertEqualsWithDelta([5.0, 7.0], $extent(RunBuilder::finding(Kind::LowSpot, 5.0, ['to_m' => 7.0]), 30.0), 1e-9);
        self::assertEqualsWithDelta([0.0, 0.4], $extent(RunBuilder::finding(Kind::Hole, 0.1), 30.0), 1e-9);
        self::assertEqualsWithDelta([29.7, 30.0], $extent(RunBuilder::finding(Kind::Hole, 30.0), 30.0), 1e-9);
    }

    /** @return array<string, array{list<array{Kind, array<string, mixed>}>, list<LiningBar>, list<LiningFirst>}> */
    public static function shapes(): array
    {
        $of = self::trouble(...);

        return [
            'a seal' => [[$of(Kind::FailedSeal)], [], []],
            'a sag stays under a liner' => [[$of(Kind::LowSpot, ['to_m' => 6.0, 'size' => 30])], [LiningBar::Sag], []],
            'a break holds' => [[$of(Kind::BrokenPipe)], [], []],
            'the crown is gone' => [[$of(Kind::BrokenPipe, ['facts' => ['crown_gone' => 'yes']])], [LiningBar::Collapse], []],
            'a void behind a hole' => [[$of(Kind::Hole, ['facts' => ['void_seen' => 'yes']])], [LiningBar::Collapse], []],
            'out of round by the limit' => [[$of(Kind::OutOfRound, ['size' => 15])], [], []],
            'out of round over it' => [[$of(Kind::OutOfRound, ['size' => 15.1])], [LiningBar::Collapse], []],
            'a step of the limit' => [[$of(Kind::OffsetJoint, ['size' => 30, 'unit' => 'mm'])], [], []],
            'a step over it' => [[$of(Kind::OffsetJoint, ['size' => 31, 'unit' => 'mm'])], [LiningBar::Offset], []],
            'the camera could not pass the step' => [
                [$of(Kind::OffsetJoint, ['size' => 5, 'unit' => 'mm', 'facts' => ['camera_passed' => 'no']])], [LiningBar::Offset], [],
            ],
            'pulled apart a little' => [[$of(Kind::SeparatedJoint, ['size' => 50])], [], []],
            'pulled apart' => [[$of(Kind::SeparatedJoint, ['size' => 51])], [LiningBar::Apart], []],
            'a wrong fitting' => [[$of(Kind::WrongFitting)], [LiningBar::WrongConnection], []],
            'roots are cut first' => [[$of(Kind::RootCords, ['size' => 20])], [], [LiningFirst::CutRoots]],
            'beside roots a step over the limit' => [
                [$of(Kind::RootCords, ['size' => 20]), $of(Kind::OffsetJoint, ['size' => 40, 'unit' => 'mm'])],
                [LiningBar::Offset], [LiningFirst::CutRoots],
            ],
            'scale in the joint is cleaned first' => [[$of(Kind::FailedSeal), $of(Kind::Scale, ['size' => 10])], [], [LiningFirst::Clean]],
        ];
    }

    /**
     * @param non-empty-list<array{Kind, array<string, mixed>}> $troubles of one joint
     * @param list<LiningBar> $bars
     * @param list<LiningFirst> $first
     */
    #[DataProvider('shapes')]
    public function testALinerGoesWhereTheShapeHolds(array $troubles, array $bars, array $first): void
    {
        $findings = array_map(static fn (array $each) => RunBuilder::finding($each[0], 5.0, $each[1]), $troubles);
        $mendable = self::mendable($findings[0], beside: \array_slice($findings, 1));
        self::assertSame($bars, $mendable->bars());
        self::assertSame($first, $mendable->first());
    }

    /**
     * @param array<string, mixed> $more
     *
     * @return array{Kind, array<string, mixed>}
     */
    private static function trouble(Kind $kind, array $more = []): array
    {
        return [$kind, $more];
    }

    /** @param list<Finding> $beside */
    private static function mendable(
        Finding $finding, ?Need $need = Need::Mend, ?Remedy $remedy = null, ?Need $own = null, array $beside = [],
    ): Mendable {
        $judgement = new Judgement($finding->id, 'a.rule', $need, null === $need, $remedy, [], [], null);
        $own = null === $own ? null : new Override($own, 'seen it', 'Ana');

        return new Mendable(
            $finding, null === $own ? $judgement : $judgement->overriddenBy($own), $beside, Length::millimetres(100.0),
            HouseRules::of(School::Carrying, School::Upkeep, []),
        );
    }
}
