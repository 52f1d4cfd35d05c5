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
use Jurvex\Core\Reach\Tool;

/** Which opening and which tool get to a place. */
final class ReachFinder
{
    private const ENDLESS_M = 1e9;

    /** @var array<string, array<string, SegmentReach>> by opening and rig */
    private array $maps = [];

    private readonly Drains $drains;

    private readonly ReachView $view;

    /**
     * @param list<Rig> $rigs
     *
     * @throws \LogicException when the sketch has no pipe yet
     */
    public function __construct(public readonly Sketch $sketch, public readonly array $rigs)
    {
        $this->view = new ReachView($sketch);
        $this->drains = $this->view->drains();
    }

    /** All that a tool passes from an opening to the far end of a pipe, whatever tool it is; none when the opening does not face it. */
    public static function path(Sketch $sketch, Node $opening, string $pipe): ?Path
    {
        return self::leg($sketch, $opening, $pipe)?->path();
    }

    /** How any tool at all comes to a pipe; none when the opening does not face it. */
    public static function leg(Sketch $sketch, Node $opening, string $pipe): ?Leg
    {
        $thread = new JetHose(\INF, 0.0, 0.0, 0.0, Length::metres(self::ENDLESS_M), null);

        if (!isset($sketch->pipes[$pipe])) {
            return null;
        }
        $finder = new self($sketch, []);

        return $finder->to($pipe, $finder->access($opening), $thread, true, true)->leg;
    }

    /** @return array<string, SegmentReach> by pipe */
    public function from(Node $opening, Rig $rig): array
    {
        return $this->maps[$opening->id.'|'.$rig->id] ??= $this->reach($this->view->access($opening), $rig);
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

    /** @param float $work metres from the opening to where it works, where that is before the target's end: it is drawn back from there */
    public function option(Node $opening, Rig $rig, string $target, float $work = \INF): ReachOption
    {
        $way = $this->wayBack($opening->id, $target);
        $map = $this->maps[$opening->id.'|'.$rig->id]
            ?? $this->along($way, $target, $this->access($opening), $rig->tool, $rig->steers, $rig->passesTraps);
        $there = $map[$target];
        if (null !== $there->leg) {
            $path = $there->leg->path();
            $metres = self::metresBefore($there->leg) + $there->metres;

            return new ReachOption(
                $opening, $rig, $metres, $this->sketch->pipes[$target]->length->value - $there->metres, $there->by,
                $rig->pullFrom($path, min($work, $metres)),
            );
        }
        [$stopped, $missing] = $this->nearest($way, $map, $target);
        $metres = null === $stopped?->leg ? 0.0 : self::metresBefore($stopped->leg) + $stopped->metres;

        return new ReachOption(
            $opening, $rig, $metres, $missing, $stopped->by ?? $there->by ?? Stopped::NoWay,
            null === $stopped?->leg ? null : $rig->pullFrom($stopped->leg->path(), $metres),
        );
    }

    /**
     * Into a pipe, by an access that need not be there yet. In a tree there is one way to it; what lies beside that is not judged.
     */
    public function to(string $target, Access $access, Tool $tool, bool $steers, bool $passesTraps): SegmentReach
    {
        return $this->along($this->wayBack($access->node, $target), $target, $access, $tool, $steers, $passesTraps)[$target];
    }

    public function rigTo(string $target, Node $opening, Rig $rig): SegmentReach
    {
        return $this->maps[$opening->id.'|'.$rig->id][$target]
            ?? $this->to($target, $this->view->access($opening), $rig->tool, $rig->steers, $rig->passesTraps);
    }

    /**
     * @param list<Pipe> $way from the target back
     *
     * @return array<string, SegmentReach> of the target and its way, by pipe
     */
    private function along(array $way, string $target, Access $access, Tool $tool, bool $steers, bool $passesTraps): array
    {
        $only = [$target => true];
        foreach ($way as $pipe) {
            $only[$pipe->id] = true;
        }

        return (new ReachMap($this->drains, $tool, $steers, $passesTraps, $only))->into($access);
    }

    /**
     * Where on the way to the target it stops: down from the opening, then up to the target.
     *
     * @param list<Pipe> $way from the target back
     * @param array<string, SegmentReach> $map
     *
     * @return array{?SegmentReach, float} the stop, and the metres that are left
     */
    private function nearest(array $way, array $map, string $target): array
    {
        $left = $this->sketch->pipes[$target]->length->value;
        $stopped = $map[$target];
        foreach ($way as $pipe) {
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

    public function access(Node $opening): Access
    {
        return $this->view->access($opening);
    }

    /** The first tool that wholly reaches a pipe by an access, which need not be there yet. */
    public function rigThatReaches(Access $access, string $target): ?Rig
    {
        foreach ($this->rigs as $rig) {
            if ($this->to($target, $access, $rig->tool, $rig->steers, $rig->passesTraps)->whole) {
                return $rig;
            }
        }

        return null;
    }

    /** @return array<string, SegmentReach> by pipe */
    public function reach(Access $access, Rig $rig): array
    {
        return (new ReachMap($this->drains, $rig->tool, $rig->steers, $rig->passesTraps))->into($access);
    }

    /** Metres from the opening to where the leg begins, its drop among them. */
    private static function metresBefore(Leg $leg): float
    {
        return $leg->path()->metres() - $leg->segment->length->metres;
    }
}
