<?php

declare(strict_types=1);

namespace Jurvex\Core\Jet;

use Jurvex\Core\Measure\Halving;
use Jurvex\Core\Measure\Length;

/** Pump, hoses in series and nozzle: the flow at which they agree. Differences of height are left out. */
final readonly class JetLine
{
    /** In m³/s. */
    public float $flow;

    public bool $onRelief;

    /** @param list<Hose> $hoses */
    public function __construct(private Pump $pump, private array $hoses, public Nozzle $nozzle)
    {
        $this->onRelief = $this->pressureAt($pump->flow) > $pump->setting->pascal;
        $this->flow = $this->onRelief ? $this->flowAtSetting() : $pump->flow;
    }

    public function setting(): Pressure
    {
        return $this->pump->setting;
    }

    /** The same pump and hoses with another nozzle. */
    public function withNozzle(Nozzle $nozzle): self
    {
        return new self($this->pump, $this->hoses, $nozzle);
    }

    /** The same with another length of the hose at the pump. */
    public function withFirstHose(Length $length): self
    {
        $first = $this->hoses[0] ?? null;

        return null === $first
            ? $this : new self($this->pump, [$first->ofLength($length), ...\array_slice($this->hoses, 1)], $this->nozzle);
    }

    /** As if all of the water came out of the jets. */
    public function withoutLeak(): self
    {
        return $this->withNozzle($this->nozzle->withoutLeak());
    }

    public function bypass(): float
    {
        return $this->pump->flow - $this->flow;
    }

    public function pumpPressure(): Pressure
    {
        return $this->onRelief ? $this->pump->setting : Pressure::pascal($this->pressureAt($this->flow));
    }

    public function hoseLoss(): Pressure
    {
        return Pressure::pascal($this->lossAt($this->flow));
    }

    public function nozzlePressure(): Pressure
    {
        return $this->nozzle->pressure($this->flow);
    }

    /** What stands at the nozzle when the gauge at the pump and a measured flow are known; nothing where the hoses use it up. */
    public function atNozzle(Pressure $gauge, float $flow): Pressure
    {
        return Pressure::pascal(max(0.0, $gauge->pascal - $this->lossAt($flow)));
    }

    /** @return list<Pressure> at the inlet of each hose, in their order */
    public function inlets(): array
    {
        $at = $this->pumpPressure()->pascal;
        $inlets = [];
        foreach ($this->losses() as $loss) {
            $inlets[] = Pressure::pascal($at);
            $at -= $loss->pascal;
        }

        return $inlets;
    }

    /** @return list<Pressure> lost in each hose, in their order */
    public function losses(): array
    {
        return array_map(fn (Hose $hose) => $hose->loss($this->flow), $this->hoses);
    }

    /** The orifice that would bring the pump's full flow exactly to its setting; none when the hose alone uses it up. */
    public function matchedOrifice(): ?Length
    {
        $left = $this->pump->setting->pascal - $this->lossAt($this->pump->flow);

        return $left > 0 ? $this->nozzle->matchedDiameter($this->pump->flow, Pressure::pascal($left)) : null;
    }

    /** The orifice that fits; where the hoses alone use up the setting, the one that would need half of it. */
    public function bestOrifice(): Length
    {
        return $this->matchedOrifice()
            ?? $this->nozzle->matchedDiameter($this->pump->flow, Pressure::pascal($this->pump->setting->pascal / 2));
    }

    private function flowAtSetting(): float
    {
        $isBelow = fn (float $flow) => $this->pressureAt($flow) < $this->pump->setting->pascal;

        return Halving::border(0.0, $this->pump->flow, $isBelow)[0];
    }

    private function pressureAt(float $flow): float
    {
        return $this->nozzle->pressure($flow)->pascal + $this->lossAt($flow);
    }

    private function lossAt(float $flow): float
    {
        return array_sum(array_map(static fn (Hose $hose) => $hose->loss($flow)->pascal, $this->hoses));
    }
}
