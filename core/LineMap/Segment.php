<?php

declare(strict_types=1);

namespace Jurvex\Core\LineMap;

use Jurvex\Core\Measure\Length;
use Jurvex\Core\Reach\Bend;
use Jurvex\Core\Reach\Path;
use Jurvex\Core\Reach\Straight;

/** A piece of drain from a node to the next one downstream. */
final readonly class Segment
{
    /**
     * @param float                    $downDegrees its fall, downstream
     * @param list<array{float, Bend}> $bends       metres from the upper node, and the bend; in order
     */
    public function __construct(public string $id, public string $from, public string $to, public Length $length, public ?Length $bore, public float $downDegrees, public array $bends)
    {
    }

    /** A path continued through the whole segment. */
    public function continue(Path $path, bool $downstream): Path
    {
        $bore = $this->bore ?? throw new \LogicException('A segment without a bore has no path.');
        $bends = $downstream ? $this->bends : array_reverse(array_map(fn (array $bend) => [$this->length->metres - $bend[0], $bend[1]], $this->bends));
        $down = $downstream ? $this->downDegrees : -$this->downDegrees;
        $at = 0.0;
        foreach ($bends as [$place, $bend]) {
            $path = $path->then(new Straight(Length::metres(max(0.0, $place - $at)), $bore, $down), $bend);
            $at = $place;
        }

        return $path->then(new Straight(Length::metres(max(0.0, $this->length->metres - $at)), $bore, $down));
    }
}
