<?php

declare(strict_types=1);

namespace Jurvex\Core\Judge;

use Jurvex\Core\Finding\Fact;
use Jurvex\Core\Finding\Family;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Finding\Material;

/** The rules in order: the first that holds answers. Every kind ends in a rule that always holds. */
final class RuleBook
{
    /** @var ?array<string, list<Rule>> by kind */
    private static ?array $byKind = null;

    /** @return list<Rule> the rules that can answer for a kind, in order */
    public static function for(Kind $kind): array
    {
        if (null === self::$byKind) {
            foreach (self::rules() as $rule) {
                foreach ($rule->kinds as $each) {
                    self::$byKind[$each->value][] = $rule;
                }
            }
        }

        return self::$byKind[$kind->value] ?? [];
    }

    /** Whether the schools judge this kind differently. */
    public static function divides(Kind $kind): bool
    {
        return Kind::LowSpot === $kind || Family::Roots === $kind->family();
    }

    /** @return list<Rule> */
    public static function rules(): array
    {
        return [
            ...self::standingWater(), ...self::roots(), ...self::joints(), ...self::wall(),
            ...self::deposits(), ...self::objects(), ...self::connections(), ...self::way(),
        ];
    }

    /** @return list<Rule> */
    private static function standingWater(): array
    {
        $water = [Kind::LowSpot];
        $size = ['depth_mm', 'length_m'];

        return [
            new Rule(
                'water.running', Family::Water->kinds(),
                static fn (Evidence $e) => !$e->finding->says(Fact::Water, 'off'), null, Remedy::LookWaterOff,
                ['water'],
            ),
            new Rule(
                'water.behind_obstruction', [Kind::StandingWater], static fn () => true, Need::KeepClean,
                Remedy::CleanThenLook, ['depth_mm'],
            ),
            new Rule('water.not_measured', $water, static fn (Evidence $e) => null === $e->depthMm(), null, Remedy::Measure, $size),
            new Rule(
                'water.deposit_again', $water,
                static fn (Evidence $e) => $e->finding->says(Fact::DepositInIt, 'again_after_cleaning'), Need::Mend,
                null, ['deposit_in_it'], [], School::Carrying,
            ),
            new Rule(
                'water.deposit_first', $water,
                static fn (Evidence $e) => $e->finding->says(Fact::DepositInIt, 'first_time'), null,
                Remedy::CleanThenLook, ['deposit_in_it'], [], School::Carrying,
            ),
            new Rule(
                'water.long_and_deep', $water,
                static fn (Evidence $e) => $e->finding->lengthMetres() >= $e->limit('low_spot_long_m')
                    && $e->depthMm() >= $e->limit('low_spot_deep_mm'),
                Need::Mend, null, $size, ['low_spot_long_m', 'low_spot_deep_mm'], School::Carrying,
            ),
            new Rule(
                'water.deep_for_bore', $water,
                static fn (Evidence $e) => null !== $e->depthPercent() && $e->depthPercent() >= $e->limit('low_spot_share_percent'),
                Need::Mend, null, ['depth_mm', 'bore_mm', 'depth_percent'], ['low_spot_share_percent'],
                School::Carrying,
            ),
            new Rule(
                'water.short_and_shallow', $water,
                static fn (Evidence $e) => $e->finding->lengthMetres() < $e->limit('low_spot_long_m')
                    && $e->depthMm() < $e->limit('low_spot_shallow_mm'),
                Need::Leave, null, $size, ['low_spot_long_m', 'low_spot_shallow_mm'], School::Carrying,
            ),
            new Rule(
                'water.between', $water, static fn () => true, Need::Watch, null, $size,
                ['low_spot_long_m', 'low_spot_deep_mm', 'low_spot_shallow_mm'], School::Carrying,
            ),
            new Rule(
                'water.stands', $water,
                static fn (Evidence $e) => $e->finding->lengthMetres() >= $e->limit('grade_water_m')
                    && $e->depthMm() >= $e->limit('grade_water_mm'),
                Need::Mend, null, $size, ['grade_water_m', 'grade_water_mm'], School::Grade,
            ),
            new Rule(
                'water.trace', $water, static fn () => true, Need::Leave, null, $size,
                ['grade_water_m', 'grade_water_mm'], School::Grade,
            ),
        ];
    }

