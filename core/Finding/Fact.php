<?php

declare(strict_types=1);

namespace Jurvex\Core\Finding;

/** Something asked of a finding beside its place and size. */
enum Fact: string
{
    case BackAfterCutting = 'back_after_cutting';
    case Water = 'water';
    case MinutesOff = 'minutes_off';
    case LensUnder = 'lens_under';
    case OrLess = 'or_less';
    case DepositInIt = 'deposit_in_it';
    case Facing = 'facing';
    case CameraPassed = 'camera_passed';
    case SoilSeen = 'soil_seen';
    case VoidSeen = 'void_seen';
    case CrownGone = 'crown_gone';
    case CrackState = 'crack_state';
    case Wear = 'wear';
    case Moves = 'moves';
    case Condition = 'condition';
    case Whose = 'whose';
    case KnownHow = 'known_how';
    case MaterialAfter = 'material_after';
    /** Whether it falls against the flow. */
    case FallsBack = 'falls_back';
    /** The step in which the tilt was read, in degrees. */
    case TiltStepDeg = 'tilt_step_deg';
    case Cause = 'cause';

    public const YES = 'yes';
    public const NO = 'no';

    /** @return list<string> what may be chosen; empty when it is not a choice */
    public function choices(): array
    {
        return match ($this) {
            self::BackAfterCutting, self::LensUnder, self::OrLess, self::CameraPassed, self::SoilSeen, self::VoidSeen,
            self::CrownGone, self::FallsBack => [self::YES, self::NO],
            self::Water => ['off', 'on'],
            self::DepositInIt => ['none', 'first_time', 'again_after_cleaning'],
            self::Facing => ['against_flow', 'with_flow'],
            self::CrackState => ['closed', 'open', 'several'],
            self::Wear => ['rough', 'thin', 'gone'],
            self::Moves => ['moves', 'stays', 'blocks_camera'],
            self::Condition => ['sound', 'not_sound', 'not_known'],
            self::KnownHow => ['assumed', 'ran_that_fixture', 'second_camera'],
            self::MaterialAfter => array_map(static fn (Material $material) => $material->value, Material::cases()),
            self::Cause => ['tight_bend', 'offset', 'debris', 'roots', 'collapse', 'too_narrow', 'water', 'rod_jammed', 'other'],
            self::MinutesOff, self::Whose, self::TiltStepDeg => [],
        };
    }

    public function isNumber(): bool
    {
        return self::MinutesOff === $this || self::TiltStepDeg === $this;
    }
}
