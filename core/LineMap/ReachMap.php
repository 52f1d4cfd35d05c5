<?php

declare(strict_types=1);

namespace Jurvex\Core\LineMap;

use Jurvex\Core\Measure\Length;
use Jurvex\Core\Reach\Advance;
use Jurvex\Core\Reach\Bend;
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

    /**
     * @param bool $steers turns where its user wants
     * @param bool $passesTraps a flexible leader or a small hose
     * @param ?array<string, mixed> $only segments that are judged, by identifier; none for all
     */
    public function __construct(
        private readonly Drains $drains,
        private readonly Tool $tool,
        private readonly bool $steers,
        private readonly bool $passesTraps = false,
        private readonly ?array $only = null,
    ) {
    }

    /** @return list<SegmentReach> by segment */
    public function from(Access $access): array
    {
        $reached = $this->into($access);
        ksort($reached, \SORT_STRING);

        return array_values($reached);
    }

    /** @return array<string, SegmentReach> by segment, in no order */
    public function into(Access $access): array
    {
        $this->reached = [];
        $refused = $this->refusedAt($access);
        if (null === $refused) {
            $this->enter($access);
        }
        foreach ($this->drains->tree->segments as $segment) {
            if ($this->judges($segment)) {
                $this->reached[$segment->id] ??= new SegmentReach($segment->id, 0.0, false, $refused ?? Stopped::NoWay);
            }
        }

        return $this->reached;
    }

    /** Why it does not even enter. */
    private function refusedAt(Access $access): ?Stopped
    {
        return match (true) {
            false === $this->tool->head()?->fits($access->opening) => Stopped::OpeningTooSmall,
            $access->trap && !$this->passesTraps => Stopped::Trap,
            default => null,
        };
    }

    private function enter(Access $access): void
    {
        $tree = $this->drains->tree;
        // Without a drop there is no piece that stands upright, in which a rod would coil up soonest.
        $drop = $access->drop->metres > 0 ? [new Straight($access->drop, $access->opening, 90.0)] : [];
        $down = $access->leadsDown() ? $tree->below($access->node) : null;
        if (null !== $down) {
            $this->walk(null, $this->tool->setOut(), [...$drop, ...$this->entryBend($access, $down)], $down, true);
        }
        if ($access->leadsUp()) {
            foreach ($tree->above($access->node) as $segment) {
                $this->turnUp(null, $this->tool->setOut(), [...$drop, ...$this->entryBend($access, $segment)], $segment);
            }
        }
    }

    /** @return list<Bend> none when the opening leads straight in */
    private function entryBend(Access $access, Segment $into): array
    {
        return $access->bendDegrees > 0 ? [self::bend($access->bendDegrees, $access->bendRadius, $into)] : [];
    }

    /** @param list<Straight|Bend> $turns on the way into the segment */
    private function walk(?Leg $before, Advance $advance, array $turns, Segment $segment, bool $downstream): void
    {
        if (!$this->judges($segment)) {
            return;
        }
        $entered = $advance->metres();
        foreach ($turns as $turn) {
            $advance = $advance->through($turn);
            $entered += $turn instanceof Straight ? $turn->length->metres : 0.0;
        }
        foreach ($segment->pieces($downstream) as $piece) {
            $advance = $advance->through($piece);
        }
        $length = $segment->length->metres;
        $metres = min($length, max(0.0, $advance->metres() - $entered));
        $stop = $advance->stop();
        $isWhole = null === $stop || $advance->metres() >= $entered + $length - self::HAIR;
        $leg = new Leg($before, $turns, $segment, $downstream);
        $this->reached[$segment->id] = new SegmentReach($segment->id, $metres, $isWhole, $isWhole ? null : $stop->by, $leg);
        if ($isWhole) {
            $this->goOn($leg, $advance);
        }
    }

    private function goOn(Leg $leg, Advance $advance): void
    {
        $node = $leg->segment->end($leg->downstream);
        if (isset($this->drains->traps[$node]) && !$this->passesTraps) {
            $this->refuseBeyond($leg, $node);
        } elseif ($leg->downstream) {
            $this->goOnDown($leg, $advance);
        } else {
            foreach ($this->drains->tree->above($node) as $next) {
                $this->turnUp($leg, $advance, [], $next);
            }
        }
    }

    private function refuseBeyond(Leg $leg, string $node): void
    {
        foreach ([$this->drains->tree->below($node), ...$this->drains->tree->above($node)] as $next) {
            if (null !== $next && $next !== $leg->segment) {
                $this->refuse($next, Stopped::Trap);
            }
        }
    }

    private function goOnDown(Leg $leg, Advance $advance): void
    {
        $from = $leg->segment;
        $branches = $this->drains->branches;
        $branch = $branches[$from->id] ?? null;
        $next = $this->drains->tree->below($from->to);
        if (null !== $next) {
            $this->walk($leg, $advance, null === $branch ? [] : [self::bend($branch->degrees, $branch->radius, $next)], $next, true);
        }
        foreach ($this->drains->tree->above($from->to) as $other) {
            if ($other === $from) {
                continue;
            }
            $concerned = $branch ?? $branches[$other->id] ?? null;
            $turn = null === $concerned ? 180.0 : 180.0 - $concerned->degrees;
            if (null === $concerned || $turn > self::SHARPEST_TURN) {
                $this->refuse($other, Stopped::AgainstSweep);
            } elseif (!$this->steers) {
                $this->refuse($other, Stopped::Steer);
            } else {
                $this->walk($leg, $advance, [self::bend($turn, $concerned->radius, $other)], $other, false);
            }
        }
    }

    /**
     * Into a segment against the flow, arriving at its lower node from below.
     *
     * @param list<Straight|Bend> $turns already on the way
     */
    private function turnUp(?Leg $before, Advance $advance, array $turns, Segment $into): void
    {
        $branch = $this->drains->branches[$into->id] ?? null;
        if (null === $branch) {
            $this->walk($before, $advance, $turns, $into, false);
        } elseif ($this->steers) {
            $this->walk($before, $advance, [...$turns, self::bend($branch->degrees, $branch->radius, $into)], $into, false);
        } else {
            $this->refuse($into, Stopped::Steer);
        }
    }

    private function refuse(Segment $segment, Stopped $by): void
    {
        if ($this->judges($segment)) {
            $this->reached[$segment->id] = new SegmentReach($segment->id, 0.0, false, $by);
        }
    }

    private function judges(Segment $segment): bool
    {
        return null === $this->only || isset($this->only[$segment->id]);
    }

    private static function bend(float $degrees, Length $radius, Segment $into): Bend
    {
        $bore = $into->bore ?? throw new \LogicException('A segment without a bore has no path.');

        // A wider pipe behind a tight branch: its radius cannot be under half the bore.
        return new Bend($degrees, Length::metres(max($radius->metres, $bore->metres / 2)), $bore);
    }
}
