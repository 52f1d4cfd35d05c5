<?php

declare(strict_types=1);

namespace Jurvex\Core\Looks;

use Jurvex\Core\Finding\Fact;
use Jurvex\Core\Finding\Finding;

/** A finding where it lies on the property's map: its distances are metres from the pipe's upper end. */
final readonly class PlacedFinding
{
    /** @param array<string, float> $beside what to add to its metres to tell them on a pipe that meets its own near by, by pipe */
    public function __construct(public string $pipe, public Finding $finding, private array $beside = [])
    {
    }

    /** Metres between the two extents; nothing where they meet, without end where their pipes do not. */
    public function gapTo(self $other): float
    {
        $shift = $this->shiftOf($other);

        return max(
            0.0,
            $other->finding->from->metres + $shift - $this->finding->end()->metres,
            $this->finding->from->metres - $other->finding->end()->metres - $shift,
        );
    }

    /** Metres between the two starts; without end where their pipes do not meet. */
    public function startsApart(self $other): float
    {
        return abs($other->finding->from->metres + $this->shiftOf($other) - $this->finding->from->metres);
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

    /** @return list<string> each the same for all that speak of one kind of trouble on one pipe */
    public function troubles(): array
    {
        return array_map(fn (string $pipe) => $this->finding->kind->trouble().' '.$pipe, $this->pipes());
    }

    /** Whether its depth was taken while water was running. */
    public function isProvisional(): bool
    {
        return $this->finding->says(Fact::Water, 'on');
    }
}
