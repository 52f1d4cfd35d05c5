<?php

declare(strict_types=1);

namespace Jurvex\Core\Looks;

use Jurvex\Core\Finding\Fact;
use Jurvex\Core\Finding\Finding;

/** A finding where it lies on the property's map: its distances are metres from the pipe's upper end. */
final readonly class PlacedFinding
{
    /** Metres from the pipe's upper end. */
    public float $from;
    public float $to;

    /** @var list<string> each the same for all that speak of one kind of trouble on one pipe */
    public array $troubles;

    /** @param array<string, float> $beside what to add to its metres to tell them on a pipe that meets its own near by, by pipe */
    public function __construct(public string $pipe, public Finding $finding, private array $beside = [])
    {
        $this->from = $finding->from->metres;
        $this->to = $finding->end()->metres;
        $trouble = $finding->kind->trouble();
        $this->troubles = array_map(static fn (string $pipe) => $trouble.' '.$pipe, $this->pipes());
    }

    /** Metres between the two extents; nothing where they meet, without end where their pipes do not. */
    public function gapTo(self $other): float
    {
        $shift = $this->shiftOf($other);

        return max(0.0, $other->from + $shift - $this->to, $this->from - $other->to - $shift);
    }

    /** Metres between the two starts; without end where their pipes do not meet. */
    public function startsApart(self $other): float
    {
        return abs($other->from + $this->shiftOf($other) - $this->from);
    }

    /** @return list<string> its own, and those that meet it near by */
    public function pipes(): array
    {
        return [$this->pipe, ...array_keys($this->beside)];
    }

    private function shiftOf(self $other): float
    {
        return $this->pipe === $other->pipe ? 0.0 : $other->beside[$this->pipe] ?? -($this->beside[$other->pipe] ?? -\INF);
    }

    /** Whether its depth was taken while water was running. */
    public function isProvisional(): bool
    {
        return $this->finding->says(Fact::Water, 'on');
    }
}
