<?php

declare(strict_types=1);

namespace Jurvex\Core\Judge;

use Jurvex\Core\Finding\Fact;
use Jurvex\Core\Finding\Family;
use Jurvex\Core\Finding\Kind;

/** Rules for water that stands, of both schools. */
final class WaterRules
{
    private const SIZE = ['depth_mm', 'length_m'];

    /** @return list<Rule> */
    public static function rules(): array
    {
        return [...self::ofBoth(), ...self::carrying(), ...self::grade()];
    }

    /** @return list<Rule> */
    private static function ofBoth(): array
    {
        return [
            new Rule(
                'water.running', Family::Water->kinds(),
                static fn (Evidence $e) => $e->finding->says(Fact::Water, 'on'), null, Remedy::LookWaterOff,
                ['water'],
            ),
            new Rule(
                'water.not_said', Family::Water->kinds(),
                static fn (Evidence $e) => !$e->finding->says(Fact::Water, 'off'), null, Remedy::LookWaterOff,
                ['water'],
            ),
            new Rule(
                'water.behind_obstruction', [Kind::StandingWater], static fn () => true, Need::KeepClean,
                Remedy::CleanThenLook, ['depth_mm'],
            ),
            new Rule(
                'water.not_measured', [Kind::LowSpot], static fn (Evidence $e) => null === $e->depthMm(), null,
                Remedy::Measure, self::SIZE,
            ),
        ];
    }

    /** @return list<Rule> as long as the line carries */
    private static function carrying(): array
    {
        return [
            new Rule(
                'water.deposit_again', [Kind::LowSpot],
                static fn (Evidence $e) => $e->finding->says(Fact::DepositInIt, 'again_after_cleaning'), Need::Mend,
                null, ['deposit_in_it'], [], School::Carrying,
            ),
            new Rule(
                'water.deposit_first', [Kind::LowSpot],
                static fn (Evidence $e) => $e->finding->says(Fact::DepositInIt, 'first_time'), null,
                Remedy::CleanThenLook, ['deposit_in_it'], [], School::Carrying,
            ),
            new Rule(
                'water.long_and_deep', [Kind::LowSpot],
                static fn (Evidence $e) => $e->finding->lengthMetres() >= $e->limit('low_spot_long_m')
                    && $e->depthMm() >= $e->limit('low_spot_deep_mm'),
                Need::Mend, null, self::SIZE, ['low_spot_long_m', 'low_spot_deep_mm'], School::Carrying,
            ),
            new Rule(
                'water.deep_for_bore', [Kind::LowSpot],
                static fn (Evidence $e) => null !== $e->depthPercent() && $e->depthPercent() >= $e->limit('low_spot_share_percent'),
                Need::Mend, null, ['depth_mm', 'bore_mm', 'depth_percent'], ['low_spot_share_percent'],
                School::Carrying,
            ),
            new Rule(
                'water.short_and_shallow', [Kind::LowSpot],
                static fn (Evidence $e) => $e->finding->lengthMetres() < $e->limit('low_spot_long_m')
                    && $e->depthMm() < $e->limit('low_spot_shallow_mm'),
                Need::Leave, null, self::SIZE, ['low_spot_long_m', 'low_spot_shallow_mm'], School::Carrying,
            ),
            new Rule(
                'water.between', [Kind::LowSpot], static fn () => true, Need::Watch, null, self::SIZE,
                ['low_spot_long_m', 'low_spot_deep_mm', 'low_spot_shallow_mm'], School::Carrying,
            ),
        ];
    }

    /** @return list<Rule> by the fall that was built */
    private static function grade(): array
    {
        return [
            new Rule(
                'water.stands', [Kind::LowSpot],
                static fn (Evidence $e) => $e->finding->lengthMetres() >= $e->limit('grade_water_m')
                    && $e->depthMm() >= $e->limit('grade_water_mm'),
                Need::Mend, null, self::SIZE, ['grade_water_m', 'grade_water_mm'], School::Grade,
            ),
            new Rule(
                'water.trace', [Kind::LowSpot], static fn () => true, Need::Leave, null, self::SIZE,
                ['grade_water_m', 'grade_water_mm'], School::Grade,
            ),
        ];
    }
}
