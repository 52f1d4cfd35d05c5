<?php

declare(strict_types=1);

namespace Jurvex\Core\Sketch;

use Jurvex\Core\LineMap\Access;
use Jurvex\Core\LineMap\Drains;
use Jurvex\Core\LineMap\Leg;
use Jurvex\Core\LineMap\ReachMap;
use Jurvex\Core\LineMap\SegmentReach;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Reach\Head;
use Jurvex\Core\Reach\JetHose;
use Jurvex\Core\Reach\Path;
use Jurvex\Core\Reach\Rig;
use Jurvex\Core\Reach\Stopped;
use Jurvex\Core\Reach\Straight;
use Jurvex\Core\Reach\Tool;

/** Which opening and which tool get to a place, and what else would. */
final class ReachFinder
{
    /** Drop of a roof vent that nobody has measured: two floors. */
    private const VENT_DROP_M = 5.0;
    private const NEW_OPENING_MM = 102.0;
    private const LEAST_HEAD_MM = 15.0;
    private const ENDLESS_M = 1e9;

    /** @var array<string, array<string, SegmentReach>> by opening and rig */
    private array $maps = [];

    private readonly Drains $drains;

    /**
     * @param list<Rig> $rigs
     *
     * @throws \LogicException when the sketch has no pipe yet
     */
    public function __construct(private readonly Sketch $sketch, private readonly array $rigs)
    {
        $this->drains = $sketch->drains();
    }

    /** All that a tool passes from an opening to the far end of a pipe, whatever tool it is; none when the opening does not face it. */
    public static function path(Sketch $sketch, Node $opening, string $pipe): ?Path
    {
        $thread = new JetHose(\INF, 0.0, 0.0, 0.0, Length::metres(self::ENDLESS_M), null);

        return ((new ReachMap($sketch->drains(), $thread, true, true))->into($sketch->access($opening))[$pipe] ?? null)?->leg?->path();
    }

    /** @return array<string, SegmentReach> by pipe */
    public function from(Node $opening, Rig $rig): array
    {
        return $this->maps[$opening->id.'|'.$rig->id] ??= $this->reach($this->sketch->access($opening), $rig);
    }

    /**
     * Every opening with every tool for a pipe: first what works, then what gets there at all, then by how little is
     * left; on the same way the widest head, which leaves least behind.
     *
     * @return list<ReachOption>
     */
    public function options(string $target): array
    {
        $options = [];
        foreach ($this->sketch->openings() as $opening) {
            foreach ($this->rigs as $rig) {
                $options[] = $this->option($opening, $rig, $target);
            }
        }
        usort(
            $options,
            static fn (ReachOption $a, ReachOption $b) => [
                $b->works(), $b->arrives(), $a->isBlocked(), $a->missing, $a->metres, $b->headMetres(),
            ] <=> [$a->works(), $a->arrives(), $b->isBlocked(), $b->missing, $b->metres, $a->headMetres()],
        );

        return $options;
    }

    /**
     * What would work where nothing does, each found by trying it.
     *
     * @return list<WhatElse>
     */
    public function whatElse(string $target): array
    {
        return [
            ...$this->smallerHead($target),
            ...$this->otherAbility($target),
            ...$this->otherWayIn($target),
            ...$this->newOpening($target),
        ];
    }

    /** @return array<string, float> metres that some tool reaches from some opening, by pipe */
    public function reachedByAny(): array
    {
        $best = [];
        foreach ($this->sketch->openings() as $opening) {
            foreach ($this->rigs as $rig) {
                foreach ($this->from($opening, $rig) as $id => $reach) {
                    $best[$id] = max($best[$id] ?? 0.0, $reach->metres);
                }
            }
        }

        return $best;
    }

    /**
     * Where a new opening would open up the most that no tool reaches now.
     *
     * @return ?array{Node, float} the place, and the metres gained; none when nothing is gained
     */
    public function bestNewOpening(): ?array
    {
        $best = null;
        $now = $this->reachedByAny();
        foreach ($this->edgesOf($now) as $node) {
            $gain = $this->gainOf($this->asNew($node), $this->rigs, $now);
            if ($gain > ($best[1] ?? 0.005)) {
                $best = [$node, $gain];
            }
        }

        return $best;
    }

