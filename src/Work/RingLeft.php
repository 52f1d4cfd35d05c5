<?php

declare(strict_types=1);

namespace App\Work;

use Jurvex\Core\Cable\CablePlan;
use Jurvex\Core\Measure\Length;

/** A cutter that is narrower than the bore. */
final readonly class RingLeft
{
    public function __construct(public Length $cutter, public Length $bore)
    {
    }

    /** Lying on the invert, it leaves so much at the crown. */
    public function atTheCrown(): Length
    {
        return Length::metres($this->bore->metres - $this->cutter->metres);
    }

    public function sweptPercent(): float
    {
        return 100 * CablePlan::swept($this->cutter, $this->bore);
    }
}
