<?php

declare(strict_types=1);

namespace Jurvex\Core\Mark;

/** The fall of the pipe between two marks, with its range; all in percent. Without ground heights two depths alone say nothing. */
final readonly class MarkFall
{
    private function __construct(public ?float $fall, public ?float $least, public ?float $most)
    {
    }

    /**
     * Invert = ground − depth; half-width √(Σ (spread/2)² + ground error²) over the distance along the pipe.
     *
     * @throws \DomainException when both are at one place along the pipe
     */
    public static function between(MarkedDepth $upper, MarkedDepth $lower): self
    {
        $apart = abs($lower->along->metres - $upper->along->metres);
        if (0.0 === $apart) {
            throw new \DomainException('Two marks at one place along the pipe have no fall between them.');
        }
        [$high, $low] = [$upper->invert(), $lower->invert()];
        if (null === $high || null === $low) {
            return new self(null, null, null);
        }
        $fall = 100 * ($high - $low) / $apart;
        $half = 100 * sqrt($upper->variance() + $lower->variance()) / $apart;

        return new self($fall, $fall - $half, $fall + $half);
    }

    /** @return string meets, against, short, cannot_tell or no_ground */
    public function verdict(float $minimum): string
    {
        return match (true) {
            null === $this->least || null === $this->most => 'no_ground',
            $this->least >= $minimum => 'meets',
            $this->most < 0 => 'against',
            $this->most < $minimum => 'short',
            default => 'cannot_tell',
        };
    }
}
