<?php

declare(strict_types=1);

namespace Jurvex\Core\Finding;

enum Material: string
{
    case Abs = 'abs';
    case PvcWelded = 'pvc_welded';
    case PvcGasketed = 'pvc_gasketed';
    case CastIron = 'cast_iron';
    case Clay = 'clay';
    case Concrete = 'concrete';
    case BituminisedFibre = 'bituminised_fibre';
    case Copper = 'copper';
    case Liner = 'liner';
    case Unknown = 'unknown';

    /** Plastic whose joints are welded with solvent: roots have no way in unless the joint has failed. */
    public function isSolventWelded(): bool
    {
        return self::Abs === $this || self::PvcWelded === $this;
    }

    /** Its group in the tables of triage. */
    public function group(): string
    {
        return match ($this) {
            self::Abs, self::PvcWelded, self::PvcGasketed, self::Liner => 'plastic',
            self::CastIron => 'cast_iron',
            self::Clay => 'clay',
            self::Concrete => 'concrete',
            self::BituminisedFibre => 'fibre',
            self::Copper => 'copper',
            self::Unknown => 'unknown',
        };
    }
}
