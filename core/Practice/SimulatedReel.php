<?php

declare(strict_types=1);

namespace Jurvex\Core\Practice;

use Jurvex\Core\Measure\Length;
use Jurvex\Core\Reel\Reading;

/**
 * A reel that is not there, on a line that is only data: it reads as a real one does, with a counter that is off, slack
 * in the rod, and a tilt in steps.
 */
final readonly class SimulatedReel
{
    private const WOBBLE_DEG = 25.0;

    /**
     * @param Length $reach as far as the head goes
     * @param float $factor true distance per counted distance, over nought
     * @param float $slack metres more of rod than of line for each metre, while it is pushed
     * @param float $noise of the counter, in metres either way
     * @param float $resolution step of the tilt, in degrees
     * @param Length $lensAt height of the lens over the invert
     * @param Length $window of the lens
     */
    public function __construct(
        public Line $line, public Length $reach, public float $factor = 1.0, public float $slack = 0.0,
        public float $noise = 0.0, public float $resolution = 0.1, public ?Length $lensAt = null,
        public ?Length $window = null,
    ) {
    }

    /**
     * @param float $hand rod that is in, in metres
     * @param float $head where the head is
     * @param int $turn number of the reading, for the noise
     */
    public function reading(float $seconds, float $hand, float $head, int $turn): Reading
    {
        return new Reading(
            round($seconds, 2),
            max(0.0, round($hand / $this->factor + $this->noise * sin(12.9898 * $turn), 3)),
            $this->tilt($head), round($this->roll($head), 1), $this->lens($head), false, $head >= $this->reach->metres - 1e-9,
        );
    }

    /**
     * Pushes to the end, then draws back to zero.
     *
     * @param float $speed in m/s, both ways
     *
     * @return list<Reading>
     */
    public function inAndBack(float $speed = 0.15, float $every = 0.5): array
    {
        $readings = [];
        $turn = 0;
        $hand = $head = 0.0;
        $step = $speed * $every;
        while ($head < $this->reach->metres - 1e-9) {
            $hand += $step;
            $head = min($this->reach->metres, $hand / (1 + $this->slack));
            $hand = min($hand, $this->reach->metres * (1 + $this->slack));
            $readings[] = $this->reading(++$turn * $every, $hand, $head, $turn);
        }
        while ($hand > 0) {
            // The slack comes out first: the head lies still until the rod is straight.
            $hand = max(0.0, $hand - $step);
            $head = min($head, $hand);
            $readings[] = $this->reading(++$turn * $every, $hand, $head, $turn);
        }

        return $readings;
    }

    /**
     * What the reel would show all along, a row for each tenth of a metre: tilt, roll, water on the lens and depth.
     *
     * @return list<array{float, float, ?float, float}> in degrees, degrees, −1 to 1, millimetres
     */
    public function table(float $step = 0.1): array
    {
        $rows = [];
        for ($i = 0, $count = (int) ceil($this->reach->metres / $step); $i <= $count; ++$i) {
            $at = min($this->reach->metres, $i * $step);
            $rows[] = [$this->tilt($at), round($this->roll($at), 1), $this->lens($at), round(1000 * $this->line->waterAt($at), 1)];
        }

        return $rows;
    }

    private function tilt(float $at): float
    {
        return round(round($this->line->tiltAt($at) / $this->resolution) * $this->resolution, 4);
    }

    private function roll(float $at): float
    {
        return self::WOBBLE_DEG * (sin(0.7 * $at) + 0.6 * sin(1.9 * $at + 1));
    }

    private function lens(float $at): ?float
    {
        $window = $this->window->metres ?? 0.02;
        $on = ($this->line->waterAt($at) - ($this->lensAt->metres ?? 0.019)) / ($window / 2);

        return $on < -1 ? null : round(min(1.0, $on), 3);
    }
}
