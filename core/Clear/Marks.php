<?php

declare(strict_types=1);

namespace Jurvex\Core\Clear;

use Jurvex\Core\Measure\Length;

/** What can be counted on a tool as it goes in: marks of a hose at even steps, or the couplings that a cable has. */
final readonly class Marks
{
    /** Two places nearer than this are one. */
    private const HAIR_M = 1e-9;

    /** @param ?list<float> $places in metres from the head, in order; none for even steps */
    private function __construct(private float $step, private ?array $places)
    {
    }

    /** @param Length $step over nought */
    public static function every(Length $step): self
    {
        return new self($step->metres, null);
    }

    /** @param list<Length> $places from the head; nothing where the cable is in one piece */
    public static function at(array $places): self
    {
        $metres = array_map(static fn (Length $place) => $place->metres, $places);
        sort($metres);

        return new self(0.0, $metres);
    }

    /** How many are in the line with so much of the tool. */
    public function within(float $metres): int
    {
        return null === $this->places
            ? (int) floor($metres / $this->step + self::HAIR_M)
            : \count(array_filter($this->places, static fn (float $place) => $place <= $metres + self::HAIR_M));
    }

    /** @return ?float metres from the head to the first one, or the second, and so on; none where there is no such one */
    public function place(int $number): ?float
    {
        return null === $this->places ? $number * $this->step : $this->places[$number - 1] ?? null;
    }

    /** @return ?float how much is in when the next one has gone in; none after the last */
    public function next(float $metres): ?float
    {
        return $this->place($this->within($metres) + 1);
    }

    /** How much is in when the last one has come out. */
    public function previous(float $metres): float
    {
        $within = $this->within($metres);
        $last = 0 === $within ? 0.0 : $this->place($within) ?? 0.0;

        return max(0.0, $last < $metres - self::HAIR_M ? $last : ($within > 1 ? $this->place($within - 1) ?? 0.0 : 0.0));
    }

    /** Whether there is anything to count. */
    public function isCountable(): bool
    {
        return [] !== $this->places;
    }
}
