<?php

declare(strict_types=1);

namespace Jurvex\Core\Sketch;

/** What a run of the camera would write into the map: a change, its place, and what the map says now. */
final readonly class Proposal
{
    /**
     * @param string $code length, material, bore, bends, tie_in, tied, change
     * @param string $at the pipe or node that it alters
     * @param array<string, float|string> $values what was seen, by names that carry the unit
     * @param \Closure(Sketch): Sketch $change
     */
    public function __construct(public string $key, public string $code, public string $at, public array $values, private \Closure $change)
    {
    }

    public function acceptedIn(Sketch $sketch): Sketch
    {
        return ($this->change)($sketch);
    }
}
