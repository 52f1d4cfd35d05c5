<?php

declare(strict_types=1);

namespace Jurvex\Core\Clear;

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
}
