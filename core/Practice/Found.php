<?php

declare(strict_types=1);

namespace Jurvex\Core\Practice;

use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Measure\ClockPosition;

/** Something of the truth beside what was logged of it. */
final readonly class Found
{
    public function __construct(public Finding $truth, public Finding $logged)
    {
    }

    /** How far off it was put, in metres. */
    public function placeOff(): float
    {
        return max(
            abs($this->logged->from->metres - $this->truth->from->metres),
            null === $this->truth->to ? 0.0 : abs($this->logged->end()->metres - $this->truth->end()->metres),
        );
    }

    /** @return ?float hours off on the clock, from 0 to 6; none where the truth has no place on it */
    public function clockOff(): ?float
    {
        if (null === $this->truth->clockFrom) {
            return null;
        }
        if (null === $this->logged->clockFrom) {
            return 6.0;
        }
        $off = abs($this->truth->clockFrom->hours - $this->logged->clockFrom->hours);

        return min($off, ClockPosition::hours(12)->hours - $off);
    }

    /** @return ?float difference as a share of the true size; none where it has none */
    public function sizeOff(): ?float
    {
        if (null === $this->truth->size || $this->truth->size->value <= 0) {
            return null;
        }
        if (null === $this->logged->size || $this->logged->size->unit !== $this->truth->size->unit) {
            return 1.0;
        }

        return min(1.0, abs($this->logged->size->value / $this->truth->size->value - 1));
    }

    public function isOfTheRightKind(): bool
    {
        return $this->truth->kind === $this->logged->kind;
    }
}
