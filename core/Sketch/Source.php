<?php

declare(strict_types=1);

namespace Jurvex\Core\Sketch;

/** How a value on the line map is known; what is guessed is never shown as known. */
enum Source: string
{
    case Guessed = 'guessed';
    case Told = 'told';
    case Record = 'record';
    case Measured = 'measured';
    case Seen = 'seen';
    case Proved = 'proved';

    /** Whether a better source must not be overwritten by this one unasked. */
    public function isWeakerThan(self $other): bool
    {
        return array_search($this, self::cases(), true) < array_search($other, self::cases(), true);
    }

    public function isKnown(): bool
    {
        return self::Guessed !== $this;
    }
}
