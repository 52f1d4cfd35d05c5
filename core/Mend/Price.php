<?php

declare(strict_types=1);

namespace Jurvex\Core\Mend;

/** A price with its range. */
final readonly class Price
{
    public function __construct(public float $low, public float $high)
    {
    }

    public static function nothing(): self
    {
        return new self(0.0, 0.0);
    }

    public function plus(self $other): self
    {
        return new self($this->low + $other->low, $this->high + $other->high);
    }

    public function times(float $factor): self
    {
        return new self($this->low * $factor, $this->high * $factor);
    }

    /** What is compared: low and high together. */
    public function weight(): float
    {
        return $this->low + $this->high;
    }
}
