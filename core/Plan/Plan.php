<?php

declare(strict_types=1);

namespace Jurvex\Core\Plan;

use Jurvex\Core\Measure\Halving;
use Jurvex\Core\Sketch\Joins;
use Jurvex\Core\Sketch\Node;
use Jurvex\Core\Sketch\NodeKind;
use Jurvex\Core\Sketch\Pipe;
use Jurvex\Core\Sketch\Sketch;

/**
 * The line map as a schematic plan: everything flows to the right, to the outlet; lengths to scale. Every dead end and
 * every opening has a lane of its own, in which nothing stands to the left of it but its label; a branch farther
 * upstream has its lane nearer to the line that it joins. So no branch crosses another and no label meets anything.
 */
final class Plan
{
    private const ROW = 40.0;
    private const TOP = 30.0;
    private const LEAST_RIGHT = 62.0;
    private const MOST_RIGHT_SHARE = 0.234;
    private const BEFORE_OUTLET_LABEL = 20.0;
    private const LARGE_CHARACTER = 7.4;
    private const LEFT = 6.0;
    private const BEFORE_LABEL = 14.0;
    private const LEAST = 14.0;
    private const HALVINGS = 16;
    private const MOST_PER_METRE = 60.0;
    private const SWEEP = 8.0;
    private const CHARACTER = 7.4;
    private const SMALL_CHARACTER = 6.3;

    /** @var array<string, float> drawn distance from the outlet, by node */
    private array $away = [];

    /** @var array<string, int> by node */
    private array $lanes = [];

    /** @var array<string, int> lane of an opening's stub, by node */
    private array $stubs = [];

    /** @var list<PlanPipe> */
    public array $pipes = [];

    /** @var list<PlanNode> */
    public array $nodes = [];

    public readonly float $height;

    public readonly PlanNode $outlet;

    /** Room behind the outlet, for its label. */
    private readonly float $right;

    /** Units of the drawing to the metre. */
    public readonly float $perMetre;

    /**
     * @param array<string, string> $nodeLabels by node
     * @param array<string, array{string, string}> $pipeLabels by pipe: in full, and in short for where that does not fit
     */
    public function __construct(
        private readonly Sketch $sketch,
        public readonly float $width,
        private readonly array $nodeLabels,
        array $pipeLabels,
    ) {
        $outletLabel = self::BEFORE_OUTLET_LABEL + self::LARGE_CHARACTER * mb_strlen($nodeLabels[$sketch->outlet->id] ?? '');
        $this->right = max(self::LEAST_RIGHT, min(self::MOST_RIGHT_SHARE * $width, $outletLabel));
        $this->perMetre = $this->scale();
        $this->measure($this->perMetre);
        [$up, $down] = $this->place($sketch->outlet->id);
        $this->lift($up);
        $this->height = self::TOP + ($up + $down) * self::ROW + self::TOP;
        foreach ($sketch->pipes as $pipe) {
            $this->pipes[] = $this->pipe($pipe, $pipeLabels[$pipe->id] ?? ['', '']);
        }
        foreach ($sketch->nodes as $node) {
            $this->nodes[] = $this->node($node);
        }
        $this->outlet = new PlanNode(
            $sketch->outlet->id, $this->x($sketch->outlet->id), $this->y($sketch->outlet->id), null,
            $nodeLabels[$sketch->outlet->id] ?? '', false,
        );
    }

    /** As many letters of the outlet's label have room behind it in a drawing of this width. */
    public static function outletLetters(float $width): int
    {
        return (int) ((self::MOST_RIGHT_SHARE * $width - self::BEFORE_OUTLET_LABEL) / self::LARGE_CHARACTER);
    }

    /** The most to the metre at which every label still has its room. */
    private function scale(): float
    {
        return Halving::border(0.0, self::MOST_PER_METRE, function (float $perMetre): bool {
            $this->measure($perMetre);

            return $this->fits();
        }, self::HALVINGS)[0];
    }

    private function fits(): bool
    {
        foreach ($this->away as $id => $away) {
            $label = $this->hasLane($this->sketch->nodes[$id])
                ? self::BEFORE_LABEL + self::CHARACTER * mb_strlen($this->nodeLabels[$id] ?? '')
                : 0.0;
            if ($away + $label + $this->right + self::LEFT > $this->width) {
                return false;
            }
        }

        return true;
    }

    private function hasLane(Node $node): bool
    {
        return $node->isPlace() || [] === $this->sketch->above($node->id);
    }

