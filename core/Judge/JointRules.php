<?php

declare(strict_types=1);

namespace Jurvex\Core\Judge;

use Jurvex\Core\Finding\Fact;
use Jurvex\Core\Finding\Kind;

/** Rules for joints: offset, separated, unsealed. */
final class JointRules
{
    /** @return list<Rule> */
    public static function rules(): array
    {
        return [
            ...self::offset(),
            new Rule(
                'joint.soil', [Kind::SeparatedJoint, Kind::FailedSeal],
                static fn (Evidence $e) => $e->finding->says(Fact::SoilSeen), Need::Mend, null, ['soil_seen'],
            ),
            new Rule(
                'joint.no_soil', [Kind::SeparatedJoint, Kind::FailedSeal],
                static fn (Evidence $e) => $e->finding->says(Fact::SoilSeen, Fact::NO), Need::Watch, null, ['soil_seen'],
            ),
            new Rule(
                'joint.not_said', [Kind::SeparatedJoint, Kind::FailedSeal], static fn () => true, null, Remedy::Measure, ['soil_seen'],
            ),
            new Rule('joint.sound', [Kind::SoundJoint], static fn () => true, Need::Leave),
        ];
    }

    /** @return list<Rule> */
    private static function offset(): array
    {
        $offset = [Kind::OffsetJoint];
        $facing = static fn (Evidence $e) => $e->finding->says(Fact::Facing, 'against_flow');
        $uses = ['step_percent', 'facing'];
        $rules = [
            new Rule(
                'offset.camera_stopped', $offset,
                static fn (Evidence $e) => $e->finding->says(Fact::CameraPassed, Fact::NO), Need::Now, null,
                ['camera_passed'],
            ),
            new Rule('offset.no_bore', $offset, static fn (Evidence $e) => $e->lacksBore(), null, Remedy::NoteBore, ['bore_mm']),
            new Rule('offset.not_measured', $offset, static fn (Evidence $e) => null === $e->stepPercent(), null, Remedy::Measure, $uses),
        ];
        foreach (self::steps() as [$name, $when, $facingNeed, $need, $remedy, $limits]) {
            // A step that faces the flow catches what comes.
            $rules[] = new Rule(
                'offset.'.$name.'_facing', $offset, static fn (Evidence $e) => $facing($e) && $when($e), $facingNeed, null, $uses,
                $limits,
            );
            $rules[] = new Rule(
                'offset.'.$name, $offset, static fn (Evidence $e) => $e->finding->says(Fact::Facing, 'with_flow') && $when($e),
                $need, $remedy, $uses, $limits,
            );
            $rules[] = new Rule('offset.'.$name.'_not_said', $offset, $when, $need, $remedy, $uses, $limits);
        }

        return $rules;
    }

    /**
     * Smallest first: name, when, class where it faces the flow, class and remedy where not, limits.
     *
     * @return list<array{string, \Closure(Evidence): bool, Need, Need, ?Remedy, list<string>}>
     */
    private static function steps(): array
    {
        return [
            [
                'watch', static fn (Evidence $e) => $e->stepPercent() < $e->limit('offset_watch_percent'), Need::Watch,
                Need::Watch, null, ['offset_watch_percent'],
            ],
            [
                'convenience', static fn (Evidence $e) => $e->stepPercent() <= $e->limit('offset_convenience_percent'),
                Need::Mend, Need::Mend, Remedy::AtConvenience, ['offset_watch_percent', 'offset_convenience_percent'],
            ],
            ['large', static fn () => true, Need::Now, Need::Mend, null, ['offset_convenience_percent']],
        ];
    }
}
