<?php

declare(strict_types=1);

namespace Jurvex\Core\Jet;

/** What the measured flow says of the orifices: drilled area against the area that lets this flow through. */
final readonly class OrificeWear
{
    /** Within a tenth, measuring in a bucket tells nothing. */
    private const TELLS_FROM = 0.1;

    private function __construct(public float $share)
    {
    }

    /**
     * @param float $flow measured, in m³/s
     * @param Pressure $pressure at the nozzle, over nought
     */
    public static function measured(Nozzle $nozzle, float $flow, Pressure $pressure): self
    {
        return new self($flow / $nozzle->flow($pressure));
    }

    public function isBlocked(): bool
    {
        return $this->share < 1 - self::TELLS_FROM;
    }

    public function isWorn(): bool
    {
        return $this->share > 1 + self::TELLS_FROM;
    }
}