    private function measure(float $perMetre): void
    {
        $this->away = [$this->sketch->outlet->id => 0.0];
        $open = [$this->sketch->outlet->id];
        while ([] !== $open) {
            $id = array_pop($open);
            foreach ($this->sketch->above($id) as $pipe) {
                $this->away[$pipe->from] = $this->away[$id] + max(self::LEAST, $pipe->length->value * $perMetre);
                $open[] = $pipe->from;
            }
        }
    }

    /**
     * Gives lanes to the line that ends at a node and to all that joins it, with this line's own lane at nought.
     *
     * @return array{int, int} lanes taken above it and below it
     */
    private function place(string $node): array
    {
        $chain = [$node];
        $sides = [];
        for ($on = $this->straightOn($node); null !== $on; $on = $this->straightOn($on->from)) {
            $chain[] = $on->from;
        }
        // From the top of the line down: what joins it farther up lies nearer to it.
        foreach (array_reverse($chain) as $id) {
            $on = $this->straightOn($id);
            $this->lanes[$id] = 0;
            if (null !== $on && NodeKind::Opening === $this->sketch->nodes[$id]->kind) {
                $sides[] = [$id, null];
            }
            foreach ($this->sketch->above($id) as $pipe) {
                if ($pipe !== $on) {
                    $sides[] = [$id, $pipe];
                }
            }
        }
        $up = $down = 0;
        foreach ($sides as [$id, $pipe]) {
            [$blockUp, $blockDown] = null === $pipe ? [0, 0] : $this->place($pipe->from);
            $height = $blockUp + $blockDown + 1;
            if ($up <= $down) {
                $lane = -($up + 1 + $blockDown);
                $up += $height;
            } else {
                $lane = $down + 1 + $blockUp;
                $down += $height;
            }
            null === $pipe ? $this->stubs[$id] = $lane : $this->shift($pipe->from, $lane);
        }

        return [$up, $down];
    }

    /** The pipe with which a line goes on upstream of a node. */
    private function straightOn(string $node): ?Pipe
    {
        $above = $this->sketch->above($node);
        foreach ($above as $pipe) {
            if (Joins::Straight === $pipe->joins) {
                return $pipe;
            }
        }

        return null;
    }

    private function shift(string $node, int $by): void
    {
        $open = [$node];
        while ([] !== $open) {
            $id = array_pop($open);
            $this->lanes[$id] += $by;
            if (isset($this->stubs[$id])) {
                $this->stubs[$id] += $by;
            }
            foreach ($this->sketch->above($id) as $pipe) {
                $open[] = $pipe->from;
            }
        }
    }

    private function lift(int $by): void
    {
        $this->shift($this->sketch->outlet->id, $by);
    }

    /** @param array{string, string} $labels */
    private function pipe(Pipe $pipe, array $labels): PlanPipe
    {
        $left = $this->x($pipe->from);
        $y = $this->y($pipe->from);
        $endX = $this->x($pipe->to);
        $endY = $this->y($pipe->to);
        $sweep = Joins::Wye === $pipe->joins ? self::SWEEP : 0.0;
        $right = $y === $endY ? $endX : $endX - $sweep;
        $rise = $endY > $y ? -$sweep : $sweep;
        $line = 'M'.$left.' '.$y.'H'.$right.($y === $endY ? '' : 'V'.($endY + $rise).'L'.$endX.' '.$endY);
        $room = $right - $left - 12;
        $label = null;
        foreach ($labels as $text) {
            if (null === $label && '' !== $text && mb_strlen($text) * self::SMALL_CHARACTER <= $room) {
                $label = $text;
            }
        }

        return new PlanPipe($pipe->id, $left, $right, $y, $line, $pipe->length->value * $this->perMetre < self::LEAST, $label);
    }

    private function node(Node $node): PlanNode
    {
        $stub = $this->stubs[$node->id] ?? null;

        return new PlanNode(
            $node->id, $this->x($node->id), null === $stub ? $this->y($node->id) : self::TOP + $stub * self::ROW,
            null === $stub ? null : $this->y($node->id), $this->nodeLabels[$node->id] ?? '',
            [] === $this->sketch->above($node->id),
        );
    }

    private function x(string $node): float
    {
        return round($this->width - $this->right - $this->away[$node], 1);
    }

    private function y(string $node): float
    {
        return self::TOP + $this->lanes[$node] * self::ROW;
    }
}
