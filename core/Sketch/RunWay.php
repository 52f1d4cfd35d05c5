<?php

declare(strict_types=1);

namespace Jurvex\Core\Sketch;

use Jurvex\Core\LineMap\Leg;
use Jurvex\Core\Run\Boundary;
use Jurvex\Core\Run\Travel;

/** The pipes that a run comes through, by its own distances: down to the outlet, or up the line past its branches. */
final readonly class RunWay
{
    private const OTHER_BORE_MM = 5.0;

    /**
     * @param list<RunSpan> $spans in the order of the run
     */
    private function __construct(public array $spans, public Travel $travel)
    {
    }

    /** @param float $lead metres of the run before the line itself, such as the drop when the counter was zeroed at the rim */
    public static function along(Sketch $sketch, string $node, Travel $travel, float $lead = 0.0): self
    {
        $spans = [];
        $at = $lead;
        $pipe = self::next($sketch, $node, $travel);
        while (null !== $pipe) {
            $isDown = Travel::Downstream === $travel;
            $end = $isDown ? $pipe->to : $pipe->from;
            $next = self::next($sketch, $end, $travel);
            $spans[] = new RunSpan($pipe, $at, $at + $pipe->length->value, $isDown, self::boundary($sketch, $end, $pipe, $next));
            $at += $pipe->length->value;
            $pipe = $next;
        }

        return new self($spans, $travel);
    }

    /** The way of a tool to the far end of a leg, from the line itself on. */
    public static function to(Sketch $sketch, Leg $leg): self
    {
        $spans = [];
        $at = 0.0;
        foreach ($leg->way() as $on) {
            $length = $on->segment->length->metres;
            $spans[] = new RunSpan($sketch->pipes[$on->segment->id], $at, $at + $length, $on->downstream);
            $at += $length;
        }

        return new self($spans, $leg->downstream ? Travel::Downstream : Travel::Upstream);
    }

    /** The way of a tool through a leg, and on from there as a run would go. */
    public static function through(Sketch $sketch, Leg $leg): self
    {
        $to = self::to($sketch, $leg);
        $last = $to->spans[\count($to->spans) - 1];

        return new self([...$to->spans, ...self::along($sketch, $last->end(), $to->travel, $last->to)->spans], $to->travel);
    }

    /** Metres of the run at its end; nothing when it leads nowhere. */
    public function end(): float
    {
        return [] === $this->spans ? 0.0 : $this->spans[\count($this->spans) - 1]->to;
    }

    /**
     * A stretch of the run as stretches of pipes.
     *
     * @return list<PipePart>
     */
    public function within(float $from, float $to): array
    {
        $parts = [];
        foreach ($this->spans as $span) {
            $a = max($from, $span->from) - $span->from;
            $b = min($to, $span->to) - $span->from;
            if ($b <= $a) {
                continue;
            }
            $length = $span->pipe->length->value;
            $parts[] = $span->down ? new PipePart($span->pipe, $a, $b) : new PipePart($span->pipe, $length - $b, $length - $a);
        }

        return $parts;
    }

    private static function boundary(Sketch $sketch, string $node, Pipe $pipe, ?Pipe $next): ?Boundary
    {
        return match (true) {
            NodeKind::Outlet === $sketch->nodes[$node]->kind => Boundary::LineEnd,
            NodeKind::Opening === $sketch->nodes[$node]->kind => Boundary::Opening,
            \count($sketch->above($node)) > 1 => Boundary::TieIn,
            null === $next => Boundary::LineEnd,
            $next->material !== $pipe->material,
            abs($next->bore->value - $pipe->bore->value) > self::OTHER_BORE_MM => Boundary::Transition,
            default => null,
        };
    }

    private static function next(Sketch $sketch, string $node, Travel $travel): ?Pipe
    {
        if (Travel::Downstream === $travel) {
            return $sketch->below($node);
        }
        $above = $sketch->above($node);
        $straight = 1 === \count($above)
            ? $above
            : array_values(array_filter($above, static fn (Pipe $pipe) => Joins::Straight === $pipe->joins));

        return 1 === \count($straight) ? $straight[0] : null;
    }
}
