<?php

declare(strict_types=1);

namespace Jurvex\Core\Camera;

use Jurvex\Core\Measure\Grade;
use Jurvex\Core\Measure\Length;

/**
 * The fall of a pipe that hangs in the open, as in a crawl space, measured there: needed drop = least fall × length; found by
 * tape as a difference of height over the length, or by a level laid on it.
 */
final readonly class OutsideFall
{
    /** Two ends of a tape are read to this, each way. */
    private const TAPE_ERROR_MM = 3.0;

    public Grade $fall;

    private function __construct(public Length $length, public Grade $minimum, private FallRange $range)
    {
        $this->fall = $range->fall;
    }

    /**
     * @param float $dropMm how much lower the end is than the beginning, in the direction of flow; under zero when it rises
     *
     * @throws \DomainException for a length of nothing
     */
    public static function byTape(Length $length, float $dropMm, ?Length $bore): self
    {
        if (0.0 === $length->metres) {
            throw new \DomainException('A fall needs a length over zero.');
        }
        $fall = static fn (float $millimetres) => Grade::millimetresPerMetre($millimetres / $length->metres);

        return new self($length, MinimumFall::of($bore), new FallRange(
            $fall($dropMm), $fall($dropMm - self::TAPE_ERROR_MM), $fall($dropMm + self::TAPE_ERROR_MM),
        ));
    }

    /**
     * @param float $degrees downward in the direction of flow
     * @param float $stepDeg of the level's readout; the true slope lies within half of it either way
     *
     * @throws \DomainException when the range comes to the upright
     */
    public static function byLevel(Length $length, float $degrees, float $stepDeg, ?Length $bore): self
    {
        return new self($length, MinimumFall::of($bore), FallRange::inSteps($degrees, $stepDeg));
    }

    /** Millimetres by which its end must lie lower than its beginning. */
    public function neededMm(): float
    {
        return $this->minimum->inMillimetresPerMetre() * $this->length->metres;
    }

    /** Millimetres by which its end lies lower, as it was measured. */
    public function foundMm(): float
    {
        return $this->fall->inMillimetresPerMetre() * $this->length->metres;
    }

    /** meets, short, or cannot_tell */
    public function verdict(): string
    {
        return $this->range->verdict($this->minimum);
    }
}
