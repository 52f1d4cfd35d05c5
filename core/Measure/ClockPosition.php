<?php

declare(strict_types=1);

namespace Jurvex\Core\Measure;

/** A place on the wall of the bore, over 0 to 12 hours: 12 at the crown, 3 on the right, looking the way of travel. */
final readonly class ClockPosition
{
    private const INVERT = 6.0;

    private function __construct(public float $hours)
    {
    }

    /**
     * @param float $hours 0 to 12; 0 is 12
     *
     * @throws \DomainException outside 0 to 12
     */
    public static function hours(float $hours): self
    {
        if (!($hours >= 0 && $hours <= 12)) {
            throw new \DomainException(\sprintf('A clock position lies from 0 to 12; %s given.', $hours));
        }

        return new self(0.0 === $hours ? 12.0 : $hours);
    }

    /**
     * The true position of something seen here on a picture that is rolled over:
     * (screen − invert + 6) mod 12, 0 becoming 12.
     *
     * @param self $invertOnScreen where the bottom of the pipe stands on the picture
     */
    public function correctedForRoll(self $invertOnScreen): self
    {
        $hours = fmod($this->hours - $invertOnScreen->hours + self::INVERT + 12, 12);

        return self::hours($hours);
    }

    /** The same place for someone who looks the other way along the line. */
    public function seenFromBehind(): self
    {
        return self::hours(12 - $this->hours);
    }

    /** Height in the bore: 1 at the crown, 0 at the springline, −1 at the invert. */
    public function height(): float
    {
        return cos($this->hours / 12 * 2 * \M_PI);
    }
}
