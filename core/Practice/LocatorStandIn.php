<?php

declare(strict_types=1);

namespace Jurvex\Core\Practice;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** A locator that is not there: its readings spread more with depth, with water over the head and with metal over it. */
final readonly class LocatorStandIn
{
    /** Spread of the readings, one time out of three farther off: a length and a share of the depth. */
    private const SPREAD_M = 0.006;
    private const SPREAD_SHARE = 0.006;
    private const WATER_TIMES = 4.0;
    private const METAL_TIMES = 8.0;
    /** Metal draws the field to itself. */
    private const METAL_SHORT = 0.12;
    /** Over this the signal does not stand. */
    private const STEADY_SHARE = 0.02;
    private const FULL = 100.0;
    private const HALVED_AT_M = 2.0;

    public function __construct(private HiddenGround $ground)
    {
    }

    /**
     * @param int $turn how many were taken there before: the same turn reads the same
     * @param float $raised metres that the locator is lifted off the ground
     */
    public function read(float $at, int $turn, float $raised = 0.0): LocatorReading
    {
        $depth = $this->ground->depthAt($at) * ($this->ground->hasMetal($at) ? 1 - self::METAL_SHORT : 1.0) + $raised;
        $chance = new Randomizer(new Mt19937(crc32($this->ground->seed.' '.round($at, 1).' '.$turn.' '.$raised)));
        // The sum of three dice is bell-shaped enough.
        $bell = array_sum(array_map(static fn () => $chance->getInt(-1000, 1000) / 1000, [1, 2, 3]));
        $read = max(0.05, $depth + $bell * $this->spreadAt($at));

        return new LocatorReading(
            round($read, 2), self::FULL / (1 + ($depth / self::HALVED_AT_M) ** 2), $this->spreadAt($at) <= self::STEADY_SHARE * $depth,
        );
    }

    /** In metres. */
    private function spreadAt(float $at): float
    {
        $times = ($this->ground->isWet($at) ? self::WATER_TIMES : 1.0) * ($this->ground->hasMetal($at) ? self::METAL_TIMES : 1.0);

        return $times * (self::SPREAD_M + self::SPREAD_SHARE * $this->ground->depthAt($at));
    }
}