    private function option(Node $opening, Rig $rig, string $target): ReachOption
    {
        $map = $this->from($opening, $rig);
        $there = $map[$target];
        if (null !== $there->leg) {
            $path = $there->leg->path();
            $metres = self::metresBefore($there->leg) + $there->metres;

            return new ReachOption(
                $opening, $rig, $metres, $this->sketch->pipes[$target]->length->value - $there->metres, $there->by,
                $rig->pullFrom($path, $metres),
            );
        }
        [$stopped, $missing] = $this->nearest($opening, $map, $target);
        $metres = null === $stopped?->leg ? 0.0 : self::metresBefore($stopped->leg) + $stopped->metres;

        return new ReachOption(
            $opening, $rig, $metres, $missing, $stopped->by ?? $there->by ?? Stopped::NoWay,
            null === $stopped?->leg ? null : $rig->pullFrom($stopped->leg->path(), $metres),
        );
    }

    /**
     * Where on the way to the target it stops: down from the opening, then up to the target.
     *
     * @param array<string, SegmentReach> $map
     *
     * @return array{?SegmentReach, float} the stop, and the metres that are left
     */
    private function nearest(Node $opening, array $map, string $target): array
    {
        $left = $this->sketch->pipes[$target]->length->value;
        $stopped = $map[$target];
        foreach ($this->wayBack($opening->id, $target) as $pipe) {
            $reach = $map[$pipe->id];
            if ($reach->whole) {
                break;
            }
            $left += $pipe->length->value - $reach->metres;
            // What names a cause of its own stopped it; past that nothing was judged.
            if (Stopped::NoWay === $stopped->by || null !== $reach->leg) {
                $stopped = $reach;
            }
            if (null !== $reach->leg) {
                break;
            }
        }

        return [$stopped, $left];
    }

    /** @return list<Pipe> between an opening and a target, from the target back */
    private function wayBack(string $node, string $target): array
    {
        $below = [];
        foreach ($this->sketch->wayDown($node) as $pipe) {
            $below[$pipe->id] = $pipe;
        }
        if (isset($below[$target])) {
            $way = [];
            foreach ($below as $pipe) {
                if ($pipe->id === $target) {
                    break;
                }
                $way[] = $pipe;
            }

            return array_reverse($way);
        }
        $up = [];
        foreach ($this->sketch->wayDown($this->sketch->pipes[$target]->to) as $pipe) {
            if (isset($below[$pipe->id])) {
                break;
            }
            $up[] = $pipe;
        }
        $meet = [] === $up ? $this->sketch->pipes[$target]->to : $up[\count($up) - 1]->to;
        $down = [];
        foreach ($below as $pipe) {
            if ($pipe->from === $meet) {
                break;
            }
            $down[] = $pipe;
        }

        return [...$up, ...array_reverse($down)];
    }

    /** @return list<WhatElse> the widest head of each tool that is too big, from the opening where it is least so */
    private function smallerHead(string $target): array
    {
        $found = [];
        foreach ($this->rigs as $rig) {
            $head = $rig->tool->head();
            if (null === $head) {
                continue;
            }
            foreach ($this->sketch->openings() as $opening) {
                $bare = $rig->tool->withHead(new Head(Length::metres(0), Length::metres(0), $head->clearance));
                $there = $this->reachWith($this->sketch->access($opening), $bare, $rig->steers, $rig->passesTraps)[$target];
                if (!$there->whole || null === $there->leg || $this->from($opening, $rig)[$target]->whole) {
                    continue;
                }
                $size = self::widestHead($there->leg->path(), $opening, $head);
                if (null !== $size && $size->width->inMillimetres() > (($found[0] ?? null)?->width?->inMillimetres() ?? 0.0)) {
                    $found = [new WhatElse('smaller_head', $opening, $rig, $size->width, $size->stiffLength)];
                }
            }
        }

        return $found;
    }

    private static function widestHead(Path $path, Node $opening, Head $head): ?Head
    {
        $bore = $opening->mouth->size->value ?? \INF;
        foreach ($path->pieces as $piece) {
            $bore = min($bore, $piece->bore->inMillimetres());
        }
        for ($width = min(
            $head->width->inMillimetres(),
            floor($bore - $head->clearance->inMillimetres()),
        ); $width >= self::LEAST_HEAD_MM; --$width) {
            $longest = $head->stiffLength->metres;
            foreach ($path->pieces as $piece) {
                $longest = $piece instanceof Straight
                    ? $longest
                    : min($longest, $piece->longestStiffHead(Length::millimetres($width))->metres);
            }
            // A head that is not even as long as it is wide is none.
            if ($longest * 1000 >= $width) {
                return new Head(Length::millimetres($width), Length::millimetres(floor($longest * 1000)), $head->clearance);
            }
        }

        return null;
    }

