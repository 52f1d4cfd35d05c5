<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** A number with its unit, as it was said. */
final readonly class Amount
{
    /** A smaller number without a unit counts something. */
    public const LEAST_PLACE = 8;
    private const MILLIMETRE_M = 0.001;

    /**
     * @param float $value metres, percent, degrees or hours of the clock
     * @param float $each metres of one of its unit; 1 for what is no length
     * @param int $first its first word
     * @param int $last its last word
     * @param bool $isDecimal whether it was said with a point: "ten point five"
     */
    public function __construct(
        public float $value, public Unit $unit, public int $first, public int $last, public float $each = 1.0,
        public bool $isDecimal = false,
    ) {
    }

    /** Whether it is a bare number with tenths that are no halves or quarters: along a line, since nobody counts in tenths. */
    public function isTenths(): bool
    {
        return Unit::None === $this->unit
            && ($this->isDecimal && $this->value > 0 || $this->value > 1 && fmod(4 * $this->value, 1.0) > 0.01);
    }

    /** Whether it is a bare number that may be a place: a smaller one counts something. */
    public function mayBePlace(): bool
    {
        return Unit::None === $this->unit && $this->value >= self::LEAST_PLACE;
    }

    /** Whether it may be a place along the line: feet or metres, a bare number that may, or one with tenths. */
    public function mayBeAlong(): bool
    {
        return Unit::Large === $this->unit || $this->mayBePlace() || $this->isTenths();
    }

    /** The same bare number, as millimetres. */
    public function inMillimetres(): self
    {
        return new self($this->value * self::MILLIMETRE_M, Unit::Small, $this->first, $this->last, self::MILLIMETRE_M);
    }

    /** The same number in the unit of another: "20 to 29 feet". */
    public function in(self $other): self
    {
        return Unit::None === $this->unit && $other->unit->isLength()
            ? new self($this->value * $other->each, $other->unit, $this->first, $this->last, $other->each) : $this;
    }
}
