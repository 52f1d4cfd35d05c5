<?php

declare(strict_types=1);

namespace Jurvex\Core\Judge;

use Jurvex\Core\Camera\FallRange;
use Jurvex\Core\Camera\MinimumFall;
use Jurvex\Core\Finding\Fact;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Finding\Material;
use Jurvex\Core\Measure\Grade;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Measure\SizeUnit;
use Jurvex\Core\Run\PipeSpan;
use Jurvex\Core\Run\RunRecord;
use Jurvex\Core\Run\Travel;

/** What is known about one finding when it is judged: its own measures, the pipe around it and its neighbours. */
final class Evidence
{
    /** Metres: places are typed to the centimetre, and sums of them are no rounder than this. */
    private const HAIR = 1e-9;

    public readonly PipeSpan $before;
    public readonly PipeSpan $after;

    /** Both schools ask for it. */
    private ?int $rootJoints = null;

    public function __construct(public readonly Finding $finding, public readonly RunRecord $run, public readonly HouseRules $rules)
    {
        [$this->before, $this->after] = $run->pipesAround($finding->from, Length::metres($rules->limit('same_place_m')));
    }

    /** A measured value by its name (the name carries the unit); null when it is not known. */
    public function value(string $name): float|string|null
    {
        return match ($name) {
            'depth_mm' => $this->depthMm(),
            'depth_percent' => $this->depthPercent(),
            'length_m' => $this->finding->lengthMetres(),
            'step_percent' => $this->stepPercent(),
            'area_percent' => $this->areaPercent(),
            'share_percent' => $this->finding->sizeIn(SizeUnit::Percent),
            'bore_mm' => $this->after->bore?->inMillimetres(),
            'material' => $this->after->material->value,
            'material_before' => $this->before->material->value,
            'fall_percent' => $this->fall()?->inPercent(),
            'least_fall_percent' => $this->leastFall()->inPercent(),
            'root_joints' => (float) $this->rootJointsNear(),
            'share_of_stretch_percent' => $this->wornShareOfStretch(),
            default => $this->finding->fact(Fact::from($name)),
        };
    }

    public function depthMm(): ?float
    {
        return $this->finding->sizeIn(SizeUnit::Millimetres);
    }

    public function depthPercent(): ?float
    {
        return $this->finding->percentOf($this->after->bore);
    }

    /** Whether it was measured in millimetres that only the bore, which nobody noted, makes a share. */
    public function lacksBore(): bool
    {
        return null === $this->after->bore && null !== $this->finding->sizeIn(SizeUnit::Millimetres);
    }

    /** Step of an offset as share of the bore. */
    public function stepPercent(): ?float
    {
        return $this->finding->percentOf($this->after->bore);
    }

    /**
     * Share of the bore's area that a deposit takes. Given as a thickness t in a bore D: a lining (grease, scale) takes
     * 1 − ((D − 2t)/D)²; what lies on the invert takes the part-full circle of depth t.
     */
    public function areaPercent(): ?float
    {
        $share = $this->finding->sizeIn(SizeUnit::Percent);
        $thickness = $this->finding->percentOf($this->after->bore);
        if (null !== $share || null === $thickness) {
            return $share;
        }
        $part = $thickness / 100;
        if (\in_array($this->finding->kind, [Kind::Grease, Kind::Scale], true)) {
            return 100 * (1 - max(0.0, 1 - 2 * $part) ** 2);
        }
        $angle = 2 * acos(1 - 2 * $part);

        return 100 * ($angle - sin($angle)) / (2 * \M_PI);
    }

    /** Fall as it was measured; under nought against the flow. */
    public function fall(): ?Grade
    {
        $percent = $this->finding->sizeIn(SizeUnit::Percent);

        return null === $percent ? null : Grade::percent($this->finding->says(Fact::FallsBack) ? -$percent : $percent);
    }

    /** meets, short or cannot_tell: a fall that was read in steps lies within half of one either way. */
    public function fallVerdict(): ?string
    {
        $step = (float) ($this->finding->fact(Fact::TiltStepDeg) ?? 0.0);

        return null === $this->fall()
            ? null
            : (FallRange::byTilt(-$this->fall()->inDegrees(), $step, Travel::Downstream))->verdict($this->leastFall());
    }

    private function leastFall(): Grade
    {
        return MinimumFall::of($this->after->bore);
    }

    /** Whether both sides of the place are plastic welded with solvent. */
    public function isWeldedPlastic(): bool
    {
        return $this->before->material->isSolventWelded() && $this->after->material->isSolventWelded();
    }

    /** Whether an offset, a gap or a break stands at the same place. */
    public function hasDamageBeside(): bool
    {
        $reach = $this->rules->limit('same_place_m');
        foreach ($this->run->findings as $other) {
            $apart = max($other->from->metres - $this->finding->end()->metres, $this->finding->from->metres - $other->end()->metres);
            // Places are typed to the centimetre: a hair over the limit is still the same place.
            if ($apart <= $reach + self::HAIR
                && \in_array($other->kind, [Kind::OffsetJoint, Kind::SeparatedJoint, Kind::BrokenPipe, Kind::Hole], true)
            ) {
                return true;
            }
        }

        return false;
    }

    /** The most joints with roots in any window of the house's length that this finding is in. */
    public function rootJointsNear(): int
    {
        return $this->rootJoints ??= $this->mostRootJoints();
    }

    private function mostRootJoints(): int
    {
        $window = $this->rules->limit('roots_many_within_m');
        $here = $this->finding->from->metres;
        $places = $this->run->rootPlacesBetween($here - $window - self::HAIR, $here + $window + self::HAIR);
        $most = 0;
        $first = 0;
        // The window slides along the places in order; only while it holds the finding does it count.
        foreach ($places as $last => $place) {
            while ($place - $places[$first] > $window) {
                ++$first;
            }
            if ($place >= $here && $places[$first] <= $here) {
                $most = max($most, $last - $first + 1);
            }
        }

        return $most;
    }

    /** Share of this stretch of pipe (one material and bore) whose invert is worn thin or through. */
    public function wornShareOfStretch(): float
    {
        $pipe = $this->run->pipeAt($this->finding->from);
        $length = $pipe->to->metres - $pipe->from->metres;
        $worn = 0.0;
        foreach ($this->run->findings as $other) {
            if (Kind::WornInvert === $other->kind && !$other->says(Fact::Wear, 'rough')) {
                $worn += max(0.0, min($other->end()->metres, $pipe->to->metres) - max($other->from->metres, $pipe->from->metres));
            }
        }

        return $length > 0 ? min(100.0, 100 * $worn / $length) : 0.0;
    }

    public function isIn(Material $material): bool
    {
        return $this->after->material === $material || $this->before->material === $material;
    }

    public function limit(string $name): float
    {
        return $this->rules->limit($name);
    }
}
