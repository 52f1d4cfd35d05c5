<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** In what an amount was given. */
enum Unit: string
{
    /** Feet, metres: how far along a line is given in them. */
    case Large = 'large';
    /** Inches, millimetres: steps, depths of water and bores are given in them. */
    case Small = 'small';
    case Percent = 'percent';
    case Degrees = 'degrees';
    case Clock = 'clock';
    /** Of what is around it: half the pipe, a quarter of the bore. */
    case Share = 'share';
    case None = 'none';

    public function isLength(): bool
    {
        return self::Large === $this || self::Small === $this;
    }
}