    /** @return list<Rule> */
    private static function roots(): array
    {
        $roots = Family::Roots->kinds();
        $share = ['share_percent', 'material'];
        $many = static fn (Evidence $e) => $e->finding->says(Fact::BackAfterCutting)
            || $e->rootJointsNear() >= $e->limit('roots_many_joints');
        $heavy = static fn (Evidence $e) => (float) $e->value('share_percent') >= $e->limit('roots_heavy_percent');
        $renew = [
            ['root_joints', 'back_after_cutting', 'share_percent'],
            ['roots_many_joints', 'roots_many_within_m', 'roots_heavy_percent'],
            School::Upkeep,
        ];

        return [
            new Rule(
                'roots.welded', $roots, static fn (Evidence $e) => $e->isWeldedPlastic(), Need::Mend, null,
                ['material_before', 'material'],
            ),
            new Rule(
                'roots.many_heavy', $roots, static fn (Evidence $e) => $many($e) && $heavy($e), Need::Now,
                Remedy::RenewStretch, ...$renew,
            ),
            new Rule(
                'roots.many', $roots, $many, Need::Mend, Remedy::RenewStretch, ['root_joints', 'back_after_cutting'],
                ['roots_many_joints', 'roots_many_within_m'],
            ),
            new Rule('roots.heavy', $roots, $heavy, Need::Now, Remedy::CutThenKeepClean, $share, ['roots_heavy_percent'], School::Upkeep),
            new Rule(
                'roots.with_damage', $roots, static fn (Evidence $e) => $e->hasDamageBeside(), Need::Mend, null,
                ['share_percent'], ['same_place_m'],
            ),
            new Rule('roots.source', $roots, static fn () => true, Need::Mend, null, $share, [], School::Source),
            new Rule(
                'roots.not_measured', $roots, static fn (Evidence $e) => null === $e->value('share_percent'), null,
                Remedy::Measure, $share,
            ),
            new Rule(
                'roots.light', $roots,
                static fn (Evidence $e) => (float) $e->value('share_percent') < $e->limit('roots_light_percent'),
                Need::KeepClean, null, $share, ['roots_light_percent'], School::Upkeep,
            ),
            new Rule(
                'roots.some', $roots, static fn () => true, Need::KeepClean, Remedy::CutThenKeepClean, $share,
                ['roots_light_percent', 'roots_heavy_percent'], School::Upkeep,
            ),
        ];
    }

