<?php

declare(strict_types=1);

namespace Jurvex\Core\Practice;

/** A head fed towards a stoppage: freely as far as it is open, then at the rate at which it opens. */
final readonly class Feed
{
    /** @param bool $isWorking whether the head was opening the stoppage */
    private function __construct(public float $metres, public bool $isMoving, public bool $isWorking)
    {
    }

    /**
     * @param float $most as far as the tool goes, in metres
     * @param float $free speed where nothing is in the way, in m/min
     * @param float $rate at which it opens the stoppage, in m/min
     */
    public static function on(MachineState $was, HiddenStoppage $hidden, float $most, float $free, float $rate, float $seconds): self
    {
        $isShut = $was->opened < $hidden->far->metres;
        $step = min($free * $seconds / 60, max(0.0, min($most, $isShut ? $was->opened : \INF) - $was->metres));
        $at = $was->metres + $step;
        $left = $seconds - $step / $free * 60;
        $worked = $isShut && $left > 1e-9 && $at >= $was->opened
            ? max(0.0, min($rate * $left / 60, $hidden->far->metres - $at, $most - $at))
            : 0.0;

        return new self($at + $worked, $step + $worked > 0, $worked > 0);
    }
}
