<?php

declare(strict_types=1);

namespace Jurvex\Core\Judge;

use Jurvex\Core\Finding\Family;
use Jurvex\Core\Finding\Kind;

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
            ...WaterRules::rules(), ...RootRules::rules(), ...JointRules::rules(), ...WallRules::rules(),
            ...OtherRules::rules(),
        ];
    }
}