    /** @return list<Rule> */
    private static function joints(): array
    {
        $offset = [Kind::OffsetJoint];
        $facing = static fn (Evidence $e) => $e->finding->says(Fact::Facing, 'against_flow');
        $uses = ['step_percent', 'facing'];
        $steps = [
            [
                'watch', static fn (Evidence $e) => $e->stepPercent() < $e->limit('offset_watch_percent'), Need::Watch,
                null, ['offset_watch_percent'],
            ],
            [
                'convenience', static fn (Evidence $e) => $e->stepPercent() <= $e->limit('offset_convenience_percent'),
                Need::Mend, Remedy::AtConvenience, ['offset_watch_percent', 'offset_convenience_percent'],
            ],
            ['large', static fn () => true, Need::Mend, null, ['offset_convenience_percent']],
        ];
        $rules = [
            new Rule(
                'offset.camera_stopped', $offset,
                static fn (Evidence $e) => $e->finding->says(Fact::CameraPassed, Fact::NO), Need::Now, null,
                ['camera_passed'],
            ),
            new Rule('offset.not_measured', $offset, static fn (Evidence $e) => null === $e->stepPercent(), null, Remedy::Measure, $uses),
        ];
        foreach ($steps as [$name, $when, $need, $remedy, $limits]) {
            // A step that faces the flow catches what comes: one class higher, and no longer at convenience.
            $rules[] = new Rule(
                'offset.'.$name.'_facing', $offset, static fn (Evidence $e) => $facing($e) && $when($e),
                $need->oneHigher(), null, $uses, $limits,
            );
            $rules[] = new Rule('offset.'.$name, $offset, $when, $need, $remedy, $uses, $limits);
        }

        return [
            ...$rules,
            new Rule(
                'joint.soil', [Kind::SeparatedJoint, Kind::FailedSeal],
                static fn (Evidence $e) => $e->finding->says(Fact::SoilSeen), Need::Mend, null, ['soil_seen'],
            ),
            new Rule('joint.no_soil', [Kind::SeparatedJoint, Kind::FailedSeal], static fn () => true, Need::Watch, null, ['soil_seen']),
            new Rule('joint.sound', [Kind::SoundJoint], static fn () => true, Need::Leave),
        ];
    }

    /** @return list<Rule> */
    private static function wall(): array
    {
        $broken = [Kind::BrokenPipe, Kind::Hole];
        $worn = [Kind::WornInvert];
        $round = [Kind::OutOfRound];
        $danger = static fn (Evidence $e) => $e->finding->says(Fact::VoidSeen)
            || $e->finding->says(Fact::SoilSeen)
            || $e->finding->says(Fact::CrownGone);

        return [
            new Rule(
                'crack.closed', [Kind::Crack], static fn (Evidence $e) => $e->finding->says(Fact::CrackState, 'closed'),
                Need::Watch, null, ['crack_state'],
            ),
            new Rule(
                'crack.open', [Kind::Crack], static fn (Evidence $e) => null !== $e->finding->fact(Fact::CrackState),
                Need::Mend, null, ['crack_state'],
            ),
            new Rule('crack.not_said', [Kind::Crack], static fn () => true, null, Remedy::Measure, ['crack_state']),
            new Rule('break.ground_lost', $broken, $danger, Need::Now, null, ['void_seen', 'soil_seen', 'crown_gone']),
            new Rule('break.open', $broken, static fn () => true, Need::Mend, null, ['void_seen', 'soil_seen', 'crown_gone']),
            new Rule(
                'worn.most_of_stretch', $worn,
                static fn (Evidence $e) => !$e->finding->says(Fact::Wear, 'rough')
                    && $e->wornShareOfStretch() > $e->limit('worn_renew_share_percent'),
                Need::Mend, Remedy::RenewStretch, ['wear', 'share_of_stretch_percent'], ['worn_renew_share_percent'],
            ),
            new Rule('worn.gone', $worn, static fn (Evidence $e) => $e->finding->says(Fact::Wear, 'gone'), Need::Mend, null, ['wear']),
            new Rule('worn.thin', $worn, static fn (Evidence $e) => $e->finding->says(Fact::Wear, 'thin'), Need::KeepClean, null, ['wear']),
            new Rule('worn.rough', $worn, static fn (Evidence $e) => $e->finding->says(Fact::Wear, 'rough'), Need::Watch, null, ['wear']),
            new Rule('worn.not_said', $worn, static fn () => true, null, Remedy::Measure, ['wear']),
            new Rule(
                'blister.fibre', [Kind::Blister], static fn (Evidence $e) => $e->isIn(Material::BituminisedFibre),
                Need::Mend, Remedy::RenewStretch, ['material'],
            ),
            new Rule('blister.other', [Kind::Blister], static fn () => true, Need::Watch, null, ['material']),
            new Rule(
                'round.not_measured', $round, static fn (Evidence $e) => null === $e->value('share_percent'), null,
                Remedy::Measure, ['share_percent'],
            ),
            new Rule(
                'round.little', $round,
                static fn (Evidence $e) => $e->value('share_percent') <= $e->limit('ovality_watch_percent'),
                Need::Watch, null, ['share_percent'], ['ovality_watch_percent'],
            ),
            new Rule(
                'round.some', $round,
                static fn (Evidence $e) => $e->value('share_percent') <= $e->limit('ovality_mend_percent'), Need::Mend,
                null, ['share_percent'], ['ovality_watch_percent', 'ovality_mend_percent'],
            ),
            new Rule('round.much', $round, static fn () => true, Need::Now, null, ['share_percent'], ['ovality_mend_percent']),
            new Rule('patch.old', [Kind::OldPatch], static fn () => true, Need::Mend),
        ];
    }

