<?php

declare(strict_types=1);

namespace Jurvex\Core\Clear;

/** Classes of heads and nozzles, by what they do; and what a step is made with where it is made with none. */
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
    /** No head at all: a fixture or a garden hose above, where the jet's own water does not carry. */
    case WaterFromAbove = 'water_from_above';

    public function machine(): ?Machine
    {
        return match ($this) {
            self::Opener, self::SmallHead, self::Retriever, self::Blade, self::ChainFlail => Machine::Cable,
            self::Camera, self::WaterFromAbove => null,
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

    /** How it turns; what turns faster hits softer. */
    public function spin(): Spin
    {
        return match ($this) {
            self::FreeSpinner => Spin::Fast,
            self::BrakedSpinner => Spin::Slowed,
            self::WholeHeadRotary => Spin::Slow,
            self::InnerRotorCone, self::OffCentreCone => Spin::Rotor,
            default => Spin::None,
        };
    }

    /** Share of the flow that leaks past what turns and does no work: up to a third of a free spinner's, by the table of classes. */
    public function leak(): float
    {
        return self::FreeSpinner === $this ? 1 / 3 : 0.0;
    }

    /** Of a pump's flow, in L/min. */
    public function usefulFlow(float $flow): float
    {
        return $flow * (1 - $this->leak());
    }
}
