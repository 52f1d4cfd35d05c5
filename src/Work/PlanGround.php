<?php

declare(strict_types=1);

namespace App\Work;

use App\Record\Opening;
use Jurvex\Core\Clear\Place;
use Jurvex\Core\Clear\WeakSpot;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Run\Travel;
use Jurvex\Core\Sketch\Apart;
use Jurvex\Core\Sketch\Pipe;
use Jurvex\Core\Sketch\PipePart;
use Jurvex\Core\Sketch\RunWay;

/** What a clearing plan stands on: where from, which way, where to, and what is known of the pipe between. */
final readonly class PlanGround
{
    /**
     * @param ?RunWay $way from the foot of the drop; none without a map
     * @param ?Apart $side where the likeliest pipe lies, seen from the opening; none where triage says nothing
     * @param ?string $likeliest pipe, by triage
     * @param bool $faces whether a tool from the opening can turn towards the likeliest pipe at all
     * @param list<WeakSpot> $weakSpots on the way
     * @param bool $hasCrossBore whether any look saw another utility in the property's line
     */
    public function __construct(
        public ?Opening $opening, public ?RunWay $way, public Travel $travel, public Place $place, public ?Apart $side,
        public ?string $likeliest, public bool $faces, public array $weakSpots, public bool $hasCrossBore,
    ) {
    }

    public function drop(): Length
    {
        return Length::metres($this->opening?->details()->dropM ?? 0.0);
    }

    /** @return list<Pipe> on the way to a place */
    public function pipes(float $metres): array
    {
        return array_map(static fn (PipePart $part) => $part->pipe, $this->way?->within(0.0, max(0.01, $metres)) ?? []);
    }

    public function pipeAt(float $metres): ?Pipe
    {
        $pipes = $this->pipes($metres);

        return $pipes[\count($pipes) - 1] ?? null;
    }

    /** Where the map has the end of the way; none where nobody knows it. */
    public function end(): ?Length
    {
        $end = $this->way?->end() ?? 0.0;

        return $end > 0 ? Length::metres($end) : null;
    }

    /** Of the way to a place, in percent; none where nobody knows a fall there. */
    public function steepest(float $metres): ?float
    {
        $falls = [];
        foreach ($this->pipes($metres) as $pipe) {
            $fall = $pipe->fallPercent();
            if (null !== $fall && $pipe->down->source->isKnown()) {
                $falls[] = abs($fall);
            }
        }

        return [] === $falls ? null : max($falls);
    }
}
