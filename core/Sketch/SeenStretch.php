<?php

declare(strict_types=1);

namespace Jurvex\Core\Sketch;

use Jurvex\Core\Finding\Material;

/** One fabric that a run saw on a pipe of the map: from where to where, what it is, and the bends in it. */
final readonly class SeenStretch
{
    private const NOTABLE_MM = 5.0;
    /** Nearer to a pipe's end than this, it is the end. */
    private const END_M = 0.3;
    private const HAIR = 1e-6;

    private bool $fromStart;

    private bool $toEnd;

    /**
     * @param float $from metres from the pipe's upper end, by the run
     * @param float $to the same, not before it
     * @param float $length of the whole pipe, by the run
     * @param ?float $bore in mm
     * @param list<PipeBend> $bends seen in it, by metres from the pipe's upper end, in order
     */
    public function __construct(
        public Pipe $pipe, public float $from, public float $to, float $length, public Material $material, public ?float $bore,
        public array $bends,
    ) {
        $this->fromStart = $from <= self::END_M;
        $this->toEnd = $to >= $length - self::END_M;
    }

    /** Whether the map would know more by it: another fabric or more bends; of a whole pipe also that it was seen. */
    public function tells(): bool
    {
        $isWhole = $this->fromStart && $this->toEnd;

        return $this->hasOtherMaterial($isWhole) || $this->hasOtherBore($isWhole) || $this->hasMoreBends();
    }

    /** Whether the map has all of it, and only knows it less well. */
    public function confirms(): bool
    {
        return !$this->hasOtherMaterial(false) && !$this->hasOtherBore(false) && !$this->hasMoreBends();
    }

    public function part(): PipePart
    {
        return new PipePart($this->pipe, $this->from, $this->to);
    }

    /** On its own pieces of the pipe: what nobody saw, and what is of another fabric, stays as it was. */
    public function laidOn(Sketch $sketch): Sketch
    {
        $sketch = $this->hasMoreBends() ? $this->straightened($sketch) : $sketch;
        foreach ([...($this->fromStart ? [] : [$this->from]), ...($this->toEnd ? [] : [$this->to])] as $at) {
            $sketch = $this->cut($sketch, $at);
        }
        foreach ($this->pieces($sketch) as [$piece, $start]) {
            $middle = $start + $piece->length->value / 2;
            if (($this->fromStart || $middle > $this->from) && ($this->toEnd || $middle < $this->to)) {
                $sketch = $sketch->withPipe($this->onto($piece, $start));
            }
        }

        return $sketch;
    }

    /** Without the bends that the map had in it, those at its very ends too. */
    private function straightened(Sketch $sketch): Sketch
    {
        foreach ($this->pieces($sketch) as [$piece, $start]) {
            $beyond = array_filter(
                $piece->bends,
                fn (PipeBend $bend) => $bend->at + $start < $this->from - self::HAIR || $bend->at + $start > $this->to + self::HAIR,
            );
            $sketch = $sketch->withPipe($piece->with(bends: array_values($beyond)));
        }

        return $sketch;
    }

    private function cut(Sketch $sketch, float $at): Sketch
    {
        foreach ($this->pieces($sketch) as [$piece, $start]) {
            $up = $piece->length->value - ($at - $start);
            if ($at - $start > self::END_M && $up > self::END_M) {
                $node = Node::junction(\sprintf('change-%s-%d', $this->pipe->id, round($at * 100)));

                return $sketch->redraw()->split($piece->id, $up, $node);
            }
        }

        return $sketch;
    }

    private function onto(Pipe $piece, float $start): Pipe
    {
        $known = Material::Unknown !== $this->material;
        $longest = $piece->length->value;
        $end = $start + $longest;
        // Where two pieces meet a bend is the lower one's, so that it is there once.
        $isLast = $end >= $this->to - self::HAIR;
        $seen = array_map(
            static fn (PipeBend $bend) => $bend->movedBy(-$start, $longest),
            array_filter(
                $this->bends,
                static fn (PipeBend $bend) => $bend->at >= $start - self::HAIR && ($isLast || $bend->at < $end - self::HAIR),
            ),
        );
        $bends = $this->hasMoreBends() ? [...$seen, ...$piece->bends] : $piece->bends;
        usort($bends, static fn (PipeBend $a, PipeBend $b) => $a->at <=> $b->at);

        return $piece->with(
            material: $known ? $this->material : $piece->material, materialSource: $known ? Source::Seen : $piece->materialSource,
            bore: null === $this->bore ? $piece->bore : new Known($this->bore, Source::Seen), bends: $bends,
        );
    }

    private function hasOtherMaterial(bool $isWhole): bool
    {
        return Material::Unknown !== $this->material
            && ($this->material !== $this->pipe->material || ($isWhole && $this->pipe->materialSource->isWeakerThan(Source::Seen)));
    }

    private function hasOtherBore(bool $isWhole): bool
    {
        return null !== $this->bore && (abs($this->bore - $this->pipe->bore->value) > self::NOTABLE_MM
            || ($isWhole && $this->pipe->bore->source->isWeakerThan(Source::Seen)));
    }

    private function hasMoreBends(): bool
    {
        $known = array_filter(
            $this->pipe->bends,
            fn (PipeBend $bend) => !$bend->source->isWeakerThan(Source::Seen) && $bend->at >= $this->from && $bend->at <= $this->to,
        );

        return \count($this->bends) > \count($known);
    }

    /** @return list<array{Pipe, float}> the pieces of what was one pipe, down the flow, and where each begins */
    private function pieces(Sketch $sketch): array
    {
        $pieces = [];
        $start = 0.0;
        for ($piece = $sketch->pipes[$this->pipe->id] ?? null; null !== $piece; $piece = $next) {
            $pieces[] = [$piece, $start];
            $start += $piece->length->value;
            $next = preg_match('/^(change|seen)-/', $piece->to) ? $sketch->below($piece->to) : null;
        }

        return $pieces;
    }
}
