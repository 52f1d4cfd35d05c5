<?php

declare(strict_types=1);

namespace Jurvex\Core\Clear;

use Jurvex\Core\Finding\Family;
use Jurvex\Core\Finding\Kind;

/** What stops the line. */
enum Blockage: string
{
    case SoftPlug = 'soft_plug';
    case Rags = 'rags';
    case SoftGrease = 'soft_grease';
    case HardGrease = 'hard_grease';
    case PackedSoap = 'packed_soap';
    case ThinRoots = 'thin_roots';
    case DenseRoots = 'dense_roots';
    case Scale = 'scale';
    case Silt = 'silt';
    case Ice = 'ice';
    case HardObject = 'hard_object';
    case Unknown = 'unknown';

    public function isRoots(): bool
    {
        return self::ThinRoots === $this || self::DenseRoots === $this;
    }

    /** Whether a cable only opens a hole in it that closes again or leaves most of it behind. */
    public function isSoft(): bool
    {
        return \in_array($this, [self::SoftPlug, self::SoftGrease, self::HardGrease, self::PackedSoap], true);
    }

    /** Whether what was found is what stops the line. */
    public function isShownBy(Kind $kind): bool
    {
        return match ($this) {
            self::ThinRoots, self::DenseRoots => Family::Roots === $kind->family(),
            self::SoftGrease, self::HardGrease => Kind::Grease === $kind,
            self::PackedSoap => \in_array($kind, [Kind::Grease, Kind::Sludge], true),
            self::Scale => Kind::Scale === $kind,
            self::Silt => \in_array($kind, [Kind::Sediment, Kind::Sludge], true),
            self::SoftPlug => Kind::Sludge === $kind,
            self::Rags => Kind::Rag === $kind,
            self::HardObject => \in_array(
                $kind, [Kind::Stone, Kind::ToolPart, Kind::BrokenCable, Kind::ConstructionDebris, Kind::UnknownObject], true,
            ),
            self::Ice, self::Unknown => false,
        };
    }

    /** Whether it is still there where an earlier job saw it: roots and scale stay, the rest is carried on or comes anew. */
    public function lasts(): bool
    {
        return $this->isRoots() || self::Scale === $this;
    }
}
