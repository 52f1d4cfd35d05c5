<?php

declare(strict_types=1);

namespace Jurvex\Core\LineMap;

use Jurvex\Core\Measure\Length;
use Jurvex\Core\Reach\Bend;
use Jurvex\Core\Reach\Straight;

/** A piece of drain from a node to the next one downstream. */
final class Segment
{
    /** @var array<int, list<Straight|Bend>> by direction */
    private array $pieces = [];

    /**
     * @param float $downDegrees its fall, downstream
     * @param list<array{float, Bend}> $bends metres from the upper node, and the bend; in order
     */
    public function __construct(
        public readonly string $id,
        public readonly string $from,
        public readonly string $to,
        public readonly Length $length,
        public readonly ?Length $bore,
        public readonly float $downDegrees,
        public readonly array $bends,
    ) {
    }

    /**
     * What a tool passes in it, in order.
     *
     * @return list<Straight|Bend>
     */
    public function pieces(bool $downstream): array
    {
        return $this->pieces[(int) $downstream] ??= $this->laidOut($downstream);
    }

    /** The node at which a tool comes out of it. */
    public function end(bool $downstream): string
    {
        return $downstream ? $this->to : $this->from;
    }

    /** @return list<Straight|Bend> */
    private function laidOut(bool $downstream): array
    {
        $bore = $this->bore ?? throw new \LogicException('A segment without a bore has no path.');
        $bends = $downstream
            ? $this->bends
            : array_reverse(array_map(fn (array $bend) => [$this->length->metres - $bend[0], $bend[1]], $this->bends));
        $down = $downstream ? $this->downDegrees : -$this->downDegrees;
        $pieces = [];
        $at = 0.0;
        foreach ($bends as [$place, $bend]) {
            array_push($pieces, new Straight(Length::metres(max(0.0, $place - $at)), $bore, $down), $bend);
            $at = $place;
        }
        $pieces[] = new Straight(Length::metres(max(0.0, $this->length->metres - $at)), $bore, $down);

        return $pieces;
    }
}
