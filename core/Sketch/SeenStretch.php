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

    /** On its own piece of the pipe: what nobody saw, and what is of another fabric, stays as it was. */
    public function laidOn(Sketch $sketch): Sketch
    {
        foreach ([...($this->fromStart ? [] : [$this->from]), ...($this->toEnd ? [] : [$this->to])] as $at) {
            [$piece, $start] = self::pieceAt($sketch, $this->pipe->id, $at);
            $up = null === $piece ? 0.0 : $piece->length->value - ($at - $start);
            if (null !== $piece && $up > self::END_M && $at - $start > self::END_M) {
                $node = Node::junction(\sprintf('change-%s-%d', $this->pipe->id, round($at * 100)));
                $sketch = $sketch->redraw()->split($piece->id, $up, $node);
            }
        }
        [$piece, $start] = self::pieceAt($sketch, $this->pipe->id, ($this->from + $this->to) / 2);

        return null === $piece ? $sketch : $sketch->withPipe($this->onto($piece, $start));
    }

    private function onto(Pipe $piece, float $start): Pipe
    {
        $known = Material::Unknown !== $this->material;
        $longest = $piece->length->value;
        $seen = array_map(static fn (PipeBend $bend) => $bend->movedBy(-$start, $longest), $this->bends);
        $beyond = array_filter(
            $piece->bends,
            fn (PipeBend $bend) => $bend->at + $start < $this->from - self::HAIR || $bend->at + $start > $this->to + self::HAIR,
        );
        $bends = $this->hasMoreBends() ? [...$seen, ...array_values($beyond)] : $piece->bends;
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

    /** @return array{?Pipe, float} the piece of what was one pipe at a place on it, and where that piece begins */
    private static function pieceAt(Sketch $sketch, string $id, float $at): array
    {
        $piece = $sketch->pipes[$id] ?? null;
        $start = 0.0;
        while (null !== $piece && $at > $start + $piece->length->value && preg_match('/^(change|seen)-/', $piece->to)) {
            $next = $sketch->below($piece->to);
            if (null === $next) {
                break;
            }
            $start += $piece->length->value;
            $piece = $next;
        }

        return [$piece, $start];
    }
}