    /** @return list<Rule> */
    private static function deposits(): array
    {
        $kinds = Family::Deposit->kinds();
        $uses = ['area_percent'];

        return [
            new Rule('deposit.not_measured', $kinds, static fn (Evidence $e) => null === $e->areaPercent(), null, Remedy::Measure, $uses),
            new Rule(
                'deposit.little', $kinds,
                static fn (Evidence $e) => $e->areaPercent() < $e->limit('deposit_leave_percent'), Need::Leave, null,
                $uses, ['deposit_leave_percent'],
            ),
            new Rule(
                'deposit.some', $kinds,
                static fn (Evidence $e) => $e->areaPercent() <= $e->limit('deposit_keep_clean_percent'),
                Need::KeepClean, null, $uses, ['deposit_leave_percent', 'deposit_keep_clean_percent'],
            ),
            new Rule('deposit.much', $kinds, static fn () => true, Need::Now, Remedy::CleanNow, $uses, ['deposit_keep_clean_percent']),
        ];
    }

    /** @return list<Rule> */
    private static function objects(): array
    {
        $objects = array_values(array_filter(Family::Object->kinds(), static fn (Kind $kind) => Kind::CrossBore !== $kind));

        return [
            new Rule('object.cross_bore', [Kind::CrossBore], static fn () => true, Need::Now, Remedy::StopAndCall),
            new Rule(
                'object.blocks_camera', $objects,
                static fn (Evidence $e) => $e->finding->says(Fact::Moves, 'blocks_camera'), Need::Now, null, ['moves'],
            ),
            new Rule(
                'object.moves', $objects, static fn (Evidence $e) => $e->finding->says(Fact::Moves, 'moves'),
                Need::KeepClean, Remedy::TakeOut, ['moves'],
            ),
            new Rule('object.stays', $objects, static fn () => true, null, Remedy::LookFurther, ['moves']),
        ];
    }

    /** @return list<Rule> */
    private static function connections(): array
    {
        return [
            new Rule('connection.wrong', [Kind::WrongFitting, Kind::StubbedHose], static fn () => true, Need::Mend),
            new Rule(
                'connection.not_sound', [Kind::TieIn, Kind::DeadLeg],
                static fn (Evidence $e) => $e->finding->says(Fact::Condition, 'not_sound'), Need::Mend, null,
                ['condition'],
            ),
            new Rule('connection.dead_leg', [Kind::DeadLeg], static fn () => true, Need::Watch, null, ['condition']),
            new Rule('connection.sound', [Kind::TieIn], static fn () => true, Need::Leave, null, ['condition']),
        ];
    }

    /** @return list<Rule> */
    private static function way(): array
    {
        return [
            new Rule('way.stopped', [Kind::CannotGoFurther], static fn () => true, null, Remedy::SeeTheRest, ['cause']),
            new Rule('way.sight', [Kind::SightLimited], static fn () => true, null, Remedy::SeeTheRest),
            new Rule('way.noted', Family::Way->kinds(), static fn () => true, Need::Leave),
        ];
    }
}
