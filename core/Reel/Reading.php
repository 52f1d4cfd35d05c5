<?php

declare(strict_types=1);

namespace Jurvex\Core\Reel;

/** What a reel says at one moment. */
final readonly class Reading
{
    /**
     * @param float $seconds since the run began
     * @param float $metres on the counter, as it reads
     * @param ?float $tilt in degrees, nose up positive; none from a head that does not measure it
     * @param ?float $roll in degrees, to the right positive
     * @param ?float $lens water on the lens: −1 at the window's bottom edge, 0 in its middle, 1 at its top edge; none where none is seen
     * @param bool $sonde whether the transmitter is on
     * @param bool $stopped whether the head goes no farther
     */
    public function __construct(
        public float $seconds, public float $metres, public ?float $tilt = null, public ?float $roll = null,
        public ?float $lens = null, public bool $sonde = false, public bool $stopped = false,
    ) {
    }
}
