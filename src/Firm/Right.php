<?php

declare(strict_types=1);

namespace App\Firm;

/** What not everybody of a firm may do. Whatever has no right of its own here everybody who is signed in may. */
enum Right: string
{
    /** House rules, tables, prices, and how the firm stands on its reports. */
    case HouseRules = 'house_rules';
    case SecondOpinions = 'second_opinions';
    case Numbers = 'numbers';
    /** The address of the firm's calendar. */
    case Calendar = 'calendar';
    /** Who goes where on which day. */
    case Planning = 'planning';
    /** Inviting, signing out, disabling, handing over their jobs. */
    case People = 'people';
    /** Who is an owner, and the office's roles. */
    case Roles = 'roles';
    /** How long a session lasts. */
    case Sessions = 'sessions';
    case Audit = 'audit';
    /** All of the firm's data, out or closed. */
    case WholeFirm = 'whole_firm';

    /** The least role that has it: the one table of who may what. */
    public function least(): Role
    {
        return match ($this) {
            self::HouseRules, self::SecondOpinions, self::Numbers, self::Calendar, self::Planning, self::People => Role::Office,
            self::Roles, self::Sessions, self::Audit, self::WholeFirm => Role::Owner,
        };
    }
}
