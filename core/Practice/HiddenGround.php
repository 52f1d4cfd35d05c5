<?php

declare(strict_types=1);

namespace Jurvex\Core\Practice;

use Jurvex\Core\Mend\GroundOver;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The ground over a line that exists only as data: how deep the pipe is, and where metal lies over it. */
final readonly class HiddenGround
{
    private const WET_M = 0.02;
    private const PLATE_M = 1.5;

    /**
     * @param ?GroundOver $known depths that somebody located already, which it then agrees with
     * @param float $cover of the pipe at zero, in metres
     * @param float $slope of the ground, over nought where it rises
     * @param float $plate metres where something of metal begins to lie over it
     */
    private function __construct(
        private Line $line, private ?GroundOver $known, private float $cover, private float $slope, private float $plate, public int $seed,
    ) {
    }

    /** The same seed hides the same. */
    public static function over(Line $line, int $seed, ?GroundOver $known = null): self
    {
        $chance = new Randomizer(new Mt19937($seed));

        return new self(
            $line, $known, $chance->getInt(70, 130) / 100, $chance->getInt(-10, 15) / 1000,
            $line->length->metres * $chance->getInt(30, 80) / 100, $seed,
        );
    }

    /** Of the pipe below the ground, in metres. */
    public function depthAt(float $metres): float
    {
        if (null !== $this->known?->toNearestDepth($metres)) {
            return $this->known->depth($metres);
        }

        return max(0.3, $this->cover + $this->slope * $metres - $this->line->heightAt($metres));
    }

    /** Whether water stands over the head there. */
    public function isWet(float $metres): bool
    {
        return $this->line->waterAt($metres) >= self::WET_M;
    }

    public function hasMetal(float $metres): bool
    {
        return $metres >= $this->plate && $metres <= $this->plate + self::PLATE_M;
    }
}
