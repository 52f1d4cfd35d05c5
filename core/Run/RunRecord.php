<?php

declare(strict_types=1);

namespace Jurvex\Core\Run;

use Jurvex\Core\Finding\Fact;
use Jurvex\Core\Finding\Family;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Finding\Material;
use Jurvex\Core\Measure\Halving;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Measure\SizeUnit;

/** One travel of the camera with all that was found, in order of distance from its zero. */
final readonly class RunRecord
{
    /** @var list<Finding> */
    public array $findings;

    /** @var non-empty-list<PipeSpan> without gaps, from zero to the line's length */
    public array $pipes;

    /** @var list<float> metres of the places with roots, each once, in order */
    private array $rootPlaces;

    /** How far the camera has been. */
    public Length $reached;

    /**
     * @param list<Finding> $findings in any order
     * @param ?Length $expected length of the whole line from zero, as far as anybody knows
     * @param ?Length $reached the end of the run; until it has ended, the farthest finding
     * @param bool $onlyExpected whether nothing was pushed yet, and the findings are what the map makes expected
     */
    public function __construct(
        array $findings,
        public Material $material,
        public ?Length $bore,
        public Travel $travel,
        public ?Length $expected = null,
        ?Length $reached = null,
        public ?EndReason $ended = null,
        bool $onlyExpected = false,
    ) {
        usort(
            $findings,
            static fn (Finding $a, Finding $b) => $a->from->metres <=> $b->from->metres
                ?: $a->end()->metres <=> $b->end()->metres
                ?: $a->id <=> $b->id,
        );
        $this->findings = $findings;
        $farthest = array_reduce($findings, static fn (float $most, Finding $finding) => max($most, $finding->end()->metres), 0.0);
        $this->reached = Length::metres($onlyExpected ? 0.0 : max($farthest, $reached->metres ?? 0.0));
        $this->pipes = $this->pipes();
        $this->rootPlaces = $this->rootPlaces();
    }

    /**
     * Length of the line from zero as known: what was reached, or what is expected when that is more and nothing says
     * the line ends before.
     */
    public function length(): Length
    {
        if (null === $this->expected || true === $this->ended?->isComplete()) {
            return $this->reached;
        }

        return $this->expected->compareTo($this->reached) > 0 ? $this->expected : $this->reached;
    }

    /**
     * The pipe on either side of a place; the same twice when no transition lies within the tolerance.
     *
     * @return array{PipeSpan, PipeSpan}
     */
    public function pipesAround(Length $place, Length $tolerance): array
    {
        $first = $last = null;
        foreach ($this->pipes as $span) {
            if ($place->metres >= $span->from->metres - $tolerance->metres && $place->metres <= $span->to->metres + $tolerance->metres) {
                $first ??= $span;
                $last = $span;
            }
        }

        $end = $this->pipes[\count($this->pipes) - 1];

        return [$first ?? $end, $last ?? $end];
    }

    /** Degrees of all bends that were logged up to a place. */
    public function turnedBefore(Length $place): float
    {
        $turned = 0.0;
        foreach ($this->findings as $finding) {
            if (Kind::Bend === $finding->kind && $finding->from->metres <= $place->metres) {
                $turned += $finding->sizeIn(SizeUnit::Degrees) ?? 0.0;
            }
        }

        return $turned;
    }

    public function pipeAt(Length $place): PipeSpan
    {
        return $this->pipesAround($place, Length::metres(0))[1];
    }

    /** @return non-empty-list<PipeSpan> */
    private function pipes(): array
    {
        $spans = [];
        $from = Length::metres(0);
        $material = $this->material;
        $bore = $this->bore;
        foreach ($this->findings as $finding) {
            if (Kind::Transition !== $finding->kind) {
                continue;
            }
            if ($finding->from->compareTo($from) > 0) {
                $spans[] = new PipeSpan($from, $finding->from, $material, $bore);
            }
            $from = $finding->from;
            $material = Material::tryFrom($finding->fact(Fact::MaterialAfter) ?? '') ?? $material;
            $size = $finding->sizeIn(SizeUnit::Millimetres);
            $bore = null === $size ? $bore : Length::millimetres($size);
        }
        $spans[] = new PipeSpan($from, $this->length(), $material, $bore);

        return $spans;
    }

    /** @return list<float> metres of the places with roots from one place to another, in order */
    public function rootPlacesBetween(float $from, float $to): array
    {
        $first = Halving::firstFrom($this->rootPlaces, $from);
        $between = [];
        for ($i = $first; isset($this->rootPlaces[$i]) && $this->rootPlaces[$i] <= $to; ++$i) {
            $between[] = $this->rootPlaces[$i];
        }

        return $between;
    }

    /** @return list<float> */
    private function rootPlaces(): array
    {
        $places = [];
        foreach ($this->findings as $finding) {
            if (Family::Roots === $finding->kind->family()) {
                $places[] = $finding->from->metres;
            }
        }

        return array_values(array_unique($places));
    }
}
