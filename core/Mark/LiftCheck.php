<?php

declare(strict_types=1);

namespace Jurvex\Core\Mark;

use Jurvex\Core\Measure\Length;

/** The locator raised by a known height: its reading must grow by as much. */
final readonly class LiftCheck
{
    private const LEAST_M = 0.05;
    private const SHARE = 0.1;

    public function __construct(private Length $raised, private Length $reading)
    {
    }

    /** Within 5 cm, or a tenth of the raise where that is more. */
    public function agrees(Length $median): bool
    {
        $off = abs($this->reading->metres - $median->metres - $this->raised->metres);

        return $off <= max(self::LEAST_M, self::SHARE * $this->raised->metres) + 1e-9;
    }
}
