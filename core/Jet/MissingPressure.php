<?php

declare(strict_types=1);

namespace Jurvex\Core\Jet;

/** Where the pressure between a pump's setting and its nozzle is left: parts that add up to what is missing, all at one flow. */
final readonly class MissingPressure
{
    /** Less than this share of the setting is not worth a word. */
    private const TOLD_FROM = 0.05;

    public Pressure $inHoses;

    /** What more would stand at the pump if nothing leaked past what turns. */
    public Pressure $byLeak;

    /** What the pump does not build up because the orifices let its flow through too easily. */
    public Pressure $byOrifices;

    /** What stands less at the nozzle than its drilled orifices need for the measured flow; none while nothing was measured. */
    public ?Pressure $byWear;

    /**
     * @param ?float $flow measured, in m³/s
     * @param ?Pressure $gauge at the pump while it was measured
     */
    public function __construct(private JetLine $line, ?float $flow = null, ?Pressure $gauge = null)
    {
        $tight = $line->withoutLeak()->pumpPressure()->pascal;
        $this->inHoses = $line->hoseLoss();
        $this->byLeak = Pressure::pascal(max(0.0, $tight - $line->pumpPressure()->pascal));
        $this->byOrifices = Pressure::pascal(max(0.0, $line->setting()->pascal - $tight));
        $this->byWear = null === $flow || null === $gauge
            ? null : Pressure::pascal(max(0.0, $line->nozzle->pressure($flow)->pascal - $line->atNozzle($gauge, $flow)->pascal));
    }

    /** @return array<string, Pressure> what arrives, and what is left on the way, largest first; together the setting */
    public function parts(): array
    {
        $lost = ['hoses' => $this->inHoses, 'leak' => $this->byLeak, 'orifices' => $this->byOrifices];
        uasort($lost, static fn (Pressure $a, Pressure $b) => $b->pascal <=> $a->pascal);

        return ['nozzle' => $this->line->nozzlePressure(), ...$lost];
    }

    /** @return list<string> hoses, leak, orifices, wear: what costs a telling share of the setting, the most first */
    public function reasons(): array
    {
        $lost = \array_slice($this->parts(), 1) + (null === $this->byWear ? [] : ['wear' => $this->byWear]);
        uasort($lost, static fn (Pressure $a, Pressure $b) => $b->pascal <=> $a->pascal);
        $least = self::TOLD_FROM * $this->line->setting()->pascal;

        return array_keys(array_filter($lost, static fn (Pressure $part) => $part->pascal >= $least));
    }
}
