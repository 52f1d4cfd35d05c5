<?php

declare(strict_types=1);

namespace Jurvex\Core\Sketch;

/** What a run of the camera would write into the map: a change, its place, and what the map says now. */
final readonly class Proposal
{
    /** Two lengths or bores nearer than this are the same. */
    private const SAME_LENGTH_M = 0.1;
    private const SAME_BORE_MM = 5.0;
    /** Two cameras have one tie-in so far apart, and stretches that share less do not overlap. */
    private const SAME_PLACE_M = 0.5;
    private const HAIR_M = 0.05;

    /**
     * @param string $code length, fabric, tie_in, tied_seen, tied_proved or tied_met
     * @param string $at the pipe or node that it alters
     * @param array<string, float|string> $values what was seen, by names that carry the unit
     * @param \Closure(Sketch): Sketch $change
     * @param string $seenFrom the opening's node from which it was seen
     * @param ?PipePart $part where on the pipe
     * @param bool $confirms whether the map has it already, and only knows it less well
     */
    public function __construct(
        public string $key, public string $code, public string $at, public array $values, private \Closure $change,
        public string $seenFrom = '', private ?PipePart $part = null, public bool $confirms = false,
    ) {
    }

    public function acceptedIn(Sketch $sketch): Sketch
    {
        return ($this->change)($sketch);
    }

    /** Whether the map can take one of them only. */
    public function contradicts(self $other): bool
    {
        if ($this->code !== $other->code || $this->at !== $other->at) {
            return false;
        }

        return match ($this->code) {
            'length' => $this->differs($other, 'length_m', self::SAME_LENGTH_M),
            'fabric' => $this->sharedMetres($other) > self::HAIR_M
                && (($this->values['material'] ?? null) !== ($other->values['material'] ?? null)
                    || $this->differs($other, 'bore_mm', self::SAME_BORE_MM)),
            default => false,
        };
    }

    /** Whether it says all that the other one does. */
    public function says(self $other): bool
    {
        if ($this->code !== $other->code || $this->at !== $other->at || $this->contradicts($other)) {
            return false;
        }

        return match ($this->code) {
            'length' => true,
            'fabric' => null !== $this->part && null !== $other->part && $this->part->from <= $other->part->from + self::HAIR_M
                && $this->part->to >= $other->part->to - self::HAIR_M && ($this->values['count'] ?? 0) >= ($other->values['count'] ?? 0),
            'tie_in' => abs(($this->part->from ?? 0.0) - ($other->part->from ?? 0.0)) <= self::SAME_PLACE_M,
            default => $this->key === $other->key,
        };
    }

    private function differs(self $other, string $name, float $same): bool
    {
        $one = $this->values[$name] ?? null;
        $two = $other->values[$name] ?? null;

        return null !== $one && null !== $two && abs((float) $one - (float) $two) > $same;
    }

    private function sharedMetres(self $other): float
    {
        return null === $this->part || null === $other->part
            ? 0.0
            : min($this->part->to, $other->part->to) - max($this->part->from, $other->part->from);
    }
}
