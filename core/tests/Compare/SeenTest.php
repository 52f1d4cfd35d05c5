<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Compare;

use Jurvex\Core\Compare\Extent;
use Jurvex\Core\Compare\Feature;
use Jurvex\Core\Compare\FeatureKind;
use Jurvex\Core\Compare\Seen;
use Jurvex\Core\Finding\Extent as Reach;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Finding\Material;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Run\EndReason;
use Jurvex\Core\Run\RunRecord;
use Jurvex\Core\Run\Travel;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SeenTest extends TestCase
{
    /** @return iterable<string, array{Kind}> */
    public static function kinds(): iterable
    {
        foreach (Kind::cases() as $kind) {
            yield $kind->value => [$kind];
        }
    }

    /** Whatever is logged is something that stays, something whose fate is asked, both, or a mere end of sight. */
    #[DataProvider('kinds')]
    public function testEveryKindStaysOrMayComeAndGo(Kind $kind): void
    {
        $seen = Seen::by(self::look([self::finding($kind, 5.0)], 9.0));
        $stays = match ($kind) {
            Kind::SoundJoint, Kind::OffsetJoint, Kind::SeparatedJoint, Kind::FailedSeal => FeatureKind::Joint,
            Kind::TieIn, Kind::WrongFitting, Kind::StubbedHose, Kind::DeadLeg => FeatureKind::TieIn,
            Kind::Transition => FeatureKind::Transition, Kind::Bend => FeatureKind::Bend,
            Kind::Tap => FeatureKind::Tap, Kind::OpeningSeen => FeatureKind::OpeningSeen,
            default => null,
        };
        $isOnlyTheWay = $kind->isPlain() || Kind::TieIn === $kind || Kind::CannotGoFurther === $kind;

        self::assertSame(null === $stays ? [] : [$stays], array_map(static fn (Feature $each) => $each->kind, $seen->features));
        self::assertCount($isOnlyTheWay ? 0 : 1, $seen->findings);
    }

    public function testSeveralTroublesOfOneJointAreOneJoint(): void
    {
        $seen = Seen::by(self::look([
            self::finding(Kind::OffsetJoint, 5.0), self::finding(Kind::RootCords, 5.05, true), self::finding(Kind::RootCords, 6.5, true),
            self::finding(Kind::RootCords, 8.0), self::finding(Kind::TieIn, 5.0),
        ], 9.0));

        self::assertEqualsCanonicalizing(
            [['joint', 5.0], ['joint', 6.5], ['tie_in', 5.0]],
            array_map(static fn (Feature $each) => [$each->kind->value, $each->at], $seen->features),
        );
    }

    /** @return array<string, array{float, bool}> */
    public static function places(): array
    {
        return [
            'well before zero' => [-0.5, false], 'a counter\'s error before zero' => [-0.2, true], 'on the way' => [4.0, true],
            'under water' => [6.5, false], 'through a dirty lens' => [7.5, false], 'seen again' => [8.5, true],
            'a counter\'s error past the end' => [9.2, true], 'beyond the end' => [9.5, false],
        ];
    }

    #[DataProvider('places')]
    public function testWhatItDidNotSeeWellItDidNotSee(float $at, bool $isSeen): void
    {
        $seen = Seen::by(self::look([
            Finding::read(new Input([
                'id' => 'w', 'kind' => 'standing_water', 'from_m' => 6.0, 'to_m' => 7.0, 'facts' => ['lens_under' => 'yes'],
            ])),
            Finding::read(new Input(['id' => 'd', 'kind' => 'sight_limited', 'from_m' => 7.1, 'to_m' => 8.0])),
        ], 9.0));

        self::assertSame($isSeen, !$seen->couldNotSee($at));
    }

    public function testTurnedAboutTheLookEndsWhereItBegan(): void
    {
        $seen = new Seen(
            [new Feature(FeatureKind::Bend, 2.0)], [self::finding(Kind::Crack, 3.0)], [new Extent(6.0, 8.0)],
        );
        $turned = $seen->reversed(10.0);

        self::assertSame([8.0, 7.0], [$turned->features[0]->at, $turned->findings[0]->from->metres]);
        self::assertEquals([new Extent(2.0, 4.0)], $turned->unseen);
        self::assertEquals($seen, $turned->reversed(10.0));
    }

    public function testWhatLiesBeyondTheEndIsAtTheBeginningOfTheWayBack(): void
    {
        $turned = (new Seen([], [self::finding(Kind::RootCords, 10.4), self::finding(Kind::Crack, 10.0)], []))->reversed(10.0);

        self::assertSame([0.0, 0.0], array_map(static fn (Finding $each) => $each->from->metres, $turned->findings));
    }

    public function testFromAnotherZeroEverythingThatStaysIsAsMuchNearer(): void
    {
        $seen = Seen::featuresFrom(self::look([self::finding(Kind::TieIn, 5.0), self::finding(Kind::Crack, 6.0)], 9.0), 1.5);

        self::assertEquals([new Feature(FeatureKind::TieIn, 3.5)], $seen->features);
        self::assertSame([], $seen->findings);
    }

    /** @param list<Finding> $findings */
    private static function look(array $findings, float $reached): RunRecord
    {
        return new RunRecord(
            $findings, Material::Clay, Length::millimetres(100), Travel::Downstream, null, Length::metres($reached), EndReason::MainReached,
        );
    }

    private static function finding(Kind $kind, float $at, bool $atJoint = false): Finding
    {
        return Finding::read(new Input([
            'id' => $kind->value.$at, 'kind' => $kind->value, 'from_m' => $at, 'at_joint' => $atJoint,
        ] + (Reach::Stretch === $kind->extent() ? ['to_m' => $at + 0.5] : [])));
    }
}