    /** @return list<WhatElse> */
    private function otherAbility(string $target): array
    {
        $found = [];
        foreach ($this->rigs as $rig) {
            foreach ($this->sketch->openings() as $opening) {
                if ($this->from($opening, $rig)[$target]->whole) {
                    continue;
                }
                $access = $this->sketch->access($opening);
                if (!isset($found['leader'])
                    && !$rig->passesTraps
                    && $this->reachWith($access, $rig->tool, $rig->steers, true)[$target]->whole
                ) {
                    $found['leader'] = new WhatElse('leader', $opening, $rig);
                } elseif (!isset($found['steered'])
                    && !$rig->steers
                    && $this->reachWith($access, $rig->tool, true, $rig->passesTraps)[$target]->whole
                ) {
                    $found['steered'] = new WhatElse('steered', $opening, $rig);
                }
            }
        }

        return array_values($found);
    }

    /** @return list<WhatElse> a toilet pulled, or the vent over a stack with its drop */
    private function otherWayIn(string $target): array
    {
        $found = [];
        foreach ($this->sketch->nodes as $node) {
            $pipe = $this->sketch->below($node->id);
            if (null === $pipe || NodeKind::Opening === $node->kind) {
                continue;
            }
            $bore = Length::millimetres($pipe->bore->value);
            if (FixtureKind::Toilet->value === $node->what
                && null !== $rig = $this->rigThatReaches(
                    new Access($node->id, $bore, 'downstream', Length::metres(0), 90.0, $bore),
                    $target,
                )
            ) {
                $found['pulled_toilet'] ??= new WhatElse('pulled_toilet', $node, $rig);
            }
            $isTop = $pipe->isUpright()
                && [] === array_filter($this->sketch->above($node->id), static fn (Pipe $above) => $above->isUpright());
            if ($isTop
                && null !== $rig = $this->rigThatReaches(
                    new Access($node->id, $bore, 'downstream', Length::metres(self::VENT_DROP_M), 0.0, $bore),
                    $target,
                )
            ) {
                $found['roof_vent'] ??= new WhatElse('roof_vent', $node, $rig, metres: self::VENT_DROP_M);
            }
        }

        return array_values($found);
    }

    private function rigThatReaches(Access $access, string $target): ?Rig
    {
        foreach ($this->rigs as $rig) {
            if ($this->reach($access, $rig)[$target]->whole) {
                return $rig;
            }
        }

        return null;
    }

    /** @return list<WhatElse> of the places from which the target is reached, the one that opens up the most besides */
    private function newOpening(string $target): array
    {
        $now = $this->reachedByAny();
        $best = null;
        foreach ($this->edgesOf($now + [$target => 0.0]) as $node) {
            $access = $this->asNew($node);
            $rig = $this->rigThatReaches($access, $target);
            $gain = null === $rig ? 0.0 : $this->gainOf($access, [$rig], $now);
            if (null !== $rig && $gain > ($best->metres ?? -1.0)) {
                $best = new WhatElse('new_opening', $node, $rig, metres: $gain);
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
        foreach ($this->sketch->pipes as $pipe) {
            if (($reached[$pipe->id] ?? 0.0) < $pipe->length->value) {
                $edges[$pipe->from] = $this->sketch->nodes[$pipe->from];
                $edges[$pipe->to] = $this->sketch->nodes[$pipe->to];
            }
        }
        unset($edges[$this->sketch->outlet->id]);

        return array_values($edges);
    }

    /**
     * @param list<Rig>            $rigs
     * @param array<string, float> $now  metres by pipe that are reached already
     */
    private function gainOf(Access $access, array $rigs, array $now): float
    {
        $best = [];
        foreach ($rigs as $rig) {
            foreach ($this->reach($access, $rig) as $id => $reach) {
                $best[$id] = max($best[$id] ?? 0.0, $reach->metres);
            }
        }
        $gain = 0.0;
        foreach ($best as $id => $metres) {
            $gain += max(0.0, $metres - ($now[$id] ?? 0.0));
        }

        return $gain;
    }

    private function asNew(Node $node): Access
    {
        return new Access(
            $node->id, Length::millimetres(self::NEW_OPENING_MM), 'both', Length::metres(0), 45.0,
            Length::millimetres(self::NEW_OPENING_MM),
        );
    }

    /** @return array<string, SegmentReach> */
    private function reach(Access $access, Rig $rig): array
    {
        return $this->reachWith($access, $rig->tool, $rig->steers, $rig->passesTraps);
    }

    /** @return array<string, SegmentReach> */
    private function reachWith(Access $access, Tool $tool, bool $steers, bool $passesTraps): array
    {
        return (new ReachMap($this->drains, $tool, $steers, $passesTraps))->into($access);
    }

    /** Metres from the opening to where the leg begins, its drop among them. */
    private static function metresBefore(Leg $leg): float
    {
        return $leg->path()->metres() - $leg->segment->length->metres;
    }
}
