<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Judge;

use Jurvex\Core\Finding\Extent;
use Jurvex\Core\Finding\Fact;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Finding\Material;
use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Judge\HouseRules;
use Jurvex\Core\Judge\Judge;
use Jurvex\Core\Judge\Judgement;
use Jurvex\Core\Judge\Need;
use Jurvex\Core\Judge\Override;
use Jurvex\Core\Judge\Remedy;
use Jurvex\Core\Judge\RuleBook;
use Jurvex\Core\Judge\School;
use Jurvex\Core\Tests\RunBuilder;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class RuleBookTest extends TestCase
{
    /**
     * Kind, what was logged at 10 m in clay of 100 mm, class, rule.
     *
     * @return iterable<string, array{Kind, array<string, mixed>, ?Need, string}>
     */
    public static function houseRules(): iterable
    {
        $off = ['facts' => ['water' => 'off']];
        $table = [
            [Kind::LowSpot, ['to_m' => 11.5, 'size' => 25] + $off, Need::Mend, 'water.long_and_deep'],
            [Kind::LowSpot, ['to_m' => 11.49, 'size' => 25] + $off, Need::Watch, 'water.between'],
            [Kind::LowSpot, ['to_m' => 11.0, 'size' => 40] + $off, Need::Mend, 'water.deep_for_bore'],
            [Kind::LowSpot, ['to_m' => 11.0, 'size' => 14.9] + $off, Need::Leave, 'water.short_and_shallow'],
            [Kind::LowSpot, ['to_m' => 11.0, 'size' => 15] + $off, Need::Watch, 'water.between'],
            [
                Kind::LowSpot,
                ['to_m' => 10.2, 'size' => 3, 'facts' => ['water' => 'off', 'deposit_in_it' => 'again_after_cleaning']],
                Need::Mend,
                'water.deposit_again',
            ],
            [
                Kind::LowSpot,
                ['to_m' => 12.0, 'size' => 60, 'facts' => ['water' => 'off', 'deposit_in_it' => 'first_time']],
                null,
                'water.deposit_first',
            ],
            [Kind::LowSpot, ['to_m' => 12.0, 'size' => 60, 'facts' => ['water' => 'on']], null, 'water.running'],
            [Kind::LowSpot, ['to_m' => 12.0, 'size' => 60], null, 'water.not_said'],
            [Kind::LowSpot, ['to_m' => 12.0] + $off, null, 'water.not_measured'],
            [Kind::StandingWater, ['to_m' => 12.0, 'size' => 30] + $off, Need::KeepClean, 'water.behind_obstruction'],
            [Kind::RootThreads, ['size' => 9.9], Need::KeepClean, 'roots.light'],
            [Kind::RootCords, ['size' => 10], Need::KeepClean, 'roots.some'],
            [Kind::RootClump, ['size' => 50], Need::Now, 'roots.heavy'],
            [Kind::RootCords, [], null, 'roots.not_measured'],
            [Kind::RootThreads, ['size' => 2, 'facts' => ['back_after_cutting' => 'yes']], Need::Mend, 'roots.back'],
            [Kind::OffsetJoint, ['size' => 9.9, 'facts' => ['facing' => 'with_flow']], Need::Watch, 'offset.watch'],
            [
                Kind::OffsetJoint,
                ['size' => 9, 'unit' => 'mm', 'facts' => ['facing' => 'against_flow']],
                Need::Watch,
                'offset.watch_facing',
            ],
            [Kind::OffsetJoint, ['size' => 10], Need::Mend, 'offset.convenience_not_said'],
            [Kind::OffsetJoint, ['size' => 30, 'facts' => ['facing' => 'with_flow']], Need::Mend, 'offset.convenience'],
            [Kind::OffsetJoint, ['size' => 31, 'unit' => 'mm'], Need::Mend, 'offset.large_not_said'],
            [Kind::OffsetJoint, ['size' => 31, 'facts' => ['facing' => 'against_flow']], Need::Now, 'offset.large_facing'],
            [Kind::OffsetJoint, ['size' => 15, 'facts' => ['facing' => 'against_flow']], Need::Mend, 'offset.convenience_facing'],
            [Kind::OffsetJoint, ['size' => 5, 'facts' => ['camera_passed' => 'no']], Need::Now, 'offset.camera_stopped'],
            [Kind::OffsetJoint, [], null, 'offset.not_measured'],
            [Kind::SeparatedJoint, ['facts' => ['soil_seen' => 'yes']], Need::Mend, 'joint.soil'],
            [Kind::SeparatedJoint, ['size' => 20, 'facts' => ['soil_seen' => 'no']], Need::Watch, 'joint.no_soil'],
            [Kind::FailedSeal, [], null, 'joint.not_said'],
            [Kind::SoundJoint, [], Need::Leave, 'joint.sound'],
            [Kind::Crack, ['facts' => ['crack_state' => 'closed']], Need::Watch, 'crack.closed'],
            [Kind::Crack, ['facts' => ['crack_state' => 'several']], Need::Mend, 'crack.several'],
            [Kind::Crack, [], null, 'crack.not_said'],
            [Kind::BrokenPipe, [], Need::Mend, 'break.not_said'],
            [Kind::Hole, ['facts' => ['void_seen' => 'yes']], Need::Now, 'break.void_seen'],
            [Kind::Hole, ['facts' => ['soil_seen' => 'yes']], Need::Now, 'break.soil_seen'],
            [Kind::BrokenPipe, ['facts' => ['crown_gone' => 'yes']], Need::Now, 'break.crown_gone'],
            [Kind::WornInvert, ['to_m' => 30, 'facts' => ['wear' => 'rough']], Need::Watch, 'worn.rough'],
            [Kind::WornInvert, ['to_m' => 14, 'facts' => ['wear' => 'thin']], Need::KeepClean, 'worn.thin'],
            [Kind::WornInvert, ['to_m' => 14, 'facts' => ['wear' => 'gone']], Need::Mend, 'worn.gone'],
            [Kind::WornInvert, ['to_m' => 26, 'facts' => ['wear' => 'thin']], Need::Mend, 'worn.most_of_stretch'],
            [Kind::Blister, [], Need::Watch, 'blister.other'],
            [Kind::OutOfRound, ['size' => 5], Need::Watch, 'round.little'],
            [Kind::OutOfRound, ['size' => 15], Need::Mend, 'round.some'],
            [Kind::OutOfRound, ['size' => 16], Need::Now, 'round.much'],
            [Kind::OldPatch, [], Need::Mend, 'patch.old'],
            [Kind::Grease, ['size' => 9.9], Need::Leave, 'deposit.little'],
            [Kind::Sediment, ['size' => 25], Need::KeepClean, 'deposit.some'],
            [Kind::Scale, ['size' => 25.1], Need::Now, 'deposit.much'],
            [Kind::Grease, ['size' => 5, 'unit' => 'mm'], Need::KeepClean, 'deposit.some'],
            [Kind::Sediment, ['size' => 50, 'unit' => 'mm'], Need::Now, 'deposit.much'],
            [Kind::Stone, ['facts' => ['moves' => 'stays']], null, 'object.stays'],
            [Kind::Rag, ['facts' => ['moves' => 'moves']], Need::KeepClean, 'object.moves'],
            [Kind::BrokenCable, ['facts' => ['moves' => 'blocks_camera']], Need::Now, 'object.blocks_camera'],
            [Kind::CrossBore, ['sureness' => 'cannot_say'], Need::Now, 'object.cross_bore'],
            [Kind::WrongFitting, [], Need::Mend, 'connection.wrong'],
            [Kind::TieIn, [], Need::Leave, 'connection.not_said'],
            [Kind::TieIn, ['facts' => ['condition' => 'not_known']], Need::Leave, 'connection.not_said'],
            [Kind::TieIn, ['facts' => ['condition' => 'not_sound']], Need::Mend, 'connection.not_sound'],
            [Kind::ShortFall, ['size' => 1.0], Need::Watch, 'fall.short'],
            [Kind::ShortFall, ['size' => 1.04], Need::Leave, 'fall.meets'],
            [Kind::ShortFall, ['size' => 1.7, 'facts' => ['tilt_step_deg' => 1]], null, 'fall.cannot_tell'],
            [Kind::ShortFall, ['size' => 2, 'facts' => ['falls_back' => 'yes']], Need::Watch, 'fall.back'],
            [Kind::CannotGoFurther, [], null, 'way.stopped'],
            [Kind::Bend, ['size' => 45], Need::Leave, 'way.noted'],
            [Kind::RootThreads, ['size' => 5, 'sureness' => 'cannot_say'], null, 'roots.light'],
            [Kind::OldPatch, ['sureness' => 'cannot_say'], Need::Mend, 'patch.old'],
        ];
        foreach ($table as $number => $row) {
            yield $number.' '.$row[3] => $row;
        }
    }

    /** @param array<string, mixed> $logged */
    #[DataProvider('houseRules')]
    public function testTheHouseJudges(Kind $kind, array $logged, ?Need $need, string $rule): void
    {
        $judgement = self::judge([RunBuilder::finding($kind, 10, $logged)]);
        self::assertSame([$rule, $need], [$judgement->rule, $judgement->need]);
    }

    public function testWhatWasMeasuredWhereNobodyNotedTheBoreWaitsForTheBore(): void
    {
        foreach (['offset.no_bore' => Kind::OffsetJoint, 'deposit.no_bore' => Kind::Grease] as $rule => $kind) {
            foreach (['mm' => true, 'percent' => false] as $unit => $waits) {
                $run = RunBuilder::run([RunBuilder::finding($kind, 10, ['size' => 12, 'unit' => $unit])], boreMm: null);
                $judgement = (new Judge(HouseRules::starting()))->judge($run->findings[0], $run);
                self::assertSame([$waits, $waits], [$rule === $judgement->rule, Remedy::NoteBore === $judgement->remedy]);
            }
        }
    }

    public function testTheGradeSchoolMendsWhatTheCarryingSchoolLeaves(): void
    {
        $spot = RunBuilder::finding(Kind::LowSpot, 10, ['to_m' => 10.3 + 1e-9, 'size' => 3, 'facts' => ['water' => 'off']]);
        $judgement = self::judge([$spot]);
        self::assertSame([Need::Leave, School::Carrying], [$judgement->need, $judgement->school]);
        self::assertSame([Need::Mend, 'water.stands'], [$judgement->otherSchool?->need, $judgement->otherSchool?->rule]);
        $least = RunBuilder::finding(Kind::LowSpot, 0, ['to_m' => 0.3, 'size' => 3, 'facts' => ['water' => 'off']]);
        self::assertSame(Need::Mend, self::judge([$least])->otherSchool?->need);
        $other = self::judge([$spot], rules: HouseRules::starting()->with(School::Grade, null));
        self::assertSame([Need::Mend, Need::Leave], [$other->need, $other->otherSchool?->need]);
        self::assertSame(
            Need::Leave,
            self::judge(
                [RunBuilder::finding(Kind::LowSpot, 10, ['to_m' => 12, 'size' => 2.9, 'facts' => ['water' => 'off']])],
                rules: HouseRules::starting()->with(School::Grade, null),
            )->need,
        );
    }

    public function testTheSourceSchoolMendsEveryJointThatLetsRootsIn(): void
    {
        $judgement = self::judge(
            [RunBuilder::finding(Kind::RootThreads, 10, ['size' => 1])],
            rules: HouseRules::starting()->with(null, School::Source),
        );
        self::assertSame([Need::Mend, 'roots.source', Need::KeepClean], [
            $judgement->need,
            $judgement->rule,
            $judgement->otherSchool?->need,
        ]);
    }

    public function testRootsBetweenWeldedPlasticAreAFailedJointWhateverTheirSize(): void
    {
        $roots = RunBuilder::finding(Kind::RootThreads, 10, ['size' => 1]);
        self::assertSame('roots.welded', self::judge([$roots], Material::PvcWelded)->rule);
        self::assertSame(
            'roots.light',
            self::judge(
                [$roots, RunBuilder::finding(Kind::Transition, 10.2, ['facts' => ['material_after' => 'clay']])],
                Material::PvcWelded,
            )->rule,
            'at a transition to clay',
        );
        self::assertSame('roots.light', self::judge([$roots], Material::PvcGasketed)->rule);
    }

    public function testRootsWithDamageAtTheSamePlaceAreMended(): void
    {
        $roots = RunBuilder::finding(Kind::RootThreads, 10, ['size' => 5]);
        self::assertSame('roots.with_damage', self::judge([$roots, RunBuilder::finding(Kind::OffsetJoint, 10.3)])->rule);
        self::assertSame('roots.light', self::judge([$roots, RunBuilder::finding(Kind::OffsetJoint, 10.31)])->rule);
    }

    public function testThreeRootJointsInTenMetresRenewTheStretch(): void
    {
        $at = static fn (float $place) => RunBuilder::finding(Kind::RootThreads, $place, ['size' => 5]);
        self::assertSame('roots.many', self::judge([$at(10), $at(5), $at(15)])->rule);
        self::assertSame('roots.light', self::judge([$at(10), $at(4.9), $at(15)])->rule);
        self::assertSame('roots.light', self::judge([$at(10), $at(10), $at(10)])->rule, 'three at one joint are one joint');
        self::assertSame(
            Need::Now,
            self::judge([RunBuilder::finding(Kind::RootClump, 10, ['size' => 60]), $at(5), $at(15)])->need,
            'and heavy ones stay urgent',
        );
    }

    public function testBlistersInBituminisedFibreRenewTheStretch(): void
    {
        self::assertSame('blister.fibre', self::judge([RunBuilder::finding(Kind::Blister, 10)], Material::BituminisedFibre)->rule);
    }

    public function testEveryKindIsAnsweredUnderEverySchool(): void
    {
        foreach ([School::Carrying, School::Grade] as $water) {
            foreach ([School::Upkeep, School::Source] as $roots) {
                foreach (Kind::cases() as $kind) {
                    $finding = RunBuilder::finding($kind, 10, Extent::Stretch === $kind->extent() ? ['to_m' => 12] : []);
                    self::assertNotSame('', self::judge([$finding], rules: HouseRules::of($water, $roots, []))->rule);
                }
            }
        }
    }

    public function testEveryRuleAnswersForSomethingThatCanBeLogged(): void
    {
        $answered = [];
        foreach ([School::Upkeep, School::Source] as $i => $roots) {
            $rules = HouseRules::of([School::Carrying, School::Grade][$i], $roots, []);
            foreach ([Material::Clay, Material::PvcWelded, Material::BituminisedFibre] as $material) {
                foreach (Kind::cases() as $kind) {
                    foreach (self::everythingOf($kind) as $logged) {
                        $finding = RunBuilder::finding($kind, 10, $logged);
                        foreach ([[], [RunBuilder::finding(Kind::BrokenPipe, 10)], self::rootsFrom(11)] as $beside) {
                            $run = RunBuilder::run([$finding, ...$beside], $material);
                            $answered[(new Judge($rules))->judge($finding, $run)->rule] = true;
                        }
                    }
                }
            }
        }
        $codes = array_map(static fn ($rule) => $rule->code, RuleBook::rules());
        self::assertSame(array_unique($codes), $codes);
        self::assertSame(['offset.no_bore', 'deposit.no_bore'], array_values(array_diff($codes, array_keys($answered))));
    }

    /** @return list<Finding> */
    private static function rootsFrom(float $metres): array
    {
        return [RunBuilder::finding(Kind::RootThreads, $metres), RunBuilder::finding(Kind::RootThreads, $metres + 1)];
    }

    /** @return iterable<array<string, mixed>> each size with each answer, or none, to what the kind asks */
    private static function everythingOf(Kind $kind): iterable
    {
        $answers = [[]];
        foreach ($kind->facts() as $fact) {
            $with = $answers;
            $choices = $fact->isNumber() ? [1.0] : $fact->choices();
            foreach (Fact::MaterialAfter === $fact ? [] : $choices as $choice) {
                foreach ($answers as $given) {
                    $with[] = [$fact->value => $choice] + $given;
                }
            }
            $answers = $with;
        }
        $sizes = [[null, 1.5], [null, 19.0]];
        $sizes = [] === $kind->units() ? $sizes : [...$sizes, [0.2, 0.1], [1.5, 0.1], [2, 0.1], [12, 1.0], [20, 1.0], [30, 2.0], [60, 1.0]];
        foreach ($sizes as [$size, $length]) {
            foreach ($answers as $given) {
                yield array_filter(
                    ['size' => $size, 'facts' => $given, 'to_m' => Extent::Point === $kind->extent() ? null : 10 + $length],
                    static fn ($value) => null !== $value,
                );
            }
        }
    }

    public function testMoreOfTheSameIsNeverJudgedMilder(): void
    {
        $kinds = [
            [Kind::LowSpot, ['to_m' => 11, 'facts' => ['water' => 'off']]],
            [Kind::LowSpot, ['to_m' => 14, 'facts' => ['water' => 'off']]], [Kind::RootCords, []],
            [Kind::OffsetJoint, []], [Kind::OutOfRound, []], [Kind::Grease, []], [Kind::Sediment, ['unit' => 'mm']],
        ];
        foreach ([HouseRules::starting(), HouseRules::starting()->with(School::Grade, School::Source)] as $rules) {
            foreach ($kinds as [$kind, $more]) {
                $before = Need::Leave;
                for ($size = 1; $size <= 99; ++$size) {
                    $need = self::judge([RunBuilder::finding($kind, 10, ['size' => $size] + $more)], rules: $rules)->need;
                    self::assertNotNull($need);
                    self::assertGreaterThanOrEqual($before->level(), $need->level(), $kind->value.' at '.$size);
                    $before = $need;
                }
            }
        }
    }

    public function testAHouseLimitMovesTheAnswerAndIsNamedInIt(): void
    {
        $rules = HouseRules::of(School::Carrying, School::Upkeep, ['roots_heavy_percent' => 30]);
        $judgement = self::judge([RunBuilder::finding(Kind::RootClump, 10, ['size' => 30])], rules: $rules);
        self::assertSame([Need::Now, ['roots_heavy_percent' => 30.0], 30.0], [
            $judgement->need,
            $judgement->limits,
            $judgement->values['share_percent'],
        ]);
        $this->expectException(BadInput::class);
        HouseRules::of(School::Carrying, School::Upkeep, ['roots_heavy_percent' => 101]);
    }

    public function testTheTechniciansOwnClassCountsAndTheRulesStaysBesideIt(): void
    {
        $own = self::judge([RunBuilder::finding(Kind::Crack, 10)])->overriddenBy(new Override(Need::Watch, 'hairline, seen twice', 'Ana'));
        self::assertSame([Need::Watch, null, false], [$own->counts(), $own->need, $own->asksForAnotherLook()]);
    }

    /** @param non-empty-list<Finding> $findings the first one is judged */
    private static function judge(array $findings, Material $material = Material::Clay, ?HouseRules $rules = null): Judgement
    {
        return (new Judge($rules ?? HouseRules::starting()))->judge($findings[0], RunBuilder::run($findings, $material));
    }
}
