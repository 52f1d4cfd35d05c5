<?php

declare(strict_types=1);

namespace Jurvex\Core\Judge;

use Jurvex\Core\Finding\Fact;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Finding\Material;

/** Rules for the wall of the pipe: cracks, breaks, wear, shape. */
final class WallRules
{
    /** @return list<Rule> */
    public static function rules(): array
    {
        return [...self::broken(), ...self::worn(), ...self::shape()];
    }

    /** @return list<Rule> */
    private static function broken(): array
    {
        $broken = [Kind::BrokenPipe, Kind::Hole];
        $asked = [Fact::VoidSeen, Fact::SoilSeen, Fact::CrownGone];
        $uses = array_map(static fn (Fact $fact) => $fact->value, $asked);
        $lost = array_map(
            static fn (Fact $fact) => new Rule(
                'break.'.$fact->value, $broken, static fn (Evidence $e) => $e->finding->says($fact), Need::Now, null, $uses,
            ),
            $asked,
        );

        return [
            new Rule(
                'crack.closed', [Kind::Crack], static fn (Evidence $e) => $e->finding->says(Fact::CrackState, 'closed'),
                Need::Watch, null, ['crack_state'],
            ),
            new Rule(
                'crack.open', [Kind::Crack], static fn (Evidence $e) => $e->finding->says(Fact::CrackState, 'open'), Need::Mend, null,
                ['crack_state'],
            ),
            new Rule(
                'crack.several', [Kind::Crack], static fn (Evidence $e) => $e->finding->says(Fact::CrackState, 'several'), Need::Mend, null,
                ['crack_state'],
            ),
            new Rule('crack.not_said', [Kind::Crack], static fn () => true, null, Remedy::Measure, ['crack_state']),
            ...$lost,
            new Rule(
                'break.open', $broken,
                static fn (Evidence $e) => !\in_array(null, array_map($e->finding->fact(...), $asked), true), Need::Mend, null, $uses,
            ),
            new Rule('break.not_said', $broken, static fn () => true, Need::Mend, null, $uses),
        ];
    }

    /** @return list<Rule> */
    private static function worn(): array
    {
        return [
            new Rule(
                'worn.most_of_stretch', [Kind::WornInvert],
                static fn (Evidence $e) => !$e->finding->says(Fact::Wear, 'rough')
                    && $e->wornShareOfStretch() > $e->limit('worn_renew_share_percent'),
                Need::Mend, Remedy::RenewStretch, ['wear', 'share_of_stretch_percent'], ['worn_renew_share_percent'],
            ),
            new Rule(
                'worn.gone', [Kind::WornInvert], static fn (Evidence $e) => $e->finding->says(Fact::Wear, 'gone'),
                Need::Mend, null, ['wear'],
            ),
            new Rule(
                'worn.thin', [Kind::WornInvert], static fn (Evidence $e) => $e->finding->says(Fact::Wear, 'thin'),
                Need::KeepClean, null, ['wear'],
            ),
            new Rule(
                'worn.rough', [Kind::WornInvert], static fn (Evidence $e) => $e->finding->says(Fact::Wear, 'rough'),
                Need::Watch, null, ['wear'],
            ),
            new Rule('worn.not_said', [Kind::WornInvert], static fn () => true, null, Remedy::Measure, ['wear']),
        ];
    }

    /** @return list<Rule> */
    private static function shape(): array
    {
        return [
            new Rule(
                'blister.fibre', [Kind::Blister], static fn (Evidence $e) => $e->isIn(Material::BituminisedFibre),
                Need::Mend, Remedy::RenewStretch, ['material'],
            ),
            new Rule('blister.other', [Kind::Blister], static fn () => true, Need::Watch, null, ['material']),
            new Rule(
                'round.not_measured', [Kind::OutOfRound], static fn (Evidence $e) => null === $e->value('share_percent'), null,
                Remedy::Measure, ['share_percent'],
            ),
            new Rule(
                'round.little', [Kind::OutOfRound],
                static fn (Evidence $e) => $e->value('share_percent') <= $e->limit('ovality_watch_percent'),
                Need::Watch, null, ['share_percent'], ['ovality_watch_percent'],
            ),
            new Rule(
                'round.some', [Kind::OutOfRound],
                static fn (Evidence $e) => $e->value('share_percent') <= $e->limit('ovality_mend_percent'), Need::Mend,
                null, ['share_percent'], ['ovality_watch_percent', 'ovality_mend_percent'],
            ),
            new Rule('round.much', [Kind::OutOfRound], static fn () => true, Need::Now, null, ['share_percent'], ['ovality_mend_percent']),
            new Rule('patch.old', [Kind::OldPatch], static fn () => true, Need::Mend),
        ];
    }
}
