<?php

declare(strict_types=1);

namespace Jurvex\Core\Jet;

use Jurvex\Core\Flow\Water;
use Jurvex\Core\Measure\Length;

/** What stands at the end of the hose. */
final readonly class Nozzle
{
    /**
     * @param non-empty-list<Orifices> $orifices
     * @param float $leak share of the flow that leaks past a turning part, from 0 to under 1
     */
    public function __construct(public array $orifices, private float $leak)
    {
    }

    public function withoutLeak(): self
    {
        return new self($this->orifices, 0.0);
    }

    /** Share of the flow that leaks past what turns. */
    public function leak(): float
    {
        return $this->leak;
    }

    /**
     * What it takes to press a flow through: Cd·A·√(2P/ρ) = Q·(1 − leak).
     *
     * @param float $flow in m³/s
     */
    public function pressure(float $flow): Pressure
    {
        return Pressure::pascal(Water::DENSITY / 2 * ($this->jetted($flow) / $this->effectiveArea()) ** 2);
    }

    /** What it lets through at a pressure, in m³/s. */
    public function flow(Pressure $pressure): float
    {
        return $this->effectiveArea() * sqrt(2 * $pressure->pascal / Water::DENSITY) / (1 - $this->leak);
    }

    /** Net thrust, forward where it is over nought: Σ n·Cd·A·√(2P/ρ)·√(2ρP)·cos(angle), in N. */
    public function thrust(Pressure $pressure): float
    {
        return array_sum(
            array_map(
                static fn (Orifices $each) => $each->effectiveArea() * 2 * $pressure->pascal * cos(deg2rad($each->degrees)),
                $this->orifices,
            ),
        );
    }

    /** Power of the jets, P·Q·(1 − leak), in W. */
    public function power(float $flow): float
    {
        return $this->pressure($flow)->pascal * $this->jetted($flow);
    }

    /** The one diameter that, in all its orifices, would take a flow at a pressure; with the first one's Cd. */
    public function matchedDiameter(float $flow, Pressure $pressure): Length
    {
        $count = array_sum(array_map(static fn (Orifices $each) => $each->count, $this->orifices));
        $area = $this->jetted($flow) / ($count * $this->orifices[0]->discharge * sqrt(2 * $pressure->pascal / Water::DENSITY));

        return Length::metres(sqrt(4 * $area / \M_PI));
    }

    private function jetted(float $flow): float
    {
        return $flow * (1 - $this->leak);
    }

    private function effectiveArea(): float
    {
        return array_sum(array_map(static fn (Orifices $each) => $each->effectiveArea(), $this->orifices));
    }
}
