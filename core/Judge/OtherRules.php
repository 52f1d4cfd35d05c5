<?php

declare(strict_types=1);

namespace Jurvex\Core\Judge;

use Jurvex\Core\Finding\Fact;
use Jurvex\Core\Finding\Family;
use Jurvex\Core\Finding\Kind;

/** Rules for deposits, objects, connections and what stands in the way of the camera. */
final class OtherRules
{
    /** @return list<Rule> */
    public static function rules(): array
    {
        return [...self::deposits(), ...self::objects(), ...self::connections(), ...self::way()];
    }

    /** @return list<Rule> */
    private static function deposits(): array
    {
        $kinds = Family::Deposit->kinds();
        $uses = ['area_percent'];

        return [
            new Rule('deposit.no_bore', $kinds, static fn (Evidence $e) => $e->lacksBore(), null, Remedy::NoteBore, ['bore_mm']),
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
            new Rule(
                'object.stays', $objects, static fn (Evidence $e) => $e->finding->says(Fact::Moves, 'stays'), null, Remedy::LookFurther,
                ['moves'],
            ),
            new Rule('object.not_said', $objects, static fn () => true, null, Remedy::LookFurther, ['moves']),
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
            new Rule(
                'connection.dead_leg', [Kind::DeadLeg], static fn (Evidence $e) => $e->finding->says(Fact::Condition, 'sound'),
                Need::Watch, null, ['condition'],
            ),
            new Rule('connection.dead_leg_not_said', [Kind::DeadLeg], static fn () => true, Need::Watch, null, ['condition']),
            new Rule(
                'connection.sound', [Kind::TieIn], static fn (Evidence $e) => $e->finding->says(Fact::Condition, 'sound'),
                Need::Leave, null, ['condition'],
            ),
            new Rule('connection.not_said', [Kind::TieIn], static fn () => true, Need::Leave, null, ['condition']),
        ];
    }

    /** @return list<Rule> */
    private static function way(): array
    {
        $fall = ['fall_percent', 'tilt_step_deg', 'least_fall_percent'];

        return [
            new Rule(
                'fall.back', [Kind::ShortFall], static fn (Evidence $e) => $e->finding->says(Fact::FallsBack), Need::Watch, null, $fall,
            ),
            new Rule(
                'fall.not_measured', [Kind::ShortFall], static fn (Evidence $e) => null === $e->fall(), null, Remedy::Measure, $fall,
            ),
            new Rule('fall.short', [Kind::ShortFall], static fn (Evidence $e) => 'short' === $e->fallVerdict(), Need::Watch, null, $fall),
            new Rule(
                'fall.cannot_tell', [Kind::ShortFall], static fn (Evidence $e) => 'cannot_tell' === $e->fallVerdict(), null,
                Remedy::Measure, $fall,
            ),
            new Rule('fall.meets', [Kind::ShortFall], static fn () => true, Need::Leave, null, $fall),
            new Rule('way.stopped', [Kind::CannotGoFurther], static fn () => true, null, Remedy::SeeTheRest, ['cause']),
            new Rule('way.sight', [Kind::SightLimited], static fn () => true, null, Remedy::SeeTheRest),
            new Rule('way.noted', Family::Way->kinds(), static fn () => true, Need::Leave),
        ];
    }
}
