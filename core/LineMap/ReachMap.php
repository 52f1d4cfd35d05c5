<?php

declare(strict_types=1);

namespace Jurvex\Core\LineMap;

use Jurvex\Core\Measure\Length;
use Jurvex\Core\Reach\Bend;
use Jurvex\Core\Reach\Path;
use Jurvex\Core\Reach\Stopped;
use Jurvex\Core\Reach\Straight;
use Jurvex\Core\Reach\Tool;

/** What a tool reaches of a drain system from one opening. A walk over the tree: every segment has one way to it. */
final class ReachMap
{
    private const SHARPEST_TURN = 90.0;
    /** Where a segment's end is met to this, it is met. */
    private const HAIR = 1e-9;

    /** @var array<string, SegmentReach> */
    private array $reached = [];

    /** @param array<string, Branch> $branches by segment; what is not among them runs straight through */
    public function __construct(private readonly Tree $tree, private readonly array $branches, private readonly Tool $tool, private readonly bool $steers)
    {
    }

    /** @return list<SegmentReach> by segment */
    public function from(Access $access): array
    {
        $this->reached = [];
        $head = $this->tool->head();
        $fits = null === $head || $head->fits($access->opening);
        if ($fits) {
            $this->enter($access);
        }
        foreach ($this->tree->segments as $segment) {
            $this->reached[$segment->id] ??= new SegmentReach($segment->id, 0.0, false, $fits ? Stopped::NoWay : Stopped::OpeningTooSmall);
        }
        ksort($this->reached, \SORT_STRING);

        return array_values($this->reached);
    }

    private function enter(Access $access): void
    {
        // Without a drop there is no piece that stands upright, in which a rod would coil up soonest.
        $start = new Path($access->drop->metres > 0 ? [new Straight($access->drop, $access->opening, 90.0)] : []);
        $down = $access->leadsDown() ? $this->tree->below($access->node) : null;
        if (null !== $down) {
            $this->walk($start, $this->entryBend($access, $down), $down, true);
        }
        if ($access->leadsUp()) {
            foreach ($this->tree->above($access->node) as $segment) {
                $this->turnUp($start, $this->entryBend($access, $segment), $segment);
            }
        }
    }

    /** @return list<Bend> none when the opening leads straight in */
    private function entryBend(Access $access, Segment $into): array
    {
        return $access->bendDegrees > 0 ? [self::bend($access->bendDegrees, $access->bendRadius, $into)] : [];
    }

    /** @param list<Bend> $turns on the way into the segment */
    private function walk(Path $path, array $turns, Segment $segment, bool $downstream): void
    {
        $whole = $segment->continue($path->then(...$turns), $downstream);
        $reach = $this->tool->reach($whole);
        $metres = min($segment->length->metres, max(0.0, $reach->metres - $path->metres()));
        $isWhole = Stopped::EndOfPath === $reach->by || $metres >= $segment->length->metres - self::HAIR && $reach->metres >= $path->metres() + $segment->length->metres - self::HAIR;
        $this->reached[$segment->id] = new SegmentReach($segment->id, $metres, $isWhole, $isWhole ? null : $reach->by);
        if (!$isWhole) {
            return;
        }
        if ($downstream) {
            $this->goOnDown($whole, $segment);

            return;
        }
        foreach ($this->tree->above($segment->from) as $next) {
            $this->turnUp($whole, [], $next);
        }
    }

    private function goOnDown(Path $path, Segment $from): void
    {
        $branch = $this->branches[$from->id] ?? null;
        $next = $this->tree->below($from->to);
        if (null !== $next) {
            $this->walk($path, null === $branch ? [] : [self::bend($branch->degrees, $branch->radius, $next)], $next, true);
        }
        foreach ($this->tree->above($from->to) as $other) {
            if ($other === $from) {
                continue;
            }
            $concerned = $branch ?? $this->branches[$other->id] ?? null;
            $turn = null === $concerned ? 180.0 : 180.0 - $concerned->degrees;
            if (null === $concerned || $turn > self::SHARPEST_TURN) {
                $this->refuse($other, Stopped::AgainstSweep);
            } elseif (!$this->steers) {
                $this->refuse($other, Stopped::Steer);
            } else {
                $this->walk($path, [self::bend($turn, $concerned->radius, $other)], $other, false);
            }
        }
    }

    /**
     * Into a segment against the flow, arriving at its lower node from below.
     *
     * @param list<Bend> $turns already on the way
     */
    private function turnUp(Path $path, array $turns, Segment $into): void
    {
        $branch = $this->branches[$into->id] ?? null;
        if (null === $branch) {
            $this->walk($path, $turns, $into, false);
        } elseif ($this->steers) {
            $this->walk($path, [...$turns, self::bend($branch->degrees, $branch->radius, $into)], $into, false);
        } else {
            $this->refuse($into, Stopped::Steer);
        }
    }

    private function refuse(Segment $segment, Stopped $by): void
    {
        $this->reached[$segment->id] = new SegmentReach($segment->id, 0.0, false, $by);
    }

    private static function bend(float $degrees, Length $radius, Segment $into): Bend
    {
        $bore = $into->bore ?? throw new \LogicException('A segment without a bore has no path.');

        // A wider pipe behind a tight branch: its radius cannot be under half the bore.
        return new Bend($degrees, Length::metres(max($radius->metres, $bore->metres / 2)), $bore);
    }
}
