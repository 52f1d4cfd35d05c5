<?php

declare(strict_types=1);

namespace Jurvex\Core\Sketch;

use Jurvex\Core\LineMap\Access;
use Jurvex\Core\LineMap\Faces;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Reach\Rig;

/** Where an opening could be made, and what it would open up. */
final readonly class NewOpenings
{
    private const NEW_OPENING_MM = 102.0;
    /** A gain under this is none, in metres. */
    private const LEAST_GAIN_M = 0.005;

    public function __construct(private ReachFinder $finder)
    {
    }

    /**
     * Where a new opening would open up the most that no tool reaches now.
     *
     * @return ?array{Node, float} the place, and the metres gained; none when nothing is gained
     */
    public function best(): ?array
    {
        $best = null;
        $now = $this->finder->reachedByAny();
        foreach ($this->edgesOf($now) as $node) {
            $gain = $this->gainOf(self::asNew($node), $this->finder->rigs, $now);
            if ($gain > ($best[1] ?? self::LEAST_GAIN_M)) {
                $best = [$node, $gain];
            }
        }

        return $best;
    }

    /** @return list<WhatElse> of the places from which the target is reached, the one that opens up the most besides */
    public function to(string $target): array
    {
        $now = $this->finder->reachedByAny();
        $best = null;
        foreach ($this->edgesOf($now + [$target => 0.0]) as $node) {
            $access = self::asNew($node);
            $rig = $this->finder->rigThatReaches($access, $target);
            $gain = null === $rig ? 0.0 : $this->gainOf($access, [$rig], $now);
            if (null !== $rig && $gain > ($best->metres ?? -1.0)) {
                $best = new WhatElse(Alternative::NewOpening, $node, $rig, metres: $gain);
            }
        }

        return null === $best ? [] : [$best];
    }

    /**
     * Nodes beside a pipe that is not wholly reached: an opening anywhere else gains nothing that one of these does not.
     *
     * @param array<string, float> $reached metres by pipe
     *
     * @return list<Node>
     */
    private function edgesOf(array $reached): array
    {
        $edges = [];
        foreach ($this->finder->sketch->pipes as $pipe) {
            if (($reached[$pipe->id] ?? 0.0) < $pipe->length->value) {
                $edges[$pipe->from] = $this->finder->sketch->nodes[$pipe->from];
                $edges[$pipe->to] = $this->finder->sketch->nodes[$pipe->to];
            }
        }
        unset($edges[$this->finder->sketch->outlet->id]);

        return array_values($edges);
    }

    /**
     * @param list<Rig> $rigs
     * @param array<string, float> $now metres by pipe that are reached already
     */
    private function gainOf(Access $access, array $rigs, array $now): float
    {
        $best = [];
        foreach ($rigs as $rig) {
            foreach ($this->finder->reach($access, $rig) as $id => $reach) {
                $best[$id] = max($best[$id] ?? 0.0, $reach->metres);
            }
        }
        $gain = 0.0;
        foreach ($best as $id => $metres) {
            $gain += max(0.0, $metres - ($now[$id] ?? 0.0));
        }

        return $gain;
    }

    private static function asNew(Node $node): Access
    {
        return new Access(
            $node->id, Length::millimetres(self::NEW_OPENING_MM), Faces::Both, Length::metres(0), 45.0,
            Length::millimetres(self::NEW_OPENING_MM),
        );
    }
}
