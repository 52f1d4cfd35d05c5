<?php

declare(strict_types=1);

namespace Jurvex\Core\Practice;

/** One reading of a locator. */
final readonly class LocatorReading
{
    /**
     * @param float $depth in metres, to the centimetre
     * @param float $signal of a hundred
     * @param bool $isSteady whether the signal stands
     */
    public function __construct(public float $depth, public float $signal, public bool $isSteady)
    {
    }
}
