<?php

declare(strict_types=1);

namespace Jurvex\Core\Reel;

use Jurvex\Core\Measure\Length;

/** The reel's counter, zeroed at the run's zero point: what it reads against what is true. */
final readonly class Counter
{
    /**
     * @param float $factor true distance per counted distance, over 0
     * @param Length $outAtZero cable already out when the counter was zeroed
     * @param Length $cable the whole cable
     *
     * @throws \DomainException when the factor is not over 0
     */
    public function __construct(public float $factor, public Length $outAtZero, public Length $cable)
    {
        if (!($factor > 0)) {
            throw new \DomainException(\sprintf('A counter factor is over 0; %s given.', $factor));
        }
    }

    /** Distance along the line from zero. */
    public function distance(Length $reading): Length
    {
        return Length::metres($reading->metres * $this->factor);
    }

    public function cableOut(Length $reading): Length
    {
        return Length::metres($this->outAtZero->metres + $this->distance($reading)->metres);
    }

    /** In metres; under zero when the counter claims more than the cable has, so the factor is wrong. */
    public function cableLeftMetres(Length $reading): float
    {
        return $this->cable->metres - $this->cableOut($reading)->metres;
    }

    /** What the counter shows when the cable is all out; zero when it was all out already. */
    public function farthestReading(): Length
    {
        return Length::metres(max(0.0, $this->cable->metres - $this->outAtZero->metres) / $this->factor);
    }
}
