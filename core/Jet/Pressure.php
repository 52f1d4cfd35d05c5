<?php

declare(strict_types=1);

namespace Jurvex\Core\Jet;

/** A pressure over that of the air; kept in pascal. */
final readonly class Pressure
{
    private const PASCAL_PER_BAR = 1e5;

    private function __construct(public float $pascal)
    {
    }

    public static function pascal(float $pascal): self
    {
        return new self($pascal);
    }

    public static function bar(float $bar): self
    {
        return new self($bar * self::PASCAL_PER_BAR);
    }

    public function inBar(): float
    {
        return $this->pascal / self::PASCAL_PER_BAR;
    }
}
