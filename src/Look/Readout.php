<?php

declare(strict_types=1);

namespace App\Look;

use App\Record\Run;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Measure\UnreadableMeasure;

/** What stands beside the counter: where the head is, how much rod is left, what comes, how the pipe falls, whether water runs. */
final readonly class Readout
{
    private const SOON_M = 3.0;
    /** From here on nobody counts the minutes. */
    private const LONG_MINUTES = 120;

    public bool $hasReading;

    /** Metres of rod still on the reel; under nought where the counter cannot be right. */
    public float $left;

    /** How long the water has been off; none while it runs, or where nobody said when it was turned off. */
    public ?int $minutesOff;

    public function __construct(
        public Run $run, private \DateTimeImmutable $now, ?Length $reading = null, public ?UnreadableMeasure $problem = null,
        public ?Length $distance = null, public ?Finding $ahead = null, public ?FallHere $fall = null,
        public bool $badTilt = false,
    ) {
        $this->hasReading = null !== $reading;
        $this->left = null === $reading ? 0.0 : $run->counter()->cableLeftMetres($reading);
        $offAt = $run->details()->waterOn ? null : $run->waterOffAt();
        $this->minutesOff = null === $offAt ? null : intdiv(max(0, $this->now->getTimestamp() - $offAt->getTimestamp()), 60);
    }

    /** The counter shows more than the rod has. */
    public function isImpossible(): bool
    {
        return $this->left < 0;
    }

    public function endsSoon(): bool
    {
        return $this->left < self::SOON_M;
    }

    public function isLongOff(): bool
    {
        return null !== $this->minutesOff && $this->minutesOff >= self::LONG_MINUTES;
    }

    public function aheadMetres(): float
    {
        return ($this->ahead->from->metres ?? 0.0) - ($this->distance->metres ?? 0.0);
    }
}
