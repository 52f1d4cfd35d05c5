<?php

declare(strict_types=1);

namespace Jurvex\Core\Clear;

/** Classes of heads and nozzles, by what they do; and the camera, where looking is the step. */
enum Head: string
{
    case Opener = 'opener';
    case SmallHead = 'small_head';
    case Retriever = 'retriever';
    case Blade = 'blade';
    case ChainFlail = 'chain_flail';
    case Flusher = 'flusher';
    case Piercer = 'piercer';
    case FreeSpinner = 'free_spinner';
    case BrakedSpinner = 'braked_spinner';
    case WholeHeadRotary = 'whole_head_rotary';
    case InnerRotorCone = 'inner_rotor_cone';
    case OffCentreCone = 'off_centre_cone';
    case Dredger = 'dredger';
    case IceHead = 'ice_head';
    case BendLeader = 'bend_leader';
    case Camera = 'camera';

    public function machine(): ?Machine
    {
        return match ($this) {
            self::Opener, self::SmallHead, self::Retriever, self::Blade, self::ChainFlail => Machine::Cable,
            self::Camera => null,
            default => Machine::Jet,
        };
    }

    /** Flow from which a nozzle does its work, in L/min: house starting values; nothing for what any flow drives. */
    public function leastFlow(): float
    {
        return match ($this) {
            self::FreeSpinner => 8.0,
            self::BrakedSpinner, self::OffCentreCone => 15.0,
            self::WholeHeadRotary, self::InnerRotorCone => 30.0,
            self::Dredger => 45.0,
            default => 0.0,
        };
    }
}
