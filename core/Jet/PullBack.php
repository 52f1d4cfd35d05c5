<?php

declare(strict_types=1);

namespace Jurvex\Core\Jet;

use Jurvex\Core\Flow\Water;
use Jurvex\Core\Measure\Length;

/** How fast a hose may be drawn back through an even ring of deposit, so that the water can carry what comes loose. */
final readonly class PullBack
{
    /**
     * @param Length $deposit thickness of the ring, over nought and under half of the bore
     * @param float $flow in m³/s
     * @param float $solids share of the flow that may be solids
     */
    public function __construct(private Length $bore, private Length $deposit, private float $flow, private float $solids)
    {
    }

    /** Of the ring, in m². */
    public function depositArea(): float
    {
        return \M_PI / 4 * ($this->bore->metres ** 2 - $this->openBore() ** 2);
    }

    /** As a share of the bore. */
    public function areaLeft(): float
    {
        return ($this->openBore() / $this->bore->metres) ** 2;
    }

    /** What still runs through, as a share: (d/D)^(8/3). */
    public function capacityLeft(): float
    {
        return ($this->openBore() / $this->bore->metres) ** (8 / 3);
    }

    /** v = fraction·Q / deposit area, in m/min. */
    public function metresPerMinute(): float
    {
        return $this->solids * $this->flow / $this->depositArea() * 60;
    }

    public function minutes(Length $length): float
    {
        return $length->metres / $this->metresPerMinute();
    }

    public function litres(Length $length): float
    {
        return $this->minutes($length) * Water::perMinute($this->flow);
    }

    private function openBore(): float
    {
        return $this->bore->metres - 2 * $this->deposit->metres;
    }
}
