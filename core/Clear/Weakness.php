<?php

declare(strict_types=1);

namespace Jurvex\Core\Clear;

use Jurvex\Core\Finding\Fact;
use Jurvex\Core\Finding\Family;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Finding\Material;

/** What makes a pipe too weak for force. */
enum Weakness: string
{
    /** Bituminised fibre, by map or look. */
    case Fibre = 'fibre';
    case Broken = 'broken';
    case Hole = 'hole';
    case Cracked = 'cracked';
    /** Thin, or worn through. */
    case Worn = 'worn';
    case Patched = 'patched';
    case Blistered = 'blistered';
    case OutOfRound = 'out_of_round';
    /** Roots come into iron only where it is rusted through or its joint has failed. */
    case RootedIron = 'rooted_iron';

    /** @param Material $material of the pipe there */
    public static function of(Finding $finding, Material $material): ?self
    {
        return match (true) {
            Kind::BrokenPipe === $finding->kind => self::Broken,
            Kind::Hole === $finding->kind => self::Hole,
            Kind::Crack === $finding->kind => self::Cracked,
            Kind::WornInvert === $finding->kind && !$finding->says(Fact::Wear, 'rough') => self::Worn,
            Kind::OldPatch === $finding->kind => self::Patched,
            Kind::Blister === $finding->kind => self::Blistered,
            Kind::OutOfRound === $finding->kind => self::OutOfRound,
            Family::Roots === $finding->kind->family() && Material::CastIron === $material => self::RootedIron,
            default => null,
        };
    }

    /** Broken or rooted: a tool may go through the wall, or stay in it. */
    public function mayHoldATool(): bool
    {
        return \in_array($this, [self::Broken, self::Hole, self::RootedIron], true);
    }
}
