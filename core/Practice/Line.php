<?php

declare(strict_types=1);

namespace Jurvex\Core\Practice;

use Jurvex\Core\Finding\Fact;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Finding\Material;
use Jurvex\Core\Measure\Bore;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Reach\Bend;
use Jurvex\Core\Reach\Path;
use Jurvex\Core\Reach\Straight;
use Jurvex\Core\Run\EndReason;
use Jurvex\Core\Run\RunRecord;
use Jurvex\Core\Run\Travel;

/**
 * A line that exists only as data, seen the way a camera goes through it. The invert falls evenly; a low spot is cut
 * out of it under the level of its
 * lower end, so that the water that stands in it is as deep as the finding says.
 */
final readonly class Line
{
    public const USUAL_FALL = 0.02;
    private const BEND_RADIUS_BORES = 1.5;
    /** Over which the camera's tilt is that of the pipe. */
    private const BASE_M = 0.1;
    private const LAYING_M = [
        'clay' => 0.6, 'concrete' => 1.0, 'cast_iron' => 1.5, 'bituminised_fibre' => 2.5, 'pvc_gasketed' => 3.0,
        'pvc_welded' => 4.0, 'abs' => 4.0,
    ];

    /** @var list<array{from: float, deepest: float, to: float, depth: float}> */
    private array $dips;

    /**
     * @param RunRecord $record all that is in it, by distance from zero the way that the camera goes
     * @param float $fall of the line, as a tangent, over nought downstream
     * @param float $vertical metres at the beginning that stand upright, as under a roof vent
     */
    public function __construct(
        public RunRecord $record,
        public Length $length,
        public float $fall = self::USUAL_FALL,
        public float $vertical = 0.0,
    ) {
        $dips = [];
        foreach ($record->findings as $finding) {
            if (Kind::LowSpot === $finding->kind && $finding->lengthMetres() > 0) {
                [$from, $to] = [$finding->from->metres, $finding->end()->metres];
                $deepest = $finding->deepest->metres ?? ($from + $to) / 2;
                $dips[] = [
                    'from' => $from,
                    'deepest' => min(max($deepest, $from + 0.05 * ($to - $from)), $to - 0.05 * ($to - $from)),
                    'to' => $to,
                    'depth' => ($finding->size->value ?? 10.0) / 1000,
                ];
            }
        }
        $this->dips = $dips;
    }

    /** A line as a record tells it; what nobody reached is not there. */
    public static function of(RunRecord $record): self
    {
        return new self($record, Length::metres(max(1.0, $record->reached->metres)));
    }

    /** Water that stands at a place, in metres. */
    public function waterAt(float $metres): float
    {
        $depth = $this->dipAt($metres);
        foreach ($this->record->findings as $finding) {
            if (Kind::StandingWater === $finding->kind && $metres >= $finding->from->metres && $metres <= $finding->end()->metres) {
                $depth = max($depth, ($finding->size->value ?? 10.0) / 1000);
            }
        }

        return $depth;
    }

    /** The camera's tilt in degrees, nose up positive, the way that it goes. */
    public function tiltAt(float $metres): float
    {
        if ($metres < $this->vertical) {
            return -90.0;
        }
        $from = max($this->vertical, $metres - self::BASE_M / 2);
        $to = min($this->length->metres, $metres + self::BASE_M / 2);

        return rad2deg(atan(($this->heightAt($to) - $this->heightAt($from)) / max(1e-9, $to - $from)));
    }

    /** Of the invert over that at zero, in metres. */
    public function heightAt(float $metres): float
    {
        $down = Travel::Downstream === $this->record->travel ? -$this->fall : $this->fall;
        $level = 0.0;
        foreach ($this->dips as $dip) {
            // The level of the water does not fall: over a low spot neither does the line.
            $level += max(0.0, min($metres, $dip['to']) - $dip['from']);
        }

        return $down * (max(0.0, $metres - $this->vertical) - $level) - $this->dipAt($metres);
    }

    /** @return list<float> metres of its joints, by the laying length of each material */
    public function joints(): array
    {
        $joints = [];
        foreach ($this->record->pipes as $pipe) {
            $step = self::LAYING_M[$pipe->material->value] ?? null;
            for ($at = $pipe->from->metres + ($step ?? 0.0); null !== $step
                && $at < min($pipe->to->metres, $this->length->metres) - 0.05; $at += $step
            ) {
                $joints[] = round($at, 3);
            }
        }

        return $joints;
    }

    /** The way as reach sees it. */
    public function path(): Path
    {
        $pieces = [];
        $at = 0.0;
        $bore = $this->boreAt(0.0);
        foreach ([
            ...array_filter(
                $this->record->findings,
                static fn (Finding $finding) => Kind::Bend === $finding->kind || Kind::Transition === $finding->kind,
            ),
            null,
        ] as $finding) {
            $to = $finding->from->metres ?? $this->length->metres;
            if ($to > $at) {
                $pieces[] = new Straight(
                    Length::metres($to - $at),
                    $bore,
                    $at < $this->vertical ? 90.0 : rad2deg(atan(Travel::Downstream === $this->record->travel ? $this->fall : -$this->fall)),
                );
                $at = $to;
            }
            if (Kind::Bend === $finding?->kind) {
                $pieces[] = new Bend($finding->size->value ?? 45.0, Length::metres(self::BEND_RADIUS_BORES * $bore->metres), $bore);
            }
            $bore = $this->boreAt($at + 0.01);
        }

        return new Path($pieces);
    }

    public function boreAt(float $metres): Length
    {
        return $this->record->pipeAt(Length::metres($metres))->bore ?? Bore::usual();
    }

    public function materialAt(float $metres): Material
    {
        return $this->record->pipeAt(Length::metres($metres))->material;
    }

    /**
     * What a perfect look would record that comes no farther than a place: nothing beyond it, and low spots that put the lens under say so.
     *
     * @param Length $lensUnder depth from which the lens is wholly under
     */
    public function perfectRecord(Length $reach, Length $lensUnder): RunRecord
    {
        $findings = [];
        foreach ($this->record->findings as $finding) {
            if ($finding->from->metres <= $reach->metres && Kind::SoundJoint !== $finding->kind) {
                $isUnder = $finding->kind->isWater() && ($finding->size->value ?? 0.0) >= $lensUnder->inMillimetres();
                $findings[] = $isUnder ? $finding->withFact(Fact::LensUnder, Fact::YES) : $finding;
            }
        }
        $isWhole = $reach->metres >= $this->length->metres - 0.05;

        return new RunRecord(
            $findings, $this->record->material, $this->record->bore, $this->record->travel, $this->length,
            Length::metres(min($reach->metres, $this->length->metres)),
            $isWhole ? EndReason::MainReached : EndReason::CannotPass,
        );
    }

    private function dipAt(float $metres): float
    {
        foreach ($this->dips as ['from' => $from, 'deepest' => $deepest, 'to' => $to, 'depth' => $depth]) {
            if ($metres > $from && $metres < $to) {
                $part = $metres < $deepest ? ($metres - $from) / ($deepest - $from) : ($to - $metres) / ($to - $deepest);

                return $depth * (1 - cos(\M_PI * $part)) / 2;
            }
        }

        return 0.0;
    }
}
