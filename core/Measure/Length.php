<?php

declare(strict_types=1);

namespace Jurvex\Core\Measure;

/** A length or a place along the line; never negative, kept in metres. */
final readonly class Length
{
    private const METRES_PER_FOOT = 0.3048;

    private function __construct(public float $metres)
    {
        if (!is_finite($metres) || $metres < 0) {
            throw new \DomainException(\sprintf('A length is a finite number from 0 up; %s given.', $metres));
        }
    }

    /** @throws \DomainException under zero or not finite */
    public static function metres(float $metres): self
    {
        return new self($metres);
    }

    /** @throws \DomainException under zero or not finite */
    public static function millimetres(float $millimetres): self
    {
        return new self($millimetres / 1000);
    }

    /** @throws \DomainException under zero or not finite */
    public static function feet(float $feet): self
    {
        return new self($feet * self::METRES_PER_FOOT);
    }

    /** @throws \DomainException under zero or not finite */
    public static function inches(float $inches): self
    {
        return self::feet($inches / 12);
    }

    public function inMillimetres(): float
    {
        return $this->metres * 1000;
    }

    public function inFeet(): float
    {
        return $this->metres / self::METRES_PER_FOOT;
    }

    public function inInches(): float
    {
        return $this->inFeet() * 12;
    }

    /** Negative when the other is the longer one. */
    public function compareTo(self $other): int
    {
        return $this->metres <=> $other->metres;
    }
}
