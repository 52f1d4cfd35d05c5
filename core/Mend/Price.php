<?php

declare(strict_types=1);

namespace Jurvex\Core\Mend;

use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;

/** A price with its range. */
final readonly class Price
{
    public function __construct(public float $low, public float $high)
    {
    }

    /** @throws BadInput where it is no [low, high] */
    public static function read(Input $of, string $key): self
    {
        $range = new Input($of->map($key), $of->at($key));
        $low = $range->number('0', 0);

        return new self($low, $range->number('1', $low));
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
