<?php

declare(strict_types=1);

namespace Jurvex\Core\Judge;

use Jurvex\Core\Finding\Fact;
use Jurvex\Core\Finding\Family;

/** Rules for roots, of both schools. */
final class RootRules
{
    private const SHARE = ['share_percent', 'material'];

    /** @return list<Rule> */
    public static function rules(): array
    {
        return [...self::whereTheyHarm(), ...self::byShare()];
    }

    /** @return list<Rule> */
    private static function whereTheyHarm(): array
    {
        $roots = Family::Roots->kinds();
        $many = static fn (Evidence $e) => $e->rootJointsNear() >= $e->limit('roots_many_joints');
        $back = static fn (Evidence $e) => $e->finding->says(Fact::BackAfterCutting);
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
                'roots.many_heavy', $roots, static fn (Evidence $e) => $heavy($e) && $many($e), Need::Now,
                Remedy::RenewStretch, ...$renew,
            ),
            new Rule(
                'roots.back_heavy', $roots, static fn (Evidence $e) => $back($e) && $heavy($e), Need::Now,
                Remedy::RenewStretch, ...$renew,
            ),
            new Rule(
                'roots.many', $roots, $many, Need::Mend, Remedy::RenewStretch, ['root_joints', 'back_after_cutting'],
                ['roots_many_joints', 'roots_many_within_m'],
            ),
            new Rule('roots.back', $roots, $back, Need::Mend, Remedy::RenewStretch, ['back_after_cutting']),
            new Rule(
                'roots.heavy', $roots, $heavy, Need::Now, Remedy::CutThenKeepClean, self::SHARE,
                ['roots_heavy_percent'], School::Upkeep,
            ),
            new Rule(
                'roots.with_damage', $roots, static fn (Evidence $e) => $e->hasDamageBeside(), Need::Mend, null,
                ['share_percent'], ['same_place_m'],
            ),
        ];
    }

    /** @return list<Rule> */
    private static function byShare(): array
    {
        $roots = Family::Roots->kinds();

        return [
            new Rule('roots.source', $roots, static fn () => true, Need::Mend, null, self::SHARE, [], School::Source),
            new Rule(
                'roots.not_measured', $roots, static fn (Evidence $e) => null === $e->value('share_percent'), null,
                Remedy::Measure, self::SHARE,
            ),
            new Rule(
                'roots.light', $roots,
                static fn (Evidence $e) => (float) $e->value('share_percent') < $e->limit('roots_light_percent'),
                Need::KeepClean, null, self::SHARE, ['roots_light_percent'], School::Upkeep,
            ),
            new Rule(
                'roots.some', $roots, static fn () => true, Need::KeepClean, Remedy::CutThenKeepClean, self::SHARE,
                ['roots_light_percent', 'roots_heavy_percent'], School::Upkeep,
            ),
        ];
    }
}
